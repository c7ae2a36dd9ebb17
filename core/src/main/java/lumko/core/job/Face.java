package lumko.core.job;

import java.util.List;
import java.util.Optional;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.EveryTime;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Fixture;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import lumko.core.record.TopLayer;
import lumko.core.repair.Mark;

/**
 * A wall, a ceiling, or the trim of a room, as a job finds it, and what is to be done with it.
 *
 * @param wall its geometry; trim is a strip as long as it runs and as high as it is, a fixture a sheet of what there is to paint
 * @param parts what trim consists of besides its strip
 * @param places the marks on it
 * @param panels the every-time places that are to be painted
 * @param around what stands beside it
 * @param fate whether it is part of this job at all
 * @param coatsOn coats of what goes on that are on already, in this job
 */
public record Face(
        String key,
        String room,
        Side side,
        Wall wall,
        TrimParts parts,
        Stack stack,
        List<Place> places,
        Action action,
        GoesOn goesOn,
        List<EveryTime> panels,
        List<FittingChoice> ways,
        Around around,
        Fate fate,
        CoatsOn coatsOn) {
    /** From this share of a surface on it counts as bare, not as patched. ASSUMPTION. */
    private static final double MOST_OF_IT = 0.6;

    /** A room of doors alone has hardly any. */
    private static final Length TRIM_LEAST = Length.ofMetres(0.1);

    private static final double SHEET_LEAST_MM = 10;

    /** Whether a surface is painted in this job, before it, not at all, or covered by another trade afterwards. */
    public enum Fate {
        TO_DO,
        DONE,
        STAYS,
        COVERED_LATER
    }

    /**
     * What is brushed of the trim of a room, or of a fixture painted apart from it.
     *
     * @param fixture what it is; empty for the trim of a room
     */
    public record TrimParts(int doorSides, int windows, Optional<Fixture.Kind> fixture) {
        public static final TrimParts NONE = ofRoom(0, 0);

        /** What is brushed besides doors and windows. */
        enum Body {
            /** Skirting and casings, by their length. */
            STRIP,
            /** A radiator, shelves, panelling, by what there is to paint. */
            SHEET,
            NOTHING
        }

        /** The trim of a room: its strip, and the doors and windows that have no paint of their own. */
        public static TrimParts ofRoom(int doorSides, int windows) {
            return new TrimParts(doorSides, windows, Optional.empty());
        }

        static TrimParts of(Fixture fixture) {
            return new TrimParts(
                    fixture.kind() == Fixture.Kind.DOOR ? fixture.sides() : 0,
                    fixture.kind() == Fixture.Kind.WINDOW ? fixture.sides() : 0,
                    Optional.of(fixture.kind()));
        }

        Body body() {
            return fixture.map(kind -> switch (kind) {
                        case DOOR, WINDOW -> Body.NOTHING;
                        case RADIATOR, SHELVES, PANELLING, CUPBOARD, GRILLE, METALWORK -> Body.SHEET;
                    })
                    .orElse(Body.STRIP);
        }
    }

    /** The way that somebody has decided on for a fitting. */
    public record FittingChoice(Fitting fitting, FittingWay.Way way) {}

    /**
     * What stands beside a surface.
     *
     * @param neighbours keys of the walls to its left and right
     * @param ceiling key of the ceiling over it, empty if it is one or there is none on record
     */
    public record Around(List<String> neighbours, String ceiling) {
        public static final Around NOTHING = new Around(List.of(), "");

        public Around {
            neighbours = List.copyOf(neighbours);
        }
    }

    /** What is on already of what goes on. */
    public record CoatsOn(int coats, boolean isThinned) {
        public static final CoatsOn NONE = new CoatsOn(0, false);
    }

    public Face {
        places = List.copyOf(places);
        panels = List.copyOf(panels);
        ways = List.copyOf(ways);
    }

    /** A wall on its own, with nothing decided. */
    public static Face wall(String key, String room, Wall wall, Stack stack, GoesOn goesOn, List<Place> places) {
        return of(Side.WALL, key, room, wall, stack, goesOn, places);
    }

    /** A surface on its own, with nothing decided. */
    public static Face of(
            Side side, String key, String room, Wall wall, Stack stack, GoesOn goesOn, List<Place> places) {
        return new Face(
                key,
                room,
                side,
                wall,
                TrimParts.NONE,
                stack,
                places,
                Action.LEAVE,
                goesOn,
                List.of(),
                List.of(),
                Around.NOTHING,
                Fate.TO_DO,
                CoatsOn.NONE);
    }

    /** A mark as high as it is over where one stands: on the floor, or on the stairs below it. */
    public Mark asStoodBefore(Mark mark) {
        return wall.ends().stairs().isEmpty()
                ? mark
                : mark.lowered(wall.footAt(mark.centre().fromLeft()));
    }

    /** Skirting and casing of so much length, as a strip to be painted; what is shorter counts as the least there is. */
    public static Wall strip(Length run, Texture texture, Catalogue figures) {
        return new Wall(
                run.isLongerThan(TRIM_LEAST) ? run : TRIM_LEAST,
                figures.length(Figure.TRIM_STRIP),
                texture,
                List.of(),
                List.of());
    }

    /** What a fixture is made of, where nobody says otherwise. */
    public static Substrate usualSubstrate(Fixture.Kind kind) {
        return switch (kind) {
            case RADIATOR, GRILLE, METALWORK -> Substrate.METAL;
            case DOOR, WINDOW, SHELVES, PANELLING, CUPBOARD -> Substrate.TIMBER;
        };
    }

    /** A fixture that is painted apart from the trim of its room, with nothing decided. */
    public static Face of(Fixture fixture, String key, String room, Stack stack, GoesOn goesOn) {
        double width = fixture.width().inMillimetres();
        Wall sheet = new Wall(
                fixture.width(),
                Length.ofMillimetres(Math.max(SHEET_LEAST_MM, fixture.painted().inSquareMetres() * 1e6 / width)),
                Texture.SMOOTH,
                List.of(),
                List.of());
        return new Face(
                key,
                room,
                Side.TRIM,
                sheet,
                TrimParts.of(fixture),
                stack,
                List.of(),
                Action.LEAVE,
                goesOn,
                List.of(),
                List.of(),
                Around.NOTHING,
                Fate.TO_DO,
                CoatsOn.NONE);
    }

    /** Whether there is no coat on it, by its record or because that is marked on most of it. */
    public boolean isBare() {
        double marked = places.stream()
                .map(place -> place.mark().fault())
                .filter(fault -> fault.kind() == FaultKind.BARE_SURFACE)
                .mapToDouble(fault -> fault.area().inSquareMetres())
                .sum();
        return stack.top() == TopLayer.BARE
                || marked >= MOST_OF_IT * wall.paintedArea().inSquareMetres();
    }

    /** The same, but that old paper is no bare surface: it was finished once. */
    public boolean isRaw() {
        return isBare() && (stack.isRaw() || stack.top() != TopLayer.BARE);
    }

    /** Whether all that is marked are lines and chips beside it. */
    public boolean isPutRightAtItsEdges() {
        return !places.isEmpty()
                && places.stream().allMatch(place -> place.mark().fault().kind().isPutRightAtTheEdge());
    }

    /** Whether all that is marked is put right with the paint of its neighbours, or without any. */
    public boolean isPutRightWithoutItsPaint() {
        return places.stream().allMatch(place -> place.mark().fault().isPutRightWithoutItsPaint());
    }

    /** Whether its paint has to be known for what is done. Washing alone needs none. */
    public boolean needsItsPaint() {
        boolean isPainted = action != Action.LEAVE && action != Action.WASH;
        return isPainted && !(action.isSpots() && isPutRightWithoutItsPaint()) || !panels.isEmpty();
    }

    public boolean isCeiling() {
        return side == Side.CEILING;
    }

    public boolean isTrim() {
        return side == Side.TRIM;
    }

    /** Whether it is the trim of its room, not a fixture apart from it. */
    public boolean isTrimOfRoom() {
        return isTrim() && parts.fixture().isEmpty();
    }

    /** Whether anything is done on it. Lines and chips of trim are put right even where it is not painted. */
    public boolean isActive() {
        if (isTrim() && !places.isEmpty()) {
            return fate == Fate.TO_DO || fate == Fate.STAYS;
        }
        return fate == Fate.TO_DO && (action != Action.LEAVE || !panels.isEmpty());
    }

    /** Whether it is painted from edge to edge in this job. */
    public boolean isPaintedWhole() {
        return fate == Fate.TO_DO && action.isWhole();
    }

    /** How long trim runs. */
    public Length run() {
        return wall.width();
    }

    /** The edge that is brushed along; a fixture has none. */
    Length edge() {
        return parts.body() == TrimParts.Body.STRIP ? run() : Length.ZERO;
    }

    /** The way decided on for a fitting, if somebody has. */
    public Optional<FittingWay.Way> wayOf(Fitting fitting) {
        return ways.stream()
                .filter(choice -> choice.fitting().equals(fitting))
                .map(FittingChoice::way)
                .findFirst();
    }

    /** The same surface with something else done with it. */
    public Face with(Action other) {
        return new Face(
                key, room, side, wall, parts, stack, places, other, goesOn, panels, ways, around, fate, coatsOn);
    }

    /** The same surface with another paint, or the same otherwise. */
    public Face with(GoesOn other) {
        return new Face(
                key, room, side, wall, parts, stack, places, action, other, panels, ways, around, fate, coatsOn);
    }

    /** The same surface with other marks. */
    public Face with(List<Place> others) {
        return new Face(
                key, room, side, wall, parts, stack, others, action, goesOn, panels, ways, around, fate, coatsOn);
    }

    /** The same surface with every-time places to be painted. */
    public Face withPanels(List<EveryTime> others) {
        return new Face(
                key, room, side, wall, parts, stack, places, action, goesOn, others, ways, around, fate, coatsOn);
    }

    /** The same surface among others. */
    public Face with(Around other) {
        return new Face(
                key, room, side, wall, parts, stack, places, action, goesOn, panels, ways, other, fate, coatsOn);
    }
}

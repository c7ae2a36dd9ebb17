package lumko.app.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import lumko.app.drawing.WallDrawing;
import lumko.app.house.Surface;
import lumko.app.platform.UnitSystem;
import lumko.app.platform.UsUnits;
import lumko.app.platform.Words;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.Box;
import lumko.core.geometry.CeilingPlan;
import lumko.core.geometry.Outline;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WindowLight;
import lumko.core.quantity.Length;

/** A walked surface as it is drawn with its scale, its light and its marks; in millimetres, y runs down. */
public final class BoardView {
    private static final double NAME_FROM_LEFT = 40;
    private static final double SIDE_LEAST = 330;
    private static final double ABOVE_LEAST = 230;
    private static final double BELOW_LEAST = 250;
    private static final double RIGHT = 100;
    private static final double STEP_UP = 500;
    private static final double STEP_UP_IN_FEET = 2;
    private static final double TOP_STAYS_CLEAR = 200;

    private final WalkedWall wall;
    private final WallDrawing drawing;
    private final MarkListView list;
    private final Catalogue figures;
    private final Words words;

    BoardView(WalkedWall wall, WallDrawing drawing, MarkListView list, Catalogue figures, Words words) {
        this.wall = wall;
        this.drawing = drawing;
        this.list = list;
        this.figures = figures;
        this.words = words;
    }

    private double side() {
        return Math.max(SIDE_LEAST, drawing.width() * 0.115);
    }

    private double above() {
        return Math.max(ABOVE_LEAST, drawing.width() * 0.065);
    }

    private double below() {
        return Math.max(BELOW_LEAST, drawing.width() * 0.09);
    }

    public String viewBox() {
        return -side() + " " + -above() + " " + (drawing.width() + side() + RIGHT) + " "
                + (drawing.height() + above() + below());
    }

    /** The wall alone. */
    public String wholeBox() {
        return "0 0 " + drawing.width() + " " + drawing.height();
    }

    public String at(double x, double y) {
        return "translate(" + x + " " + y + ")";
    }

    public String spoken() {
        return words.say(
                "board.spoken",
                wall.flat().labelOf(wall.surface().id(), words),
                width(),
                words.place(wall.surface().asWall().height()),
                wall.marks().size());
    }

    public String width() {
        return words.place(wall.surface().asWall().width());
    }

    public String widthLine() {
        return "M0 0H" + drawing.width() + "M0 -35v70M" + drawing.width() + " -35v70";
    }

    /** A ceiling has no skirting. */
    public String trimFill() {
        return wall.surface().isCeiling() ? "none" : "";
    }

    // ---- heights

    /** A height on the scale at the left. */
    public record Height(double y, String label, boolean isTop) {}

    public List<Height> heights() {
        List<Height> heights = new ArrayList<>();
        double step = words.units() == UnitSystem.US ? STEP_UP_IN_FEET * UsUnits.METRES_A_FOOT * 1000 : STEP_UP;
        for (double up = 0; up < drawing.height() - TOP_STAYS_CLEAR; up += step) {
            heights.add(new Height(drawing.height() - up, words.placeNumber(Length.ofMillimetres(up)), false));
        }
        heights.add(new Height(0, words.placeNumber(wall.surface().asWall().height()), true));
        return heights;
    }

    public boolean hasEyeBand() {
        return !wall.surface().isCeiling();
    }

    /** Where one looks standing before it, along stairs too. */
    public String eyeBand() {
        return WallDrawing.band(
                wall.surface().asWall(),
                figures.length(Figure.EYE_BAND_FROM).inMillimetres(),
                figures.length(Figure.EYE_BAND_TO).inMillimetres());
    }

    /** What the band is kept to: under a roof and over stairs there is less wall than its rectangle. */
    public String outline() {
        return WallDrawing.outline(wall.surface().asWall());
    }

    /** Where its name stands: at the left, or where the wall first reaches above it; empty where it nowhere does. */
    public Optional<String> eyeBandName() {
        Wall drawn = wall.surface().asWall();
        Length to = figures.length(Figure.EYE_BAND_TO);
        return DoubleStream.iterate(NAME_FROM_LEFT, x -> x + NAME_FROM_LEFT)
                .takeWhile(x -> x < drawing.width())
                .mapToObj(Length::ofMillimetres)
                .filter(x -> !drawn.footAt(x).plus(to).isLongerThan(drawn.heightAt(x)))
                .findFirst()
                .map(x -> at(
                        x.inMillimetres(),
                        drawing.height() - drawn.footAt(x).plus(to).inMillimetres()));
    }

    // ---- the walls around a ceiling

    /**
     * Where a wall meets the ceiling.
     *
     * @param inwardX in which direction the ceiling lies, a length of one
     * @param windows where along it windows are, as paths
     */
    public record Rim(String letter, double x, double y, double inwardX, double inwardY, List<String> windows) {}

    /** None but around a ceiling: what is drawn of it is turned like the plan of the room, its first wall at the top. */
    public List<Rim> rims() {
        if (!wall.surface().isCeiling()) {
            return List.of();
        }
        List<Wall> walls = asWalls();
        CeilingPlan plan = CeilingPlan.of(wall.room().outline(), walls);
        return IntStream.range(0, walls.size())
                .mapToObj(side -> rim(plan, side, walls.get(side)))
                .toList();
    }

    private Rim rim(CeilingPlan plan, int side, Wall above) {
        Spot from = plan.over(side, Length.ZERO);
        Spot middle = plan.over(side, above.width().times(0.5));
        Spot to = plan.over(side, above.width());
        double east = to.fromLeft().minus(from.fromLeft()).inMillimetres();
        double north = to.aboveFloor().minus(from.aboveFloor()).inMillimetres();
        double length = Math.hypot(east, north);
        return new Rim(
                Outline.letter(side),
                middle.fromLeft().inMillimetres(),
                down(middle),
                north / length,
                east / length,
                above.windows().stream()
                        .map(window -> "M" + point(plan.over(side, window.box().left())) + "L"
                                + point(plan.over(side, window.box().right())))
                        .toList());
    }

    private String point(Spot spot) {
        return spot.fromLeft().inMillimetres() + " " + down(spot);
    }

    private double down(Spot spot) {
        return drawing.height() - spot.aboveFloor().inMillimetres();
    }

    private List<Wall> asWalls() {
        return wall.room().walls().map(Surface::asWall).toList();
    }

    // ---- light

    public boolean isLitFromRight() {
        return wall.surface().light() == WindowLight.FROM_RIGHT;
    }

    public String light() {
        if (wall.surface().isCeiling() && wall.surface().light() != WindowLight.NONE) {
            return words.say(
                    "board.lightOnCeiling",
                    wall.room().outline().windowSides(asWalls()).stream()
                            .map(Outline::letter)
                            .collect(Collectors.joining(", ")));
        }
        return words.name(wall.surface().light());
    }

    public String lightAt() {
        return at(isLitFromRight() ? drawing.width() : 0, -above() / 2);
    }

    public String lightArrow() {
        return switch (wall.surface().light()) {
            case FROM_LEFT -> "M0 -4H50M40 -11L50 -4L40 3";
            case FROM_RIGHT -> "M0 -4H-50M-40 -11L-50 -4L-40 3";
            case FACING, SAME_WALL, NONE -> "";
        };
    }

    public int lightTextX() {
        return switch (wall.surface().light()) {
            case FROM_LEFT -> 60;
            case FROM_RIGHT -> -60;
            case FACING, SAME_WALL, NONE -> 0;
        };
    }

    // ---- what is on it

    /** A place that is painted each time. */
    public record EachTime(double x, double y, double width, double height, boolean isOpen) {}

    public List<EachTime> places() {
        return wall.places().stream()
                .map(asked -> {
                    Box box = asked.place().box();
                    return new EachTime(
                            box.left().inMillimetres(),
                            drawing.height() - box.top().inMillimetres(),
                            box.width().inMillimetres(),
                            box.height().inMillimetres(),
                            asked.isOpen());
                })
                .toList();
    }

    /** A mark with what a finger on it needs to know. */
    public record Drawn(
            UUID id,
            String shape,
            int version,
            double across,
            double depth,
            String ladder,
            String ladderWords,
            WallDrawing.MarkDrawing drawing) {
        public double x() {
            return drawing.x();
        }

        public double y() {
            return drawing.y();
        }
    }

    public List<Drawn> marks() {
        return IntStream.range(0, drawing.marks().size()).mapToObj(this::drawn).toList();
    }

    private Drawn drawn(int at) {
        PlacedMark placed = wall.marks().get(at);
        var kind = placed.mark().fault().kind();
        var measures = placed.mark().fault().measures();
        return new Drawn(
                placed.id(),
                kind.shape().name(),
                placed.version(),
                measures.across().inMillimetres(),
                measures.depth().inMillimetres(),
                list.ladder(kind),
                list.ladderWords(kind),
                drawing.marks().get(at));
    }
}

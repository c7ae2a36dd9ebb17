package lumko.core.job;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.Fitting;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;

/** Before anything is done: what stays is wrapped, the floor covered, fittings got out of the way; and all of it put back. */
final class Protection {
    private final Practice practice;
    private final Catalogue figures;
    private final Laying laying;

    Protection(Practice practice, Catalogue figures, Laying laying) {
        this.practice = practice;
        this.figures = figures;
        this.laying = laying;
    }

    /** The floor and the furniture of a room, for everything that is done in it. */
    void room(Room room, List<Task> tasks) {
        boolean isPainted = tasks.stream().anyMatch(Task::isWhole);
        if (room.isFurnished() && isPainted) {
            laying.in(
                    room,
                    Move.of(ActivityKind.WRAP_FURNITURE)
                            .hand(figures.once(Figure.WRAP_FURNITURE))
                            .with(Tool.DUST_SHEET, Tool.MASKING_FILM)
                            .says(Advice.WRAP_WHAT_STAYS));
        }
        if (room.hasFloor()) {
            floor(room, tasks);
        }
    }

    private void floor(Room room, List<Task> tasks) {
        double under =
                tasks.stream().mapToDouble(task -> under(task).inSquareMetres()).sum();
        double whole = room.floorArea()
                .or(() -> ceiling(tasks))
                .map(Area::inSquareMetres)
                .orElse(Double.MAX_VALUE);
        Area floor = Area.ofSquareMetres(Math.min(under, whole));
        if (floor.equals(Area.ZERO)) {
            return;
        }
        Length edge = practice.is(School.LIGHT_PREPARATION) ? Length.ZERO : taped(tasks);
        Duration tape = figures.along(Figure.TAPE_ON, edge).plus(figures.along(Figure.TAPE_OFF, edge));
        Move move = Move.of(ActivityKind.PROTECT_FLOOR)
                .area(floor)
                .hand(figures.over(Figure.PROTECT_FLOOR, floor))
                .hand(tape)
                .edge(edge)
                .tape(edge)
                .with(Tool.DUST_SHEET);
        if (practice.is(School.FLOOR_AFTER_SANDING)) {
            move = move.hand(figures.over(Figure.SWEEP, floor));
        }
        if (edge.isLongerThan(Length.ZERO)) {
            move = move.with(Tool.MASKING_TAPE);
        }
        laying.in(
                room,
                room.floor() == Room.Floor.CARPET && edge.isLongerThan(Length.ZERO)
                        ? move.with(Tool.WIDE_KNIVES).says(Advice.CARPET_TAPE_WET, Advice.CARPET_THIN_LOAD)
                        : move);
    }

    private static Optional<Area> ceiling(List<Task> tasks) {
        return tasks.stream()
                .filter(task -> task.face().isCeiling())
                .map(task -> task.face().wall().paintedArea())
                .findFirst();
    }

    /** The floor below what is done on a surface: a sheet along a wall, all of it under a ceiling, a patch below a spot. */
    private Area under(Task task) {
        Face face = task.face();
        Area strip = face.isCeiling()
                ? face.wall().grossArea()
                : face.wall().width().times(figures.length(Figure.FLOOR_STRIP));
        if (task.isWhole()) {
            return strip;
        }
        int spots = Math.max(task.made().size(), face.panels().size());
        Area below = figures.area(Figure.FLOOR_BELOW_SPOT).times(spots);
        return below.compareTo(strip) > 0 ? strip : below;
    }

    private static Length taped(List<Task> tasks) {
        return tasks.stream()
                .filter(task -> task.isWhole() && task.face().side() == Side.WALL)
                .map(task -> task.face().wall().width())
                .reduce(Length.ZERO, Length::plus);
    }

    /** The fittings of a surface that are in the way of what is done on it. */
    void fittings(Task task) {
        Length near = figures.length(Figure.NEAR_ELECTRICITY);
        for (Fitting fitting : task.face().wall().fittings()) {
            boolean isInTheWay = task.isWhole()
                    || task.made().stream()
                            .anyMatch(made -> fitting.box()
                                            .distanceTo(made.place().mark().centre())
                                            .compareTo(near)
                                    <= 0);
            if (isInTheWay) {
                fitting(task, fitting);
            }
        }
    }

    private void fitting(Task task, Fitting fitting) {
        FittingWay way = FittingWay.of(fitting.kind(), task.face().wayOf(fitting), practice, figures).stream()
                .findFirst()
                .orElse(null);
        if (fitting.kind() == Fitting.Kind.STRIPS) {
            strips(task, fitting);
        } else if (way != null) {
            switch (way.way()) {
                case REMOVE -> removed(task, fitting.kind(), way);
                case LOOSEN -> loosened(task, fitting.kind());
                case MASK ->
                    laying.on(
                            task,
                            electric(fitting.kind(), move(ActivityKind.MASK_FITTINGS, way.hand()))
                                    .with(Tool.MASKING_TAPE, Tool.MASKING_FILM));
                case LEAVE_AND_SCRAPE -> left(task, fitting.kind(), way);
            }
        }
    }

    private static Move move(ActivityKind kind, Duration hand) {
        return Move.of(kind).count(1).hand(hand);
    }

    private void removed(Task task, Fitting.Kind kind, FittingWay way) {
        Duration back = kind.isPlate() || kind.isElectric()
                ? figures.each(Figure.PLATE_BACK, 1)
                : way.hand().dividedBy(2);
        boolean isPlate = kind.isPlate();
        Move off = move(
                        isPlate ? ActivityKind.PLATES_OFF : ActivityKind.FITTINGS_OFF,
                        way.hand().minus(back))
                .with(Tool.SCREWDRIVER);
        Move on = move(isPlate ? ActivityKind.PLATES_BACK : ActivityKind.FITTINGS_BACK, back)
                .with(Tool.SCREWDRIVER);
        if (kind == Fitting.Kind.RADIATOR) {
            off = off.with(Caution.WEIGHT)
                    .says(Advice.RADIATOR_BY_TWO, Advice.PIPES_MUST_GIVE, Advice.BEHIND_UNPAINTED);
            on = on.with(Caution.WEIGHT);
        }
        laying.on(task, electric(kind, isPlate ? off.says(Advice.SCREWS_WITH_PLATE) : off));
        laying.on(task, isPlate ? on.says(Advice.PLATES_CLEAN) : on);
    }

    private void loosened(Task task, Fitting.Kind kind) {
        laying.on(
                task,
                electric(kind, move(ActivityKind.LOOSEN_FITTINGS, figures.each(Figure.PLATE_LOOSENED, 1)))
                        .with(Tool.SCREWDRIVER));
        laying.on(
                task,
                move(ActivityKind.TIGHTEN_PLATES, figures.each(Figure.PLATE_TIGHTENED, 1))
                        .with(Tool.SCREWDRIVER));
    }

    private void left(Task task, Fitting.Kind kind, FittingWay way) {
        if (kind != Fitting.Kind.RADIATOR) {
            laying.on(
                    task,
                    electric(kind, move(ActivityKind.SCRAPE_OFF, way.hand())).with(Tool.SCRAPER));
        } else if (task.isWhole()) {
            laying.on(
                    task,
                    Move.of(ActivityKind.ROLL)
                            .hand(way.hand())
                            .with(Tool.SLIM_ROLLER)
                            .says(Advice.BEHIND_UNPAINTED));
        }
    }

    private static Move electric(Fitting.Kind kind, Move move) {
        return kind.isElectric()
                ? move.with(Caution.ELECTRICITY).with(Tool.VOLTAGE_TESTER).says(Advice.SUPPLY_OFF)
                : move;
    }

    private void strips(Task task, Fitting fitting) {
        if (task.isWhole()) {
            Length longer = fitting.box().width().isLongerThan(fitting.box().height())
                    ? fitting.box().width()
                    : fitting.box().height();
            laying.on(
                    task,
                    Move.of(ActivityKind.FIT_STRIPS)
                            .count(1)
                            .edge(longer)
                            .hand(figures.along(Figure.FIT_STRIP, longer))
                            .with(Tool.HAMMER));
        }
    }
}

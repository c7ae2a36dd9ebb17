package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import java.time.Duration;
import java.util.List;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.EveryTime;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.repair.Repair;

/** Paint on places only: marks dabbed or feathered out, and panels that are rolled at each turnover, fault or not. */
final class Spots {
    private final Practice practice;
    private final Catalogue figures;
    private final Laying laying;
    private final Kit kit;

    Spots(Practice practice, Catalogue figures, Laying laying, Kit kit) {
        this.practice = practice;
        this.figures = figures;
        this.laying = laying;
        this.kit = kit;
    }

    private Tool tool() {
        if (practice.is(School.ROLLER_NEARLY_DRY)) {
            return Tool.ROLLER;
        }
        if (practice.is(School.TOUCH_UP_BRUSH)) {
            return Tool.SMALL_BRUSH;
        }
        return practice.is(School.FOAM_PAD) ? Tool.FOAM_PAD : Tool.MINI_ROLLER;
    }

    private static Wet wet(Task task) {
        return Wet.of(DryingMaterial.EMULSION, task.face().goesOn().recoat());
    }

    void touchUp(Task task) {
        List<Task.Made> toPaint = task.made().stream()
                .filter(made -> made.repair().paintAfter() != Repair.PaintAfter.NOTHING)
                .toList();
        if (toPaint.isEmpty()) {
            return;
        }
        laying.once(
                task,
                Move.of(SET_OUT_TOUCH_UP)
                        .hand(figures.once(Figure.TOUCH_UP_SET_OUT))
                        .uses(new Use(task.material(), task.paint(), figures.volume(Figure.SPOT_TOOL_LOAD)))
                        .with(Tool.STIRRER, Tool.POT, tool(), Tool.SMALL_BRUSH)
                        .says(Advice.STIR_FROM_BOTTOM, Advice.CONFIRM_PAINT));
        for (Task.Made made : toPaint) {
            touchUp(task, made);
        }
        kit.washed(task);
    }

    /** A repair wider than what is dabbed is sealed like one on a wall that is rolled; the house may not prime at all. */
    static boolean isPrimed(Task.Made made, Practice practice, Catalogue figures) {
        boolean primes = !practice.is(School.LIGHT_PREPARATION)
                && !practice.is(School.SELF_PRIMING_TWO)
                && !practice.is(School.SELF_PRIMING_THREE);
        Length widest = figures.length(Figure.SPOT_DIAMETER)
                .plus(figures.length(Figure.SANDED_BEYOND_FILLER).times(4));
        return primes && made.repair().finishedAcross().isLongerThan(widest);
    }

    /** What was filled drinks paint: one dab first, dry, then the touch-up, or it looks dull. */
    private void touchUp(Task task, Task.Made made) {
        boolean isFeathered = task.face().action() == Action.FEATHER;
        Area spot = area(made, isFeathered ? figures.length(Figure.FEATHERED_BEYOND) : Length.ZERO);
        Move move = Move.of(isFeathered ? FEATHER : DAB)
                .count(1)
                .uses(new Use(task.material(), task.paint(), spot.times(figures.length(Figure.SPOT_FILM))))
                .leaves(wet(task));
        if (made.repair().isBare() && !isPrimed(made, practice, figures)) {
            laying.at(task, made.place(), firstDab(task, made));
        }
        Duration hand = isFeathered
                ? figures.each(Figure.FEATHER, 1).plus(figures.over(Figure.FEATHER_AREA, spot))
                : figures.each(Figure.DAB, 1);
        move = move.hand(hand)
                .with(tool())
                .says(Advice.LEAST_VISIBLE_FIRST, Advice.NO_WEIGHT, Advice.WET_FILLER_PULLS, Advice.SHEEN_FADES);
        Length reach = figures.length(Figure.REACH);
        boolean isHigh = task.face().isCeiling()
                || task.face().asStoodBefore(made.place().mark()).reachesInto(reach, reach.times(10));
        laying.at(
                task,
                made.place(),
                isHigh ? move.with(Caution.LADDER).with(Tool.PLATFORM).says(Advice.FOOTED_LADDER) : move);
    }

    private Move firstDab(Task task, Task.Made made) {
        return Move.of(FIRST_DAB)
                .count(1)
                .hand(figures.each(Figure.DAB, 1))
                .uses(new Use(
                        task.material(), task.paint(), area(made, Length.ZERO).times(figures.length(Figure.SPOT_FILM))))
                .leaves(wet(task))
                .with(Tool.SMALL_BRUSH);
    }

    private static Area area(Task.Made made, Length beyond) {
        Length both = beyond.times(2);
        return switch (made.place().mark().fault()) {
            case Fault.Round ignored ->
                Area.ofDisc(made.repair().finishedAcross().plus(both));
            case Fault.Line line ->
                line.length().plus(both).times(made.repair().finishedAcross().plus(beyond));
            case Fault.Patch patch ->
                patch.width().plus(both).times(patch.height().plus(both));
        };
    }

    /** Rolled twice to a natural edge, in minutes of their own. */
    void panels(Task task) {
        for (EveryTime panel : task.face().panels()) {
            Figure minutes = switch (panel.kind()) {
                case OUTSIDE_CORNER -> Figure.EVERY_TIME_CORNER;
                case SPLASH_ZONE -> Figure.SPLASH_ZONE;
                case ABOVE_BATH -> Figure.ABOVE_BATH;
            };
            Area area = panel.box().area();
            for (int coat = 0; coat < 2; coat++) {
                laying.on(
                        task,
                        Move.of(ROLL_PANEL)
                                .round(coat)
                                .count(1)
                                .area(area)
                                .hand(figures.each(minutes, 0.5))
                                .uses(new Use(task.material(), task.paint(), kit.coat(task, area)))
                                .leaves(wet(task))
                                .with(Tool.MINI_ROLLER, Tool.ROLLER, Tool.ANGLED_BRUSH, Tool.TRAY)
                                .says(Advice.PANEL_EVERY_TIME));
            }
        }
        if (!task.face().panels().isEmpty()) {
            kit.open(task);
            kit.washed(task);
        }
    }
}

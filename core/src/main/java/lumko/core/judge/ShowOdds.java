package lumko.core.judge;

import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.wall.WindowLight;
import lumko.core.work.Action;
import lumko.core.work.WorkPlanner;

/**
 * The chance that a place shows afterwards to somebody who looks from inspection distance. A logistic prior: every weight is
 * an ASSUMPTION that orders cases the way the trade does (small, low, matt, light, fresh and from the same tin hides best)
 * and gives about one in fifty for the best case and better than even for the worst. Nothing has been recorded yet to hold it
 * against, so it carries a range of one unit of log-odds to either side.
 */
final class ShowOdds {
    private static final double SPREAD = 1.0;

    /** The best case: an 8 mm spot from the same tin, on a young, light, matt wall, low down. */
    private static final double BEST_DAB = -4.0;

    private static final double BEST_FEATHER = -3.9;
    private static final double PER_DOUBLING_OF_WIDTH = 0.7;
    private static final double EYE_BAND = 0.8;
    private static final double RAKING = 0.7;
    private static final double GLARE = 0.3;
    private static final double PER_GLOSS_UNIT_ABOVE_MATT = 0.12;
    private static final double MATT_GLOSS = 5;
    private static final double DARK = 1.5;
    private static final double STRONG = 1.0;
    private static final double PER_YEAR_AFTER_FIRST = 0.35;
    private static final double BOUGHT_AGAIN = 1.2;
    private static final double OTHER_PAINT = 3.5;
    private static final double FRESH_SHEEN = 0.8;

    /** A wall painted edge to edge shows nothing but what was overlooked. */
    private static final Chance AFTER_ROLLING = new Chance(0.005, 0.02, 0.05);

    /** A scuff that is washed may leave its shine. */
    private static final Chance AFTER_WASHING = new Chance(0.03, 0.1, 0.3);

    private final Catalogue figures;
    private final WorkPlanner planner;

    ShowOdds(Catalogue figures, WorkPlanner planner) {
        this.figures = figures;
        this.planner = planner;
    }

    Chance onWall(WallCase wall, Action action) {
        if (action.isWholeWall()) {
            return AFTER_ROLLING;
        }
        Chance any = Chance.NEVER;
        for (Mark mark : wall.marks()) {
            any = any.or(action == Action.LEAVE ? asItIs(mark, wall) : touchedUp(mark, wall, action));
        }
        return any;
    }

    /** An untouched fault, by the visual angle of its extent and how it stands out from the wall. */
    private Chance asItIs(Mark mark, WallCase wall) {
        double distance = wall.room().inspectionDistance().inMillimetres();
        double seenAcross = seenAcross(mark.fault());
        double minutesOfArc = Math.toDegrees(seenAcross / distance) * 60;
        // one minute of arc is what a sharp eye resolves; at twice that half of the lookers notice
        double logit = 2.0 * Math.log(Math.max(0.01, minutesOfArc) / 2);
        if (inEyeBand(mark, wall)) {
            logit += EYE_BAND;
        }
        if (wall.light().isRaking() && castsShadow(mark.fault().kind())) {
            logit += RAKING;
        }
        return Chance.ofLogit(logit, SPREAD);
    }

    /** As wide as a black dot would be that catches the eye as much, in millimetres. The shares are ASSUMPTIONS. */
    private static double seenAcross(Fault fault) {
        double extent = fault.extent().inMillimetres();
        double deep = fault.measures().depth().inMillimetres();
        return switch (fault.kind()) {
            case NAIL_HOLE, SCREW_HOLE, ANCHOR, TOGGLE, HOLE -> extent;
            case STAIN, SMOKE, MOULD, BARE_SURFACE, RUST -> extent;
            case GOUGE, BOX_GAP, FLAKING, PROUD_RIM, POPPED_FASTENER -> extent / 2;
            case DING, WALLPAPER_REMAINS -> extent / 4;
            case SCUFF -> extent / 5;
            case OLD_TOUCH_UP, GREASE -> extent / 10;
            case HALO, SMOOTH_ISLAND -> extent / 15;
            case OLD_SHEEN -> extent / 20;
            case LAP_MARK -> extent / 30;
            case GLASSY_PLASTER, PANEL_OR_PAPER -> extent / 100;
            case CRACK, JOINT_CRACK, FAILED_CAULK -> deep * 4;
            case TAPE_TEAR -> deep;
            case RUN -> deep / 4;
            case LUMPY_PLASTER, PROUD_FILLER -> deep * 10;
            case NIBS -> 2;
        };
    }

    private static boolean castsShadow(FaultKind kind) {
        return switch (kind) {
            case DING, PROUD_RIM, POPPED_FASTENER, NIBS, LUMPY_PLASTER, RUN, PROUD_FILLER, GOUGE -> true;
            default -> false;
        };
    }

    private Chance touchedUp(Mark mark, WallCase wall, Action action) {
        Repair repair = planner.repair(mark, wall.task(action), wall.site());
        if (repair.paintAfter() == Repair.PaintAfter.NOTHING) {
            return AFTER_WASHING;
        }
        double across = repair.finishedAcross().inMillimetres();
        double logit = action == Action.FEATHER ? BEST_FEATHER : BEST_DAB;
        double doublings = Math.log(Math.max(1, across) / 8) / Math.log(2);
        // on the smallest spots blending gains nothing; the wider the spot, the more its edge would show
        logit += PER_DOUBLING_OF_WIDTH * doublings * (action == Action.FEATHER ? 0.35 : 1);
        if (inEyeBand(mark, wall)) {
            logit += EYE_BAND;
        }
        if (wall.light().isRaking()) {
            logit += RAKING;
        } else if (wall.light() == WindowLight.SAME_WALL) {
            logit += GLARE;
        }
        logit += switch (wall.basis()) {
            case SAME_BATCH -> 0;
            case BOUGHT_AGAIN, NOT_CONFIRMED -> BOUGHT_AGAIN;
            case OTHER_PAINT, UNKNOWN -> OTHER_PAINT;
        };
        if (wall.film().isPresent()) {
            logit += film(wall.film().get());
        }
        double tonesDown = figures.value(Figure.SHEEN_TONES_DOWN);
        if (wall.daysToViewing().isPresent() && wall.daysToViewing().getAsInt() < tonesDown) {
            logit += FRESH_SHEEN * (1 - Math.max(0, wall.daysToViewing().getAsInt()) / tonesDown);
        }
        return Chance.ofLogit(logit, SPREAD);
    }

    private double film(Film film) {
        double logit = PER_GLOSS_UNIT_ABOVE_MATT * Math.max(0, film.gloss60() - MATT_GLOSS);
        logit += PER_YEAR_AFTER_FIRST * Math.max(0, film.ageYears() - 1);
        if (film.colour().lightness() < figures.value(Figure.DARK_BELOW)) {
            logit += DARK;
        }
        if (film.colour().chroma() > figures.value(Figure.STRONG_ABOVE)) {
            logit += STRONG;
        }
        return logit;
    }

    /** Whether one looks at it without raising the head. */
    boolean inEyeBand(Mark mark, WallCase wall) {
        if (wall.setting().isCeiling()) {
            return false;
        }
        Length from = figures.length(Figure.EYE_BAND_FROM);
        Length to = figures.length(Figure.EYE_BAND_TO);
        return mark.reachesInto(from, to);
    }
}

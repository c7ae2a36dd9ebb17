package lumko.core.judge;

import java.util.List;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.job.JobPlanner;
import lumko.core.job.Place;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;

/**
 * The chance that work on a surface shows to somebody who looks from inspection distance. What makes spots show is partly
 * shared by all of them and partly their own: how far colour and sheen are off is drawn once for the surface; size, edge,
 * place and hand are each spot's own. So P(none shows) = ∫ φ(z) ∏ (1 − pᵢ(z)) dz, not a product over independent spots. In a
 * second round the shared draw stays and each spot draws anew.
 *
 * <p>Source of the form: Lumko's model of the verdict; of the shared spreads: its figures. Every other constant is an
 * ASSUMPTION that orders cases the way the trade does. Nothing has been recorded yet to hold it against, so it carries a
 * range, as wide as if the eye were half as sharp or twice.
 */
final class ShowOdds {
    /** So many equally likely draws of the shared cause. */
    private static final double[] DRAWS = draws(24);

    /** A fine edge is lost within so many minutes of arc; colour blurs further than lightness. ASSUMPTION. */
    private static final double BLUR_ARC_MINUTES = 20;

    /** What a spot shows by its hand alone, in units of colour difference: the least, and for each doubling of 8 mm. */
    private static final double HAND = 0.55;

    private static final double EDGE_PER_DOUBLING = 0.28;
    private static final double FEATHERED_EDGE = 0.35;

    /** Light along the surface shows relief and edges so many times as strongly; glare beside a window less so. */
    private static final double RAKING = 2.0;

    private static final double GLARE = 1.3;

    /** How much lookers differ, on the logarithm of the difference. */
    private static final double LOOKERS_DIFFER = 0.32;

    /** How far the figures may be off, as a factor on what is noticed. */
    private static final double MAY_BE_OFF = 1.5;

    /** A surface painted edge to edge shows nothing but what was overlooked. */
    private static final Chance AFTER_ROLLING = new Chance(0.005, 0.02, 0.05);

    /** A scuff that is washed may leave its shine. */
    private static final Chance AFTER_WASHING = new Chance(0.03, 0.1, 0.3);

    private final Catalogue figures;
    private final JobPlanner planner;
    private final SharedSpread spread;

    ShowOdds(Catalogue figures, JobPlanner planner) {
        this.figures = figures;
        this.planner = planner;
        this.spread = new SharedSpread(figures);
    }

    /** Midpoints of equally likely slices of |z|, z normally distributed. */
    private static double[] draws(int count) {
        double[] draws = new double[count];
        for (int n = 0; n < count; n++) {
            draws[n] = halfNormal((n + 0.5) / count);
        }
        return draws;
    }

    /** The value below which |z| lies with a probability: bisection on the error function of Abramowitz & Stegun 7.1.26. */
    private static double halfNormal(double probability) {
        double low = 0;
        double high = 6;
        for (int round = 0; round < 60; round++) {
            double middle = (low + high) / 2;
            if (errorFunction(middle / Math.sqrt(2)) < probability) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static double errorFunction(double x) {
        double t = 1 / (1 + 0.3275911 * x);
        double polynomial =
                t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
        return 1 - polynomial * Math.exp(-x * x);
    }

    Odds onSurface(SurfaceCase surface, Action action) {
        if (action.isWhole()) {
            return new Odds(AFTER_ROLLING, 0);
        }
        if (action.isSpots()) {
            return touchedUp(surface, action);
        }
        if (action == Action.WASH) {
            return new Odds(AFTER_WASHING, AFTER_WASHING.likely());
        }
        Chance any = Chance.NEVER;
        Untouched untouched = new Untouched(figures);
        for (Mark mark : surface.marks()) {
            any = any.or(untouched.shows(mark, surface));
        }
        return new Odds(any, any.likely());
    }

    private Odds touchedUp(SurfaceCase surface, Action action) {
        List<Spot> spots = surface.places().stream()
                .map(place -> spot(place, surface, action))
                .filter(Spot::isPainted)
                .toList();
        SharedSpread.Of shared = spread.of(surface);
        double likely = shows(spots, shared, 1);
        Chance first = new Chance(
                shows(spots, shared, MAY_BE_OFF), likely, Math.max(likely, shows(spots, shared, 1 / MAY_BE_OFF)));
        long putRight = surface.marks().stream()
                .filter(mark -> mark.fault().kind().isPutRightAtTheEdge())
                .count();
        boolean isWashed = surface.places().size() > spots.size() + putRight;
        Chance washed = isWashed ? first.or(AFTER_WASHING) : first;
        // a line put right lies where a rolled surface would have it
        return new Odds(putRight > 0 ? washed.or(AFTER_ROLLING) : washed, again(spots, shared));
    }

    /**
     * A spot as the eye meets it.
     *
     * @param sharpness how much of a colour difference is left at its size from where one stands, 0–1
     * @param edge what its edge and the hand show by themselves, in units of colour difference
     * @param noticed the difference that half of the lookers notice there
     */
    private record Spot(double sharpness, double edge, double noticed, boolean isPainted) {}

    private Spot spot(Place place, SurfaceCase surface, Action action) {
        Repair repair = planner.repair(place.mark(), surface.face().with(action), surface.job(action));
        double across = Math.max(1, repair.finishedAcross().inMillimetres());
        double distance = surface.room().kind().inspectionDistance().inMillimetres();
        double arcMinutes = Math.toDegrees(across / distance) * 60;
        double doublings = Math.max(0, Math.log(across / 8) / Math.log(2));
        // on the smallest spots blending gains nothing; the wider the spot, the more its edge would show
        double edge = HAND + EDGE_PER_DOUBLING * doublings * (action == Action.FEATHER ? FEATHERED_EDGE : 1);
        return new Spot(
                1 - Math.exp(-arcMinutes / BLUR_ARC_MINUTES),
                edge * light(surface),
                noticed(place.mark(), surface),
                repair.paintAfter() != Repair.PaintAfter.NOTHING);
    }

    /** Half of the lookers notice what lies between hardly and clearly seen at eye level, elsewhere what is clearly seen. */
    private double noticed(Mark mark, SurfaceCase surface) {
        double clearly = figures.limit(Figure.CLEARLY_SEEN);
        return inEyeBand(mark, surface) ? (figures.limit(Figure.HARDLY_SEEN) + clearly) / 2 : clearly;
    }

    private static double light(SurfaceCase surface) {
        if (surface.light().isRaking()) {
            return RAKING;
        }
        return surface.light() == WindowLight.SAME_WALL ? GLARE : 1;
    }

    /** @param sharper how many times as large a difference has to be to be noticed */
    private static double shows(List<Spot> spots, SharedSpread.Of shared, double sharper) {
        double sum = 0;
        for (double draw : DRAWS) {
            double none = 1;
            for (Spot spot : spots) {
                none *= 1 - shows(spot, shared, draw, sharper);
            }
            sum += 1 - none;
        }
        return sum / DRAWS.length;
    }

    /** That some spot shows on the first visit and again after the second. */
    private static double again(List<Spot> spots, SharedSpread.Of shared) {
        double sum = 0;
        for (double draw : DRAWS) {
            double none = 1;
            for (Spot spot : spots) {
                double one = shows(spot, shared, draw, 1);
                none *= 1 - one * one;
            }
            sum += 1 - none;
        }
        return sum / DRAWS.length;
    }

    private static double shows(Spot spot, SharedSpread.Of shared, double draw, double sharper) {
        double colour = shared.colour() * draw * spot.sharpness();
        double sheen = shared.sheen() * draw + shared.fresh();
        double together = Math.sqrt(colour * colour + sheen * sheen + spot.edge() * spot.edge());
        double over = (Math.log(together) - Math.log(spot.noticed() * sharper)) / LOOKERS_DIFFER;
        return 1 / (1 + Math.exp(-over));
    }

    /** Whether one looks at it without raising the head. */
    boolean inEyeBand(Mark mark, SurfaceCase surface) {
        Length from = figures.length(Figure.EYE_BAND_FROM);
        Length to = figures.length(Figure.EYE_BAND_TO);
        return !surface.face().isCeiling() && mark.reachesInto(from, to);
    }
}

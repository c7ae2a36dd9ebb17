package lumko.core.judge;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Action;
import lumko.core.job.JobPlanner;
import lumko.core.job.Place;
import lumko.core.judge.Lookers.Eyes;
import lumko.core.judge.Spots.Like;
import lumko.core.judge.Spots.Scored;
import lumko.core.outcome.Cause;
import lumko.core.outcome.Learned;
import lumko.core.visibility.Scores;
import lumko.core.visibility.View;

/**
 * The chance that work on a surface shows to those who come to look. Each spot is simulated ({@link Scores}). What makes spots
 * show is partly shared by all of them and partly their own: how far colour and sheen are off, and who looks from where, is
 * drawn once for the surface; how far a spot's own colour is off and whether its filler stands out, once for each spot. So
 * P(none shows) = ∫ φ(z) ∏ (1 − pᵢ(z)) dz, not a product over independent spots. In a second round what is shared stays and each
 * spot draws anew.
 *
 * <p>Source of the form: Lumko's model of the verdict; of spreads, lookers and what they see: its figures. <i>Range</i>: as wide
 * as if what is seen lay half as high again, or as much lower. <i>Limits</i>: spots are seen one by one; a crowd of spots, each
 * of which would not be noticed, is not.
 */
final class ShowOdds {
    /** How far the figures may be off, as a factor on what is seen. ASSUMPTION. */
    private static final double MAY_BE_OFF = 1.5;

    /**
     * How steeply an eye goes from not seeing to seeing: 1 − 2^−(score / seen)^3.5, so that many spots add up as they do for an
     * eye. Source: Robson and Graham, “Probability summation and regional variation in contrast sensitivity across the visual
     * field”, Vision Research 21 (1981), 409–418.
     */
    private static final double STEEP = 3.5;

    private static final double HALF = Math.log(2);

    /** A surface painted edge to edge shows nothing but what was overlooked. */
    private static final Chance AFTER_ROLLING = new Chance(0.005, 0.02, 0.05);

    /** A scuff that is washed may leave its shine. */
    private static final Chance AFTER_WASHING = new Chance(0.03, 0.1, 0.3);

    private final SurfaceCase surface;
    private final Catalogue figures;
    private final Learned learned;
    private final Spots spots;
    private final SharedSpread.Of shared;
    private final List<Eyes> sharpest;
    private final Map<Seen, double[]> known = new HashMap<>();

    /** A kind of spot, for eyes that need so many times the difference. */
    private record Seen(Like like, double needs) {}

    /** The odds on one surface, whatever places are marked on it. */
    ShowOdds(SurfaceCase surface, Catalogue figures, JobPlanner planner, Learned learned) {
        this.learned = learned;
        this.surface = surface;
        this.figures = figures;
        this.spots = new Spots(surface, figures, planner);
        this.shared = new SharedSpread(figures).of(surface);
        this.sharpest = new Lookers(figures).sharpest(surface.room().kind());
    }

    Odds of(List<Place> places, Action action) {
        if (action.isWhole()) {
            return Odds.of(AFTER_ROLLING, 0);
        }
        if (action.isSpots()) {
            return touchedUp(places, action);
        }
        if (action == Action.WASH) {
            return Odds.of(AFTER_WASHING, AFTER_WASHING.likely());
        }
        Chance any = Chance.NEVER;
        Untouched untouched = new Untouched(figures);
        for (Place place : places) {
            any = any.or(untouched.shows(place.mark(), surface));
        }
        return Odds.of(any, any.likely());
    }

    private Odds touchedUp(List<Place> places, Action action) {
        Map<Like, Integer> painted = new LinkedHashMap<>();
        int putRight = 0;
        int washed = 0;
        for (Place place : places) {
            Optional<Like> like = spots.like(place.mark(), action);
            like.ifPresent(known -> painted.merge(known, 1, Integer::sum));
            boolean isPutRight = place.mark().fault().kind().isPutRightAtTheEdge();
            putRight += isPutRight ? 1 : 0;
            washed += like.isEmpty() && !isPutRight ? 1 : 0;
        }
        Sum likely = over(painted, 1);
        Chance first = new Chance(
                over(painted, MAY_BE_OFF).shows(),
                likely.shows(),
                over(painted, 1 / MAY_BE_OFF).shows());
        Chance taught = taught(first, places, action);
        Chance all = washed > 0 ? taught.or(AFTER_WASHING) : taught;
        double again = first.likely() == 0 ? 0 : likely.again() * taught.likely() / first.likely();
        // a line put right lies where a rolled surface would have it
        return new Odds(putRight > 0 ? all.or(AFTER_ROLLING) : all, Math.min(taught.likely(), again), first.likely());
    }

    /** What kept outcomes make of what is computed; its range narrows as they add up. */
    private Chance taught(Chance computed, List<Place> places, Action action) {
        if (learned == Learned.NOTHING || computed.high() == 0) {
            return computed;
        }
        Set<Cause> causes = Causes.of(surface.with(places), action, figures);
        double likely = learned.chance(computed.likely(), causes);
        double left = Math.min(1, learned.spreadLeft(computed.likely(), causes));
        return new Chance(
                likely - left * Math.max(0, likely - learned.chance(computed.low(), causes)),
                likely,
                likely + left * Math.max(0, learned.chance(computed.high(), causes) - likely));
    }

    private record Sum(double shows, double again) {}

    /** What is shared, one draw after the other, each with its weight. */
    private interface Draw {
        void with(int at, double off, double shinier, Eyes eyes, double weight);
    }

    private void draws(Draw draw) {
        int at = 0;
        for (int colour = 0; colour < Normal.FINE.length; colour++) {
            double off = shared.colour() * Normal.FINE[colour];
            for (int sheen = 0; sheen < Normal.COARSE.length; sheen++) {
                double shinier = spots.shinier() + shared.fresh() + shared.sheen() * Normal.COARSE[sheen];
                double weight = Normal.FINE_WEIGHTS[colour] * Normal.COARSE_WEIGHTS[sheen];
                for (Eyes eyes : sharpest) {
                    draw.with(at++, off, shinier, eyes, weight * eyes.weight());
                }
            }
        }
    }

    private Sum over(Map<Like, Integer> painted, double needs) {
        Map<double[], Integer> chances = new LinkedHashMap<>();
        painted.forEach((like, count) -> chances.put(
                known.computeIfAbsent(new Seen(like, needs), seen -> chances(spots.scored(like), needs)), count));
        double[] sums = new double[2];
        draws((at, off, shinier, eyes, weight) -> {
            double none = 1;
            double noneAgain = 1;
            for (Map.Entry<double[], Integer> one : chances.entrySet()) {
                double seen = one.getKey()[at];
                none *= Math.pow(1 - seen, one.getValue());
                noneAgain *= Math.pow(1 - seen * seen, one.getValue());
            }
            sums[0] += weight * (1 - none);
            sums[1] += weight * (1 - noneAgain);
        });
        return new Sum(Math.clamp(sums[0], 0, 1), Math.clamp(sums[1], 0, 1));
    }

    /** By each draw of what is shared, the chance that one such spot is seen. */
    private double[] chances(Scored scored, double needs) {
        double[] chances = new double[Normal.FINE.length * Normal.COARSE.length * sharpest.size()];
        draws((at, off, shinier, eyes, weight) ->
                chances[at] = sees(scored, eyes.view(), off, shinier, scored.seenFrom() * eyes.needs() * needs));
        return chances;
    }

    /** The chance that one spot is seen, over what is its own. */
    private double sees(Scored scored, View view, double off, double shinier, double needs) {
        double own = figures.limit(Figure.SPOT_DIFFERS);
        double poor = figures.share(Figure.POOR_HAND);
        double sum = 0;
        for (int draw = 0; draw < Normal.COARSE.length; draw++) {
            double offHere = off + own * Normal.COARSE[draw];
            double seen = (1 - poor) * sees(scored.well(), view, offHere, shinier, needs)
                    + poor * sees(scored.poor(), view, offHere, shinier, needs);
            sum += Normal.COARSE_WEIGHTS[draw] * seen;
        }
        return sum;
    }

    private static double sees(Map<View, Scores> scores, View view, double off, double shinier, double needs) {
        double score = Objects.requireNonNull(scores.get(view)).at(off, shinier);
        return 1 - Math.exp(-HALF * Math.pow(score / needs, STEEP));
    }
}

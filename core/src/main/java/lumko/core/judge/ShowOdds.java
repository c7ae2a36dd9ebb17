package lumko.core.judge;

import java.util.ArrayList;
import java.util.Arrays;
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

    /** So many times the difference it is taken to need to be seen: for the lowest chance, the likely one, the highest. */
    private static final double[] NEEDS = {MAY_BE_OFF, 1, 1 / MAY_BE_OFF};

    private static final int LOW = 0;
    private static final int LIKELY = 1;
    private static final int HIGH = 2;

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
    private final List<Draw> draws;
    private final List<Eyes> sharpest;
    private final double[][] weaker;
    private final Map<Like, double[][]> known = new HashMap<>();

    /**
     * What is shared by all spots.
     *
     * @param off how many ΔE00 lighter than meant
     * @param shinier than the wall, in gloss units
     * @param weight how likely it is, 0–1
     */
    private record Draw(double off, double shinier, double weight) {}

    /** The odds on one surface, whatever places are marked on it. */
    ShowOdds(SurfaceCase surface, Catalogue figures, JobPlanner planner, Learned learned) {
        this.learned = learned;
        this.surface = surface;
        this.figures = figures;
        this.spots = new Spots(surface, figures, planner);
        this.draws = draws(new SharedSpread(figures).of(surface), spots.shinier());
        this.sharpest = new Lookers(figures).sharpest(surface.room().kind());
        this.weaker = weaker(sharpest);
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
        Map<double[][], Integer> chances = new LinkedHashMap<>();
        painted.forEach((like, count) -> chances.put(known.computeIfAbsent(like, this::chances), count));
        double likely = shows(chances, LIKELY);
        Chance first = new Chance(shows(chances, LOW), likely, shows(chances, HIGH));
        Chance taught = taught(first, places, action);
        Chance all = washed > 0 ? taught.or(AFTER_WASHING) : taught;
        double again = likely == 0 ? 0 : showsAgain(chances) * taught.likely() / likely;
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

    /** By what the eyes need, and each of them: by how much weaker a difference is for them, to the same power as it is seen by. */
    private static double[][] weaker(List<Eyes> sharpest) {
        return Arrays.stream(NEEDS)
                .mapToObj(needs -> sharpest.stream()
                        .mapToDouble(eyes -> Math.pow(eyes.needs() * needs, -STEEP))
                        .toArray())
                .toArray(double[][]::new);
    }

    private static List<Draw> draws(SharedSpread.Of shared, double meant) {
        List<Draw> draws = new ArrayList<>();
        for (int colour = 0; colour < Normal.FINE.length; colour++) {
            for (int sheen = 0; sheen < Normal.COARSE.length; sheen++) {
                draws.add(new Draw(
                        shared.colour() * Normal.FINE[colour],
                        meant + shared.fresh() + shared.sheen() * Normal.COARSE[sheen],
                        Normal.FINE_WEIGHTS[colour] * Normal.COARSE_WEIGHTS[sheen]));
            }
        }
        return draws;
    }

    /** The chance that one of all the spots is seen. */
    private double shows(Map<double[][], Integer> spots, int needs) {
        return over((draw, eyes) -> {
            double none = 1;
            for (Map.Entry<double[][], Integer> alike : spots.entrySet()) {
                none *= power(1 - alike.getKey()[needs][draw * sharpest.size() + eyes], alike.getValue());
            }
            return 1 - none;
        });
    }

    /** The chance that one of them is seen, and after a second round one of them once more. */
    private double showsAgain(Map<double[][], Integer> spots) {
        return over((draw, eyes) -> {
            double none = 1;
            for (Map.Entry<double[][], Integer> alike : spots.entrySet()) {
                double seen = alike.getKey()[LIKELY][draw * sharpest.size() + eyes];
                none *= power(1 - seen * seen, alike.getValue());
            }
            return 1 - none;
        });
    }

    private static double power(double chance, int count) {
        return count == 1 ? chance : Math.pow(chance, count);
    }

    private interface Shown {
        double by(int draw, int eyes);
    }

    private double over(Shown shown) {
        double sum = 0;
        for (int draw = 0; draw < draws.size(); draw++) {
            for (int eyes = 0; eyes < sharpest.size(); eyes++) {
                sum += draws.get(draw).weight() * sharpest.get(eyes).weight() * shown.by(draw, eyes);
            }
        }
        return Math.clamp(sum, 0, 1);
    }

    /** By what the eyes need, and each draw of what is shared and of eyes: the chance that one such spot is seen. */
    private double[][] chances(Like like) {
        Scored scored = spots.scored(like);
        int count = sharpest.size();
        double[][] chances = new double[NEEDS.length][draws.size() * count];
        double[] weights = ownWeights();
        for (int draw = 0; draw < draws.size(); draw++) {
            double[] front = strong(scored, View.FRONT, draws.get(draw));
            double[] along = strong(scored, View.ALONG, draws.get(draw));
            for (int eyes = 0; eyes < count; eyes++) {
                double[] seen = sharpest.get(eyes).view() == View.FRONT ? front : along;
                for (int needs = 0; needs < NEEDS.length; needs++) {
                    chances[needs][draw * count + eyes] = sees(seen, weights, weaker[needs][eyes]);
                }
            }
        }
        return chances;
    }

    private static double sees(double[] strong, double[] weights, double weaker) {
        double sum = 0;
        for (int own = 0; own < strong.length; own++) {
            sum += weights[own] * (1 - Math.exp(-HALF * weaker * strong[own]));
        }
        return sum;
    }

    /** How likely each draw of what is a spot’s own is: how far its colour is off, done as usual and then done poorly. */
    private double[] ownWeights() {
        double poor = figures.share(Figure.POOR_HAND);
        int count = Normal.COARSE.length;
        double[] weights = new double[2 * count];
        for (int own = 0; own < count; own++) {
            weights[own] = (1 - poor) * Normal.COARSE_WEIGHTS[own];
            weights[count + own] = poor * Normal.COARSE_WEIGHTS[own];
        }
        return weights;
    }

    /** By the same draws, (score / seen)^3.5 for usual eyes: it is the same for all who look from there. */
    private double[] strong(Scored scored, View view, Draw draw) {
        double differs = figures.limit(Figure.SPOT_DIFFERS);
        int count = Normal.COARSE.length;
        double[] strong = new double[2 * count];
        for (int own = 0; own < count; own++) {
            double off = draw.off() + differs * Normal.COARSE[own];
            strong[own] = strong(scored.well(), view, off, draw.shinier(), scored.seenFrom());
            strong[count + own] = strong(scored.poor(), view, off, draw.shinier(), scored.seenFrom());
        }
        return strong;
    }

    private static double strong(Map<View, Scores> scores, View view, double off, double shinier, double seenFrom) {
        return Math.pow(Objects.requireNonNull(scores.get(view)).at(off, shinier) / seenFrom, STEEP);
    }
}

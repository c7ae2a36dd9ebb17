package lumko.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import lumko.core.hold.Binder;

/**
 * Mixes what is in the store to come nearest to a colour: how much of each tin. Colours mix by K/S of films that hide, with
 * equal scattering; approximate, the more so the stronger the colours.
 */
public final class BoxMixer {
    private static final double STEP_FROM = 0.2;
    private static final double STEP_TO = 1e-4;

    private BoxMixer() {}

    /**
     * A tin that may be used.
     *
     * @param litres left in it
     * @param gloss60 in units at 60°
     */
    public record Available(String tin, Spectrum colour, double litres, Binder binder, double gloss60) {}

    /** How much of one tin goes in. */
    public record Part(String tin, double litres) {}

    /**
     * The mix, and what it is predicted to look like.
     *
     * @param gloss60 between those of its parts
     */
    public record Mix(List<Part> parts, double litres, Lab predicted, double difference, double gloss60) {}

    /**
     * The nearest mix of tins of one kind: waterborne and solventborne paint are never mixed.
     *
     * @param litres wanted; less comes out where the tins do not hold as much
     * @throws IllegalArgumentException if there is no tin
     */
    public static Mix nearest(Target target, List<Available> tins, double litres) {
        if (tins.stream().noneMatch(tin -> tin.litres() > 0) || !(litres > 0)) {
            throw new IllegalArgumentException("a mix needs at least one tin with paint in it, and litres above 0");
        }
        return Arrays.stream(Binder.values())
                .map(binder -> tins.stream()
                        .filter(tin -> tin.binder() == binder && tin.litres() > 0)
                        .toList())
                .filter(kind -> !kind.isEmpty())
                .map(kind -> ofOneKind(target, kind, litres))
                .min(Comparator.comparingDouble(Mix::difference))
                .orElseThrow();
    }

    private static Mix ofOneKind(Target target, List<Available> tins, double litres) {
        double inStore = tins.stream().mapToDouble(Available::litres).sum();
        double wanted = Math.min(litres, inStore);
        double[][] ratios = tins.stream().map(BoxMixer::ratios).toArray(double[][]::new);
        double[] best = new double[0];
        double least = Double.POSITIVE_INFINITY;
        for (int start = 0; start < tins.size(); start++) {
            double[] tried = descend(target, tins, ratios, filled(tins, wanted, start), wanted);
            double difference = ColourDifference.between(lab(ratios, tried, wanted), target.lab());
            if (difference < least - 1e-9) {
                least = difference;
                best = tried;
            }
        }
        List<Part> parts = new ArrayList<>();
        double gloss = 0;
        for (int i = 0; i < best.length; i++) {
            gloss += best[i] / wanted * tins.get(i).gloss60();
            if (best[i] > wanted * 1e-3) {
                parts.add(new Part(tins.get(i).tin(), best[i]));
            }
        }
        return new Mix(parts, wanted, lab(ratios, best, wanted), least, gloss);
    }

    /** As much as possible of one tin, the rest evenly from the others. */
    private static double[] filled(List<Available> tins, double wanted, int first) {
        double[] litres = new double[tins.size()];
        litres[first] = Math.min(wanted, tins.get(first).litres());
        double rest = wanted - litres[first];
        double others = tins.stream().mapToDouble(Available::litres).sum()
                - tins.get(first).litres();
        for (int i = 0; i < litres.length && rest > 0; i++) {
            if (i != first) {
                litres[i] = rest * tins.get(i).litres() / others;
            }
        }
        return litres;
    }

    /** Moves paint from one tin's part to another's while that brings the mix nearer. */
    private static double[] descend(
            Target target, List<Available> tins, double[][] ratios, double[] start, double wanted) {
        double[] litres = start;
        double difference = ColourDifference.between(lab(ratios, litres, wanted), target.lab());
        for (double step = STEP_FROM; step > STEP_TO; ) {
            double[] better = litres;
            double least = difference;
            for (int from = 0; from < litres.length; from++) {
                for (int to = 0; to < litres.length; to++) {
                    double moved = Math.min(
                            step * wanted, Math.min(litres[from], tins.get(to).litres() - litres[to]));
                    if (from != to && moved > 0) {
                        double[] tried = litres.clone();
                        tried[from] -= moved;
                        tried[to] += moved;
                        double there = ColourDifference.between(lab(ratios, tried, wanted), target.lab());
                        if (there < least) {
                            least = there;
                            better = tried;
                        }
                    }
                }
            }
            if (better == litres) {
                step /= 2;
            }
            litres = better;
            difference = least;
        }
        return litres;
    }

    private static double[] ratios(Available tin) {
        double[] ratios = tin.colour().visible();
        for (int band = 0; band < ratios.length; band++) {
            ratios[band] = KubelkaMunk.ratio(Math.max(1e-4, Math.min(0.9999, Surface.OF_PAINT.internal(ratios[band]))));
        }
        return ratios;
    }

    private static Lab lab(double[][] ratios, double[] litres, double together) {
        double[] seen = new double[Spectrum.BANDS];
        for (int band = 0; band < Spectrum.BANDS; band++) {
            double ratio = 0;
            for (int i = 0; i < litres.length; i++) {
                ratio += litres[i] / together * ratios[i][band];
            }
            seen[band] = Surface.OF_PAINT.measured(KubelkaMunk.reflectance(ratio, 1, Double.POSITIVE_INFINITY, 0));
        }
        return Colorimetry.DAYLIGHT.lab(seen);
    }
}

package lumko.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import lumko.core.paint.Binder;

/**
 * Mixes what is in the store to come nearest to a colour: how much of each tin. Colours mix by K/S of films that hide, with
 * equal scattering; approximate, the more so the stronger the colours. Tins of one colour and sheen count as one paint; of a
 * large store only few paints go into a mix, found by widening the best mixes by one paint at a time.
 */
public final class BoxMixer {
    /** As near as this, ΔE00, a paint is the colour itself: what of it is there is used first. */
    private static final double THE_COLOUR_ITSELF = 0.5;

    /** Colours nearer than this, ΔE00, and sheens nearer than this, in units, are one paint in several tins. */
    private static final double ONE_COLOUR = 0.05;

    private static final double ONE_SHEEN = 1;

    /** So many mixes of a number of paints are kept to be widened by one more. */
    private static final int KEPT = 6;

    private static final double STEP_FROM = 0.2;
    private static final double STEP_TO = 1e-3;
    private static final double POLISHED = 1e-4;

    /** Of less than this share of a mix nobody would open a tin. */
    private static final double NOTHING = 1e-3;

    /** More than this share of what is there is poured in whole. ASSUMPTION. */
    private static final double AS_GOOD_AS_WHOLE = 0.9;

    private BoxMixer() {}

    /**
     * A tin that may be used.
     *
     * @param litres left in it
     * @param gloss60 in units at 60°
     */
    public record Available(String tin, Spectrum colour, double litres, Binder binder, double gloss60) {}

    /**
     * How finely is mixed.
     *
     * @param mostPaints that go into one mix, 1 or more
     * @param worthIt one more paint is taken only if it brings the mix nearer by more than this, ΔE00
     * @param step amounts are multiples of it, in litres; 0 for any amount
     */
    public record Way(int mostPaints, double worthIt, double step) {
        /** As near as the tins allow. */
        public static final Way EXACT = new Way(6, 0, 0);

        /** As a painter pours: few tins, by a ladle of 50 ml. ASSUMPTION: a nearer colour than 0.3 is not seen. */
        public static final Way BY_LADLE = new Way(4, 0.3, 0.05);
    }

    /** How much of one tin goes in. */
    public record Part(String tin, double litres, boolean isWhole) {}

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
    public static Mix nearest(Target target, List<Available> tins, double litres, Way way) {
        if (tins.stream().noneMatch(tin -> tin.litres() > 0) || !(litres > 0)) {
            throw new IllegalArgumentException("a mix needs at least one tin with paint in it, and litres above 0");
        }
        return Arrays.stream(Binder.values())
                .map(binder -> tins.stream()
                        .filter(tin -> tin.binder() == binder && tin.litres() > 0)
                        .toList())
                .filter(kind -> !kind.isEmpty())
                .map(kind -> new Search(target, paints(kind), litres, way).mix())
                .min(Comparator.comparingDouble(Mix::difference))
                .orElseThrow();
    }

    /** One paint, in one tin or several. */
    private record Pool(List<Available> tins, double litres, double[] ratios, Lab lab) {
        static Pool of(List<Available> tins) {
            Available first = tins.getFirst();
            double[] ratios = first.colour().visible();
            for (int band = 0; band < ratios.length; band++) {
                double inside = Surface.OF_PAINT.internal(ratios[band]);
                ratios[band] = KubelkaMunk.ratio(Math.max(1e-4, Math.min(0.9999, inside)));
            }
            return new Pool(
                    tins.stream()
                            .sorted(Comparator.comparingDouble(Available::litres)
                                    .reversed())
                            .toList(),
                    tins.stream().mapToDouble(Available::litres).sum(),
                    ratios,
                    Colorimetry.DAYLIGHT.lab(first.colour()));
        }

        /** Whole tins first, the rest from the next one. */
        List<Part> parts(double wanted) {
            List<Part> parts = new ArrayList<>();
            List<Available> rest = new ArrayList<>(tins);
            double missing = wanted;
            for (Available tin : tins) {
                if (missing > 1e-9 && tin.litres() <= missing + 1e-9) {
                    parts.add(new Part(tin.tin(), tin.litres(), true));
                    rest.remove(tin);
                    missing -= tin.litres();
                }
            }
            if (missing > 1e-9 && !rest.isEmpty()) {
                parts.add(new Part(rest.getLast().tin(), missing, false));
            }
            return parts;
        }
    }

    private static List<Pool> paints(List<Available> tins) {
        List<List<Available>> groups = new ArrayList<>();
        for (Available tin : tins) {
            groups.stream()
                    .filter(group -> isSamePaint(group.getFirst(), tin))
                    .findFirst()
                    .ifPresentOrElse(group -> group.add(tin), () -> groups.add(new ArrayList<>(List.of(tin))));
        }
        return groups.stream().map(Pool::of).toList();
    }

    private static boolean isSamePaint(Available one, Available other) {
        return Math.abs(one.gloss60() - other.gloss60()) <= ONE_SHEEN
                && ColourDifference.between(
                                Colorimetry.DAYLIGHT.lab(one.colour()), Colorimetry.DAYLIGHT.lab(other.colour()))
                        <= ONE_COLOUR;
    }

    /** Some paints in some amounts. */
    private record Trial(int[] paints, double[] litres, double together, double difference) {}

    /** Finds the mix of one kind of paint. */
    private static final class Search {
        private final Target target;
        private final List<Pool> pools;
        private final double wanted;
        private final Way way;

        Search(Target target, List<Pool> pools, double litres, Way way) {
            this.target = target;
            this.pools = pools;
            this.way = way;
            this.wanted =
                    Math.min(litres, pools.stream().mapToDouble(Pool::litres).sum());
        }

        Mix mix() {
            return poured(polished(chosen()));
        }

        /** The colour itself first; then always the paint that brings the mix nearest, as long as it is worth it. */
        private Trial chosen() {
            List<Trial> beam = IntStream.range(0, pools.size())
                    .mapToObj(paint -> trial(new int[] {paint}))
                    .sorted(Comparator.comparingDouble(Trial::difference))
                    .toList();
            Trial itself = beam.getFirst();
            if (itself.difference() <= THE_COLOUR_ITSELF) {
                beam = List.of(itself);
            }
            Trial best = fullest(beam);
            for (int size = 2; size <= Math.min(way.mostPaints(), pools.size()); size++) {
                beam = wider(beam.subList(0, Math.min(KEPT, beam.size())));
                Trial nearest = fullest(beam);
                boolean isFuller = nearest.together() > best.together() + 1e-9;
                if (isFuller || nearest.difference() < best.difference() - way.worthIt()) {
                    best = nearest;
                }
            }
            return best;
        }

        /** Of the mixes that reach furthest towards the litres wanted, the nearest. */
        private static Trial fullest(List<Trial> beam) {
            double most = beam.stream().mapToDouble(Trial::together).max().orElse(0);
            return beam.stream()
                    .filter(trial -> trial.together() > most - 1e-9)
                    .min(Comparator.comparingDouble(Trial::difference))
                    .orElseThrow();
        }

        private List<Trial> wider(List<Trial> beam) {
            return beam.stream()
                    .flatMap(trial -> IntStream.range(0, pools.size())
                            .filter(paint -> Arrays.stream(trial.paints()).noneMatch(known -> known == paint))
                            .mapToObj(paint -> IntStream.concat(Arrays.stream(trial.paints()), IntStream.of(paint))
                                    .sorted()
                                    .toArray()))
                    .collect(Collectors.toMap(Arrays::toString, paints -> paints, (one, same) -> one))
                    .values()
                    .stream()
                    .map(this::trial)
                    .sorted(Comparator.comparingDouble(Trial::difference)
                            .thenComparing(t -> Arrays.toString(t.paints())))
                    .toList();
        }

        private Trial trial(int[] paints) {
            double held = Arrays.stream(paints)
                    .mapToDouble(paint -> pools.get(paint).litres())
                    .sum();
            double together = Math.min(wanted, held);
            Trial best = null;
            for (int first : paints) {
                Trial tried = descend(paints, filled(paints, first, together), together, STEP_FROM, STEP_TO);
                if (best == null || tried.difference() < best.difference() - 1e-9) {
                    best = tried;
                }
                if (held <= wanted + 1e-9) {
                    break; // all of it goes in, there is nothing to choose
                }
            }
            return Objects.requireNonNull(best);
        }

        private Trial polished(Trial rough) {
            return descend(rough.paints(), rough.litres(), rough.together(), STEP_TO, POLISHED);
        }

        /** As much as possible of one paint, the rest evenly from the others. */
        private double[] filled(int[] paints, int first, double together) {
            double held = Arrays.stream(paints)
                    .mapToDouble(paint -> pools.get(paint).litres())
                    .sum();
            double ofFirst = Math.min(together, pools.get(first).litres());
            double others = held - pools.get(first).litres();
            return Arrays.stream(paints)
                    .mapToDouble(paint -> paint == first
                            ? ofFirst
                            : (together - ofFirst) * pools.get(paint).litres() / others)
                    .toArray();
        }

        /** Moves paint from one part to another while that brings the mix nearer. */
        private Trial descend(int[] paints, double[] start, double together, double from, double to) {
            double[] litres = start;
            double difference = difference(paints, litres, together);
            for (double step = from; step > to; ) {
                double[] better = litres;
                double least = difference;
                for (int less = 0; less < litres.length; less++) {
                    for (int more = 0; more < litres.length; more++) {
                        double room = pools.get(paints[more]).litres() - litres[more];
                        double moved = Math.min(step * together, Math.min(litres[less], room));
                        if (less != more && moved > 0) {
                            double[] tried = litres.clone();
                            tried[less] -= moved;
                            tried[more] += moved;
                            double there = difference(paints, tried, together);
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
            return new Trial(paints, litres, together, difference);
        }

        /** As it is poured, and looked at again. */
        private Mix poured(Trial trial) {
            double[] litres = rounded(trial);
            double together = Arrays.stream(litres).sum();
            List<Part> parts = new ArrayList<>();
            double gloss = 0;
            for (int i = 0; i < litres.length; i++) {
                Pool pool = pools.get(trial.paints()[i]);
                gloss += litres[i] / together * pool.tins().getFirst().gloss60();
                parts.addAll(pool.parts(litres[i]));
            }
            return new Mix(
                    parts,
                    together,
                    lab(trial.paints(), litres, together),
                    difference(trial.paints(), litres, together),
                    gloss);
        }

        /** What is nearly all of a paint is all of it, the rest goes by the step; what is next to nothing is left out. */
        private double[] rounded(Trial trial) {
            double[] litres = trial.litres().clone();
            for (int i = 0; i < litres.length; i++) {
                double held = pools.get(trial.paints()[i]).litres();
                if (litres[i] <= NOTHING * trial.together()) {
                    litres[i] = 0;
                } else if (way.step() > 0) {
                    litres[i] = litres[i] > AS_GOOD_AS_WHOLE * held
                            ? held
                            : Math.min(held, Math.round(litres[i] / way.step()) * way.step());
                }
            }
            return Arrays.stream(litres).sum() > 0 ? litres : trial.litres();
        }

        private double difference(int[] paints, double[] litres, double together) {
            return ColourDifference.between(lab(paints, litres, together), target.lab());
        }

        private Lab lab(int[] paints, double[] litres, double together) {
            if (paints.length == 1) {
                return pools.get(paints[0]).lab();
            }
            double[] seen = new double[Spectrum.BANDS];
            for (int band = 0; band < Spectrum.BANDS; band++) {
                double ratio = 0;
                for (int i = 0; i < litres.length; i++) {
                    ratio += litres[i] / together * pools.get(paints[i]).ratios()[band];
                }
                seen[band] = Surface.OF_PAINT.measured(KubelkaMunk.reflectance(ratio, 1, Double.POSITIVE_INFINITY, 0));
            }
            return Colorimetry.DAYLIGHT.lab(seen);
        }
    }
}

package lumko.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.Metamerism;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Xyz;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.jspecify.annotations.Nullable;

/**
 * Finds how much of which colorants brings a base to a colour. Amounts are never negative, never more than the base can hold,
 * as few colorants as do, and in whole steps of the dispenser; the colour is predicted for the rounded amounts.
 *
 * <p>Each set of colorants is solved by Gauss–Newton steps on L*, a*, b* with amounts kept at or above nothing; sets grow one
 * colorant at a time from the most promising ones.
 */
public final class RecipeFinder {
    /** More colorant than this, as a share of the base, and the paint no longer dries. ASSUMPTION: 12 %. */
    private static final double MOST_SHARE = 0.12;

    /** Sets carried on to the next size. */
    private static final int BEAM = 7;

    /** One more colorant has to gain at least this, ΔE00. */
    private static final double WORTH_ONE_MORE = 0.15;

    /** Recipes that differ by less are as good as each other, ΔE00. ASSUMPTION. */
    private static final double NOBODY_SEES = 0.1;

    private static final int ROUNDS = 12;

    /** K/S of what absorbs next to nothing: below it the slope has no end. */
    private static final double LEAST_RATIO = 1e-9;

    private final List<Colorant> colorants;

    public RecipeFinder(List<Colorant> colorants) {
        this.colorants = List.copyOf(colorants);
    }

    /**
     * What the base is and how finely it can be dosed.
     *
     * @param amount of the base, in the unit of the step (ml or g)
     * @param step smallest amount the dispenser gives, in the same unit; 0 for any amount
     * @param most colorants at the most, 1–5
     */
    public record Order(Map<Colorant, Double> base, double amount, double step, int most) {
        public Order {
            if (!(amount > 0 && step >= 0) || most < 1 || most > 5) {
                throw new IllegalArgumentException(
                        "a recipe needs an amount above 0, a step of 0 or more and 1–5 colorants");
            }
        }
    }

    /** What to add, and what it is predicted to give. */
    public record Recipe(
            Map<String, Double> amounts, double volume, Lab predicted, double difference, Metamerism metamerism) {}

    private record Set(int[] members, double[] amounts, double difference) {}

    /** A set in whole steps of the dispenser, with what it then comes to. */
    private record Dosed(Set set, double[] amounts, double difference) {
        double amount() {
            return Arrays.stream(amounts).sum();
        }
    }

    /** The recipe that gets nearest with few colorants. What is in the tin already only grows. */
    public Recipe find(Target target, Order order) {
        double[] backing = new double[Spectrum.BANDS];
        double[] baseK = new double[Spectrum.BANDS];
        double[] baseS = new double[Spectrum.BANDS];
        double sum =
                order.base().values().stream().mapToDouble(Double::doubleValue).sum();
        order.base().forEach((colorant, part) -> {
            for (int band = 0; band < Spectrum.BANDS; band++) {
                baseK[band] += part / sum * order.amount() * colorant.k(band);
                baseS[band] += part / sum * order.amount() * colorant.s(band);
            }
        });
        Solver solver = new Solver(target.lab(), baseK, baseS, order.amount(), backing);
        Set nothing = solver.solve(new int[0], new double[0]);
        Dosed best = solver.dosed(nothing, order.step());
        List<Set> beam = List.of(nothing);
        for (int size = 1; size <= order.most(); size++) {
            Map<String, Set> next = new TreeMap<>();
            for (Set set : beam) {
                for (int colorant = 0; colorant < colorants.size(); colorant++) {
                    Set grown = solver.grow(set, colorant);
                    if (grown != null) {
                        next.putIfAbsent(Arrays.toString(grown.members), grown);
                    }
                }
            }
            beam = next.values().stream()
                    .sorted(Comparator.comparingDouble(Set::difference))
                    .limit(BEAM)
                    .toList();
            if (beam.isEmpty()) {
                break;
            }
            // sets that are as good as each other part when they are dosed; of equal ones the least colorant
            List<Dosed> dosed =
                    beam.stream().map(set -> solver.dosed(set, order.step())).toList();
            double least = dosed.stream().mapToDouble(Dosed::difference).min().orElseThrow();
            Dosed nearest = dosed.stream()
                    .filter(each -> each.difference <= least + NOBODY_SEES)
                    .min(Comparator.comparingDouble(Dosed::amount))
                    .orElseThrow();
            if (nearest.difference < best.difference - WORTH_ONE_MORE) {
                best = nearest;
            }
        }
        return recipe(best, solver, target, order);
    }

    private Recipe recipe(Dosed dosed, Solver solver, Target target, Order order) {
        double[] rounded = dosed.amounts;
        Set set = dosed.set;
        Map<String, Double> amounts = new LinkedHashMap<>();
        double volume = order.amount();
        for (int i = 0; i < rounded.length; i++) {
            if (rounded[i] > 0) {
                amounts.put(colorants.get(set.members[i]).name(), rounded[i]);
                volume += rounded[i];
            }
        }
        double[] seen = solver.seen(set.members, rounded);
        Lab predicted = Colorimetry.DAYLIGHT.lab(seen);
        return new Recipe(
                amounts,
                volume,
                predicted,
                ColourDifference.between(predicted, target.lab()),
                Metamerism.of(Spectrum.of(Spectrum.START, seen), target.spectrum()));
    }

    /** Solves sets of colorants in one base. */
    private final class Solver {
        private final Lab wanted;
        private final double[] baseK;
        private final double[] baseS;
        private final double amount;
        private final double[] backing;

        Solver(Lab wanted, double[] baseK, double[] baseS, double amount, double[] backing) {
            this.wanted = wanted;
            this.baseK = baseK;
            this.baseS = baseS;
            this.amount = amount;
            this.backing = backing;
        }

        @Nullable
        Set grow(Set set, int colorant) {
            for (int member : set.members) {
                if (member == colorant) {
                    return null;
                }
            }
            int[] members = Arrays.copyOf(set.members, set.members.length + 1);
            members[set.members.length] = colorant;
            double[] amounts = Arrays.copyOf(set.amounts, members.length);
            amounts[set.amounts.length] = amount * 0.001;
            sort(members, amounts);
            return solve(members, amounts);
        }

        private static void sort(int[] members, double[] amounts) {
            for (int i = members.length - 1; i > 0 && members[i] < members[i - 1]; i--) {
                int member = members[i];
                members[i] = members[i - 1];
                members[i - 1] = member;
                double each = amounts[i];
                amounts[i] = amounts[i - 1];
                amounts[i - 1] = each;
            }
        }

        double[] seen(int[] members, double[] amounts) {
            double[] seen = new double[Spectrum.BANDS];
            for (int band = 0; band < Spectrum.BANDS; band++) {
                double k = baseK[band];
                double s = baseS[band];
                for (int i = 0; i < members.length; i++) {
                    k += amounts[i] * colorants.get(members[i]).k(band);
                    s += amounts[i] * colorants.get(members[i]).s(band);
                }
                seen[band] = Surface.OF_PAINT.measured(
                        KubelkaMunk.reflectance(k, s, Double.POSITIVE_INFINITY, backing[band]));
            }
            return seen;
        }

        private double[] lab(int[] members, double[] amounts) {
            Lab lab = Colorimetry.DAYLIGHT.lab(seen(members, amounts));
            return new double[] {lab.lightness(), lab.a(), lab.b()};
        }

        private double difference(double[] lab) {
            return ColourDifference.between(lab[0], lab[1], lab[2], wanted.lightness(), wanted.a(), wanted.b());
        }

        Set solve(int[] members, double[] start) {
            int n = members.length;
            double[] amounts = start.clone();
            double[] lab = lab(members, amounts);
            double difference = difference(lab);
            double damping = 1e-3;
            for (int round = 0; round < ROUNDS && n > 0 && difference > 1e-3; round++) {
                double[] step = step(members, amounts, lab, damping);
                double[] tried = kept(amounts, step);
                double[] there = lab(members, tried);
                double better = difference(there);
                if (better < difference) {
                    amounts = tried;
                    lab = there;
                    difference = better;
                    damping = Math.max(1e-9, damping / 5);
                } else {
                    damping *= 20;
                }
            }
            return new Set(members, amounts, difference);
        }

        /** A damped Gauss–Newton step towards the wanted colour. */
        private double[] step(int[] members, double[] amounts, double[] lab, double damping) {
            int n = members.length;
            double[][] slopes = slopes(members, amounts);
            double[] missing = {wanted.lightness() - lab[0], wanted.a() - lab[1], wanted.b() - lab[2]};
            DMatrixRMaj normal = new DMatrixRMaj(n, n);
            DMatrixRMaj right = new DMatrixRMaj(n, 1);
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    for (int k = 0; k < 3; k++) {
                        normal.add(i, j, slopes[i][k] * slopes[j][k]);
                    }
                }
                normal.set(i, i, normal.get(i, i) * (1 + damping) + 1e-12);
                for (int k = 0; k < 3; k++) {
                    right.add(i, 0, slopes[i][k] * missing[k]);
                }
            }
            DMatrixRMaj step = new DMatrixRMaj(n, 1);
            if (!CommonOps_DDRM.solve(normal, right, step)) {
                throw new ArithmeticException("the colorants do not determine each other");
            }
            return step.getData();
        }

        /** How L*, a*, b* change with the amount of each colorant: by way of K/S, reflectance and tristimulus values. */
        private double[][] slopes(int[] members, double[] amounts) {
            double[] seen = new double[Spectrum.BANDS];
            double[] byAbsorption = new double[Spectrum.BANDS];
            double[] ratios = new double[Spectrum.BANDS];
            for (int band = 0; band < Spectrum.BANDS; band++) {
                double k = baseK[band];
                double s = baseS[band];
                for (int i = 0; i < members.length; i++) {
                    k += amounts[i] * colorants.get(members[i]).k(band);
                    s += amounts[i] * colorants.get(members[i]).s(band);
                }
                double ratio = Math.max(LEAST_RATIO, k / s);
                double internal = KubelkaMunk.reflectance(ratio, 1, Double.POSITIVE_INFINITY, 0);
                seen[band] = Surface.OF_PAINT.measured(internal);
                byAbsorption[band] = Surface.OF_PAINT.slope(internal) * KubelkaMunk.slope(ratio) / s;
                ratios[band] = ratio;
            }
            Xyz at = Colorimetry.DAYLIGHT.xyz(seen);
            double[][] slopes = new double[members.length][];
            double[] change = new double[Spectrum.BANDS];
            for (int i = 0; i < members.length; i++) {
                Colorant colorant = colorants.get(members[i]);
                for (int band = 0; band < Spectrum.BANDS; band++) {
                    change[band] = byAbsorption[band] * (colorant.k(band) - ratios[band] * colorant.s(band));
                }
                slopes[i] = Lab.change(at, Colorimetry.DAYLIGHT.xyz(change), Colorimetry.DAYLIGHT.white());
            }
            return slopes;
        }

        /** A step as far as it may be gone. */
        private double[] kept(double[] amounts, double[] step) {
            int n = amounts.length;
            double[] tried = new double[n];
            double together = 0;
            for (int i = 0; i < n; i++) {
                // no more than a tenfold change at once: the model is far from straight where there is little
                tried[i] = Math.max(0, Math.min(amounts[i] + step[i], Math.max(10 * amounts[i], amount * 0.002)));
                together += tried[i];
            }
            if (together > MOST_SHARE * amount) {
                for (int i = 0; i < n; i++) {
                    tried[i] *= MOST_SHARE * amount / together;
                }
            }
            return tried;
        }

        /** Whole steps, each rounded the way that keeps the colour nearest. */
        Dosed dosed(Set set, double step) {
            double[] amounts = set.amounts.clone();
            if (step == 0) {
                return new Dosed(set, amounts, set.difference);
            }
            int n = amounts.length;
            double[] best = new double[n];
            double least = Double.POSITIVE_INFINITY;
            for (int choice = 0; choice < 1 << n; choice++) {
                double[] tried = new double[n];
                for (int i = 0; i < n; i++) {
                    double down = Math.floor(amounts[i] / step);
                    tried[i] = (down + (choice >> i & 1)) * step;
                }
                double difference = difference(lab(set.members, tried));
                if (difference < least) {
                    least = difference;
                    best = tried;
                }
            }
            return new Dosed(set, best, least);
        }
    }

    /** Colorants by their names. */
    public static Map<String, Colorant> byName(List<Colorant> colorants) {
        Map<String, Colorant> byName = new LinkedHashMap<>();
        new ArrayList<>(colorants).forEach(colorant -> byName.put(colorant.name(), colorant));
        return byName;
    }
}

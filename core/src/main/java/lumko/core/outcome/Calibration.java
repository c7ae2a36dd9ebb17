package lumko.core.outcome;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * How well what was said has held: of the walls of which one in five was said, was about one in five seen?
 *
 * @param bins by what was said, from never to always
 * @param count of walls
 * @param brier mean square of what was said less what was seen; 0 is perfect. Source: Brier, Monthly Weather Review 78 (1950)
 * @param ofAverage the same for somebody who always says the average
 */
public record Calibration(List<Bin> bins, int count, double brier, double ofAverage) {
    private static final double[] EDGES = {0, 0.05, 0.1, 0.2, 0.35, 0.6, 1};

    /** For the range of a share: two in three. */
    private static final double DEVIATIONS = 1;

    /**
     * Walls of which about the same was said.
     *
     * @param said on average, 0–1
     * @param seen the share that was seen, 0–1
     * @param low end of the range that the true share may well lie in (Wilson 1927)
     */
    public record Bin(double from, double to, int count, double said, double seen, double low, double high) {}

    public Calibration {
        bins = List.copyOf(bins);
    }

    /** Of what was told at the time, whatever rules or figures have become since. */
    public static Calibration ofSaid(List<Observation> observations) {
        return of(observations, Observation::said);
    }

    static Calibration of(List<Observation> observations, ToDoubleFunction<Observation> chance) {
        List<Bin> bins = new ArrayList<>();
        for (int n = 0; n + 1 < EDGES.length; n++) {
            double from = EDGES[n];
            double to = EDGES[n + 1];
            List<Observation> inside = observations.stream()
                    .filter(each -> chance.applyAsDouble(each) >= from && (chance.applyAsDouble(each) < to || to == 1))
                    .toList();
            if (!inside.isEmpty()) {
                bins.add(bin(from, to, inside, chance));
            }
        }
        double average = average(observations, Observation::seen);
        return new Calibration(
                bins, observations.size(), brier(observations, chance), brier(observations, each -> average));
    }

    private static Bin bin(double from, double to, List<Observation> inside, ToDoubleFunction<Observation> chance) {
        double count = inside.size();
        double seen = average(inside, Observation::seen);
        double z2 = DEVIATIONS * DEVIATIONS;
        double middle = (seen + z2 / (2 * count)) / (1 + z2 / count);
        double reach = DEVIATIONS / (1 + z2 / count) * Math.sqrt(seen * (1 - seen) / count + z2 / (4 * count * count));
        return new Bin(
                from,
                to,
                inside.size(),
                average(inside, chance),
                seen,
                Math.max(0, middle - reach),
                Math.min(1, middle + reach));
    }

    static double brier(List<Observation> observations, ToDoubleFunction<Observation> chance) {
        return average(observations, each -> {
            double off = chance.applyAsDouble(each) - each.seen();
            return off * off;
        });
    }

    private static double average(List<Observation> of, ToDoubleFunction<Observation> value) {
        return of.stream().mapToDouble(value).average().orElse(0);
    }
}

package lumko.core.visibility;

import java.util.Arrays;

/** Many differences, ΔE00, and where they lie. */
public final class Differences {
    private final double[] sorted;

    Differences(double[] values) {
        sorted = values.clone();
        Arrays.sort(sorted);
    }

    public double mean() {
        double sum = 0;
        for (double value : sorted) {
            sum += value;
        }
        return sorted.length == 0 ? 0 : sum / sorted.length;
    }

    /**
     * What so many in a hundred do not exceed, by linear interpolation between the two nearest; nothing where there is none.
     *
     * @param percent 0–100
     */
    public double percentile(double percent) {
        if (sorted.length == 0) {
            return 0;
        }
        double at = percent / 100 * (sorted.length - 1);
        int below = (int) Math.floor(at);
        int above = Math.min(sorted.length - 1, below + 1);
        return sorted[below] + (at - below) * (sorted[above] - sorted[below]);
    }
}

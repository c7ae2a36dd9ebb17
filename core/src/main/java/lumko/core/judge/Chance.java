package lumko.core.judge;

/**
 * The chance of something, with the range it may well lie in.
 *
 * @param likely 0–1, between the other two
 */
public record Chance(double low, double likely, double high) {
    public static final Chance NEVER = new Chance(0, 0, 0);

    public Chance {
        if (!(0 <= low && low <= likely && likely <= high && high <= 1)) {
            throw new IllegalArgumentException(
                    "a chance needs 0 ≤ low ≤ likely ≤ high ≤ 1, was %s, %s, %s".formatted(low, likely, high));
        }
    }

    /** From log-odds, with the range one spread to either side. */
    static Chance ofLogit(double logit, double spread) {
        return new Chance(share(logit - spread), share(logit), share(logit + spread));
    }

    /** That at least one of two independent things happens. */
    Chance or(Chance other) {
        return new Chance(
                1 - (1 - low) * (1 - other.low),
                1 - (1 - likely) * (1 - other.likely),
                1 - (1 - high) * (1 - other.high));
    }

    private static double share(double logit) {
        return 1 / (1 + Math.exp(-logit));
    }
}

package lumko.core.judge;

/** The normal distribution, and sums over it. */
final class Normal {
    /** From −3 to 3 in half steps: what is integrated is smooth over them. */
    static final double[] FINE = {-3, -2.5, -2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2, 2.5, 3};

    static final double[] FINE_WEIGHTS = weights(FINE);

    /** Gauss–Hermite with three points. Source: Abramowitz & Stegun, table 25.10. */
    static final double[] COARSE = {-Math.sqrt(3), 0, Math.sqrt(3)};

    static final double[] COARSE_WEIGHTS = {1 / 6.0, 4 / 6.0, 1 / 6.0};

    private Normal() {}

    private static double[] weights(double[] places) {
        double[] weights = new double[places.length];
        double sum = 0;
        for (int n = 0; n < places.length; n++) {
            weights[n] = Math.exp(-places[n] * places[n] / 2);
            sum += weights[n];
        }
        for (int n = 0; n < places.length; n++) {
            weights[n] /= sum;
        }
        return weights;
    }

    /** The value below which a standard normal draw lies with a probability, 0–1: by bisection. */
    static double below(double probability) {
        double low = -8;
        double high = 8;
        for (int round = 0; round < 60; round++) {
            double middle = (low + high) / 2;
            if (upTo(middle) < probability) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The probability of a draw below a value. Source: Abramowitz & Stegun 7.1.26, within 1.5·10⁻⁷. */
    static double upTo(double value) {
        double x = Math.abs(value) / Math.sqrt(2);
        double t = 1 / (1 + 0.3275911 * x);
        double polynomial =
                t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
        double inside = 1 - polynomial * Math.exp(-x * x);
        return value < 0 ? (1 - inside) / 2 : (1 + inside) / 2;
    }
}

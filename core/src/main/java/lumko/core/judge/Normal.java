package lumko.core.judge;

/** Sums over the standard normal distribution. */
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
}

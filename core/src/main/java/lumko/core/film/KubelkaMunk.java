package lumko.core.film;

/**
 * The reflectance of a film over a backing, in a form that is finite everywhere: with T = tanh(βX)/β and β² = K(K + 2S), R =
 * (S·T − Rg·((S + K)·T − 1)) / ((S + K − S·Rg)·T + 1), where T is X at β = 0. Source: Kubelka (1948), rearranged.
 */
public final class KubelkaMunk {
    private KubelkaMunk() {}

    /**
     * @param k absorption per µm
     * @param s scattering per µm
     * @param thickness in µm; infinity for a film that hides completely
     * @param backing internal reflectance of what is under it, 0–1
     */
    public static double reflectance(double k, double s, double thickness, double backing) {
        double beta = Math.sqrt(k * (k + 2 * s));
        if (Double.isInfinite(thickness)) {
            return k == 0 && s == 0 ? backing : s / (s + k + beta);
        }
        double t = beta == 0 ? thickness : Math.tanh(beta * thickness) / beta;
        return (s * t - backing * ((s + k) * t - 1)) / ((s + k - s * backing) * t + 1);
    }

    /** How the reflectance of a film that hides completely changes with its K/S, which is above 0. */
    public static double slope(double ratio) {
        double root = Math.sqrt(ratio * (ratio + 2));
        double reflectance = 1 / (1 + ratio + root);
        return -(1 + (ratio + 1) / root) * reflectance * reflectance;
    }

    /** K/S of a film that hides completely and reflects so much. */
    public static double ratio(double reflectance) {
        return (1 - reflectance) * (1 - reflectance) / (2 * reflectance);
    }
}

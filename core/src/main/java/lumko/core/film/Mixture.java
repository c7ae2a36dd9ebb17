package lumko.core.film;

import java.util.LinkedHashMap;
import java.util.Map;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Spectrum;

/** Colorants mixed by mass shares, of equal densities: K and S add up. */
public final class Mixture {
    private static final double SUM_IS_ONE = 1e-6;

    private final double[] k = new double[Spectrum.BANDS];
    private final double[] s = new double[Spectrum.BANDS];

    private Mixture() {}

    /** @throws IllegalArgumentException if the shares do not sum to 1, or one is negative */
    public static Mixture of(Map<Colorant, Double> shares) {
        double sum = 0;
        Mixture mixture = new Mixture();
        for (Map.Entry<Colorant, Double> part : shares.entrySet()) {
            double share = part.getValue();
            if (!(share >= 0)) {
                throw new IllegalArgumentException(
                        "the share of " + part.getKey().name() + " must not be negative, was " + share);
            }
            sum += share;
            for (int band = 0; band < Spectrum.BANDS; band++) {
                mixture.k[band] += share * part.getKey().k(band);
                mixture.s[band] += share * part.getKey().s(band);
            }
        }
        if (!(Math.abs(sum - 1) <= SUM_IS_ONE)) {
            throw new IllegalArgumentException("the shares must sum to 1, summed to " + sum);
        }
        return mixture;
    }

    /** Parts by volume or mass, brought to the sum of 1. */
    public static Mixture ofParts(Map<Colorant, Double> parts) {
        double sum = parts.values().stream().mapToDouble(Double::doubleValue).sum();
        Map<Colorant, Double> shares = new LinkedHashMap<>();
        parts.forEach((colorant, part) -> shares.put(colorant, part / sum));
        return of(shares);
    }

    /**
     * What is seen of a film of it.
     *
     * @param thickness dry, in µm; infinity for one that hides completely
     * @param backing internal reflectance in each band
     */
    public double[] reflectance(double thickness, double[] backing, Surface surface) {
        double[] seen = new double[Spectrum.BANDS];
        for (int band = 0; band < Spectrum.BANDS; band++) {
            seen[band] = surface.measured(KubelkaMunk.reflectance(k[band], s[band], thickness, backing[band]));
        }
        return seen;
    }

    /** The same over an even backing. */
    public double[] reflectance(double thickness, double backing, Surface surface) {
        double[] even = new double[Spectrum.BANDS];
        java.util.Arrays.fill(even, backing);
        return reflectance(thickness, even, surface);
    }

    /** Y over an ideal black divided by Y over an ideal white, daylight, 10°. */
    public double contrastRatio(double thickness, Surface surface) {
        double black =
                Colorimetry.DAYLIGHT.xyz(reflectance(thickness, 0.0, surface)).y();
        double white =
                Colorimetry.DAYLIGHT.xyz(reflectance(thickness, 1.0, surface)).y();
        return black / white;
    }
}

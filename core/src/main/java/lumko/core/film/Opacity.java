package lumko.core.film;

import java.util.ArrayList;
import java.util.List;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;

/**
 * A paint known by its finished colour and how well a coat of it hides: reflectance when it hides completely, and scattering
 * per µm, the same in all bands. What cannot be had from K and S curves is computed with this; it is approximate.
 */
public record Opacity(Spectrum finished, double scattering) {
    private static final int MOST_COATS = 6;
    private static final double HIDES = 0.5;
    private static final double HIGHEST_SCATTERING = 2;

    /**
     * Finds the scattering that gives a contrast ratio at a dry film thickness, by bisection.
     *
     * @param contrastRatio Y over black / Y over white, above that of the surface alone and below 1
     */
    public static Opacity of(Spectrum finished, double contrastRatio, double dryMicrometres) {
        if (!(contrastRatio > 0 && contrastRatio < 1)) {
            throw new IllegalArgumentException("contrast ratio must be between 0 and 1, was " + contrastRatio);
        }
        double low = 1e-6;
        double high = HIGHEST_SCATTERING;
        for (int round = 0; round < 80; round++) {
            double middle = (low + high) / 2;
            if (new Opacity(finished, middle).paint().contrastRatio(dryMicrometres, Surface.OF_PAINT) < contrastRatio) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return new Opacity(finished, (low + high) / 2);
    }

    /** As a colorant of its own. */
    public Colorant colorant() {
        double[] k = new double[Spectrum.BANDS];
        double[] s = new double[Spectrum.BANDS];
        double[] seen = finished.visible();
        for (int band = 0; band < Spectrum.BANDS; band++) {
            s[band] = scattering;
            double internal = Math.max(1e-4, Math.min(0.9999, Surface.OF_PAINT.internal(seen[band])));
            k[band] = scattering * KubelkaMunk.ratio(internal);
        }
        return new Colorant("paint", k, s);
    }

    private Mixture paint() {
        return Mixture.of(java.util.Map.of(colorant(), 1.0));
    }

    /**
     * What is left to see of what was there.
     *
     * @param left ΔE00 from the finished colour after each coat, the first first
     * @param colours what is seen after each coat
     * @param coats how many until it is not seen; one more than looked at where even those do not do
     */
    public record Hiding(List<Double> left, List<Lab> colours, int coats) {}

    /** Coat after coat over what is there, each of the same dry thickness. */
    public Hiding over(Spectrum before, double dryMicrometres) {
        double[] backing = internal(before);
        Lab wanted = Colorimetry.DAYLIGHT.lab(paint().reflectance(Double.POSITIVE_INFINITY, 0.0, Surface.OF_PAINT));
        Mixture paint = paint();
        List<Double> left = new ArrayList<>();
        List<Lab> colours = new ArrayList<>();
        int enough = MOST_COATS + 1;
        for (int coat = 1; coat <= MOST_COATS; coat++) {
            Lab lab = Colorimetry.DAYLIGHT.lab(paint.reflectance(coat * dryMicrometres, backing, Surface.OF_PAINT));
            double difference = ColourDifference.between(lab, wanted);
            left.add(difference);
            colours.add(lab);
            if (difference <= HIDES && enough > coat) {
                enough = coat;
            }
        }
        return new Hiding(left, colours, enough);
    }

    private static double[] internal(Spectrum seen) {
        double[] internal = seen.visible();
        for (int band = 0; band < internal.length; band++) {
            internal[band] = Surface.OF_PAINT.internal(internal[band]);
        }
        return internal;
    }

    /** The even grey of an undercoat, as seen, 0–1, over which one coat of this paint leaves least to see. */
    public double bestUndercoat(double dryMicrometres) {
        Lab wanted = Colorimetry.DAYLIGHT.lab(paint().reflectance(Double.POSITIVE_INFINITY, 0.0, Surface.OF_PAINT));
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (double grey = 0.04; grey <= 0.92; grey += 0.005) {
            Lab lab = Colorimetry.DAYLIGHT.lab(
                    paint().reflectance(dryMicrometres, Surface.OF_PAINT.internal(grey), Surface.OF_PAINT));
            double difference = ColourDifference.between(lab, wanted);
            if (difference < least) {
                least = difference;
                best = grey;
            }
        }
        return best;
    }
}

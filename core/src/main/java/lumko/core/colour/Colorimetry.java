package lumko.core.colour;

import java.util.Objects;

/**
 * Tristimulus values and CIELAB of reflectances under a light, for an eye, by weights for data every 10 nm. What a spectrum
 * does not cover is taken to be as in its end bands. Source: ASTM E308 and E2022; CIE 15:2018.
 */
public final class Colorimetry {
    /** The light and eye that walls are judged with. */
    public static final Colorimetry DAYLIGHT = of(Illuminant.D65, Observer.DEGREES_10);

    static final int FIRST = 360;
    static final int LAST = 780;

    /** The light and eye that screens are made for. */
    public static final Colorimetry SCREEN = of(Illuminant.D65, Observer.DEGREES_2);

    private final double[][] full;
    private final double[][] visible;
    private final Xyz white;

    Colorimetry(double[][] full) {
        this.full = full;
        this.visible = folded(Spectrum.START, Spectrum.BANDS);
        double[] sums = new double[3];
        for (double[] weight : full) {
            for (int i = 0; i < 3; i++) {
                sums[i] += weight[i];
            }
        }
        this.white = new Xyz(sums[0], 100, sums[2]);
    }

    /** How colours are seen under a light by an eye. */
    public static Colorimetry of(Illuminant illuminant, Observer observer) {
        return Objects.requireNonNull(
                Objects.requireNonNull(WeightTable.ALL.get(illuminant)).get(observer));
    }

    /** The weights of the bands a spectrum has; what lies outside is added to its end bands. */
    private double[][] folded(int start, int bands) {
        double[][] weights = new double[bands][3];
        for (int i = 0; i < full.length; i++) {
            int band = (FIRST + i * Spectrum.STEP - start) / Spectrum.STEP;
            int into = FIRST + i * Spectrum.STEP < start ? 0 : Math.min(band, bands - 1);
            for (int k = 0; k < 3; k++) {
                weights[into][k] += full[i][k];
            }
        }
        return weights;
    }

    /** The white that colours are relative to: that of the perfect diffuser by the same weights. */
    public Xyz white() {
        return white;
    }

    public Xyz xyz(Spectrum spectrum) {
        boolean usual = spectrum.start() == Spectrum.START && spectrum.bands() == Spectrum.BANDS;
        double[][] weights = usual ? visible : folded(spectrum.start(), spectrum.bands());
        double x = 0;
        double y = 0;
        double z = 0;
        for (int band = 0; band < weights.length; band++) {
            double factor = spectrum.at(band);
            x += weights[band][0] * factor;
            y += weights[band][1] * factor;
            z += weights[band][2] * factor;
        }
        return new Xyz(x, y, z);
    }

    /** Tristimulus values of 31 factors from 400 to 700 nm, for inner loops. */
    public Xyz xyz(double[] factors) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int band = 0; band < Spectrum.BANDS; band++) {
            x += visible[band][0] * factors[band];
            y += visible[band][1] * factors[band];
            z += visible[band][2] * factors[band];
        }
        return new Xyz(x, y, z);
    }

    public Lab lab(Spectrum spectrum) {
        return Lab.of(xyz(spectrum), white);
    }

    public Lab lab(double[] factors) {
        return Lab.of(xyz(factors), white);
    }

    /** The weight of a band of the 31 on X, Y or Z. */
    double weight(int band, int coordinate) {
        return visible[band][coordinate];
    }
}

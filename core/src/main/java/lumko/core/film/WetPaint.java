package lumko.core.film;

import java.util.Map;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Spectrum;
import lumko.core.paint.Binder;

/**
 * What a paint looks like before it has dried, so that nobody judges it wet. While a waterborne film is wet the particles of its
 * binder stand apart in water and scatter too; they melt together as it dries, and what they scattered is gone: it dries
 * darker and stronger, deep colours most, whites hardly. A solventborne paint has no such particles.
 *
 * <p>An estimate, from likely scattering of a binder that has not yet fused; the range is that of the assumption.
 *
 * @param likely what is seen of it wet
 * @param least ΔE00 between wet and dry, at the least
 * @param difference ΔE00, likely
 * @param most ΔE00, at the most
 */
public record WetPaint(Spectrum likely, double least, double difference, double most) {
    /** What binder particles in water scatter, per µm: at the least, likely, at the most. ASSUMPTION. */
    private static final double[] BINDER_SCATTERS = {0.0005, 0.0015, 0.004};

    /**
     * @param contrastRatio of a coat of the paint, 0–1
     * @param dryMicrometres of that coat
     */
    public static WetPaint of(Spectrum dry, double contrastRatio, double dryMicrometres, Binder binder) {
        Colorant paint = Hiding.colorant(dry, contrastRatio, dryMicrometres);
        // a colour darker than any paint's surface is only approached: wet is held against that, not against what was
        // asked for
        Spectrum modelled = wet(paint, 0);
        double[] differences = new double[BINDER_SCATTERS.length];
        Spectrum likely = dry;
        for (int i = 0; i < BINDER_SCATTERS.length; i++) {
            Spectrum wet = binder == Binder.SOLVENTBORNE ? modelled : wet(paint, BINDER_SCATTERS[i]);
            differences[i] =
                    ColourDifference.between(Colorimetry.DAYLIGHT.lab(wet), Colorimetry.DAYLIGHT.lab(modelled));
            if (i == 1 && binder != Binder.SOLVENTBORNE) {
                likely = wet;
            }
        }
        return new WetPaint(likely, differences[0], differences[1], differences[2]);
    }

    private static Spectrum wet(Colorant paint, double binderScatters) {
        double[] k = new double[Spectrum.BANDS];
        double[] s = new double[Spectrum.BANDS];
        for (int band = 0; band < Spectrum.BANDS; band++) {
            k[band] = paint.k(band);
            s[band] = paint.s(band) + binderScatters;
        }
        return Spectrum.of(
                Spectrum.START,
                Mixture.of(Map.of(new Colorant("wet", k, s), 1.0))
                        .reflectance(Double.POSITIVE_INFINITY, 0.0, Surface.OF_PAINT));
    }
}

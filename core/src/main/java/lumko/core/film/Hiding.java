package lumko.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import org.apache.commons.numbers.rootfinder.BrentSolver;

/** How a paint hides what it is put on, coat by coat. */
public final class Hiding {
    public static final int MOST_COATS = 6;

    /** A difference that is not seen, ΔE00. Source: catalogue of figures, Limits of the verdict. */
    static final double NOT_SEEN = 0.5;

    /** Per µm: hides nothing, and more than any paint. */
    private static final double LOWEST_SCATTERING = 1e-6;

    private static final double HIGHEST_SCATTERING = 2;
    /** Dry films in µm that hide nothing, and that nobody puts on. */
    private static final double THINNEST = 0.5;

    private static final double THICKEST = 1000;

    /** A contrast ratio is met this close. */
    private static final double CLOSE = 1e-12;

    private final Mixture paint;
    private final Lab finished;

    private Hiding(Colorant paint) {
        this.paint = Mixture.of(Map.of(paint, 1.0));
        this.finished = seen(this.paint.reflectance(Double.POSITIVE_INFINITY, 0.0, Surface.OF_PAINT));
    }

    /** A paint whose absorption and scattering are known. */
    public static Hiding of(Colorant paint) {
        return new Hiding(paint);
    }

    /**
     * A paint known by its finished colour and its contrast ratio at a dry film thickness: scattering is taken to be the same
     * in all bands. Approximate.
     *
     * @param contrastRatio Y over black / Y over white, between 0 and 1
     */
    public static Hiding of(Spectrum finished, double contrastRatio, double dryMicrometres) {
        return new Hiding(colorant(finished, contrastRatio, dryMicrometres));
    }

    /** The same as a colorant, for mixing with others. */
    public static Colorant colorant(Spectrum finished, double contrastRatio, double dryMicrometres) {
        if (!(contrastRatio > 0 && contrastRatio < 1)) {
            throw new IllegalArgumentException("contrast ratio must be between 0 and 1, was " + contrastRatio);
        }
        return colorant(finished, Math.exp(logOfScattering(finished, contrastRatio, dryMicrometres)));
    }

    /** Where the contrast ratio is met, on the logarithm. */
    private static double logOfScattering(Spectrum finished, double contrastRatio, double dryMicrometres) {
        DoubleUnaryOperator miss =
                log -> new Hiding(colorant(finished, Math.exp(log))).contrastRatio(dryMicrometres) - contrastRatio;
        double low = Math.log(LOWEST_SCATTERING);
        double high = Math.log(HIGHEST_SCATTERING);
        if (miss.applyAsDouble(low) >= 0) {
            return low;
        }
        return miss.applyAsDouble(high) <= 0 ? high : new BrentSolver(CLOSE, CLOSE, CLOSE).findRoot(miss, low, high);
    }

    private static Colorant colorant(Spectrum finished, double scattering) {
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

    public double contrastRatio(double dryMicrometres) {
        return paint.contrastRatio(dryMicrometres, Surface.OF_PAINT);
    }

    /**
     * What is left to see of what was there.
     *
     * @param left ΔE00 from the finished colour after each coat, the first first
     * @param colours what is seen after each coat
     * @param needed how many until it is not seen; one more than looked at where even those do not do
     */
    public record Coats(List<Double> left, List<Spectrum> colours, int needed) {}

    /** Coat after coat over what is there, each of the same dry thickness. */
    public Coats over(Spectrum before, double dryMicrometres) {
        double[] backing = backing(before);
        List<Double> left = new ArrayList<>();
        List<Spectrum> colours = new ArrayList<>();
        int needed = MOST_COATS + 1;
        for (int coat = 1; coat <= MOST_COATS; coat++) {
            double[] reflectance = paint.reflectance(coat * dryMicrometres, backing, Surface.OF_PAINT);
            double difference = ColourDifference.between(seen(reflectance), finished);
            left.add(difference);
            colours.add(Spectrum.of(Spectrum.START, reflectance));
            if (difference <= NOT_SEEN && needed > coat) {
                needed = coat;
            }
        }
        return new Coats(left, colours, needed);
    }

    /** What is seen of one film of any thickness over what is there. */
    public Spectrum seen(Spectrum before, double dryMicrometres) {
        return Spectrum.of(Spectrum.START, paint.reflectance(dryMicrometres, backing(before), Surface.OF_PAINT));
    }

    /**
     * The dry film that hides what is there, in µm: where what is left is just not seen any more, between films that no roller
     * leaves and more coats than anyone puts on.
     */
    public double hides(Spectrum before) {
        double[] backing = backing(before);
        DoubleUnaryOperator tooMuch = film ->
                ColourDifference.between(seen(paint.reflectance(film, backing, Surface.OF_PAINT)), finished) - NOT_SEEN;
        if (tooMuch.applyAsDouble(THINNEST) <= 0) {
            return THINNEST;
        }
        return tooMuch.applyAsDouble(THICKEST) > 0
                ? THICKEST
                : new BrentSolver(CLOSE, CLOSE, CLOSE).findRoot(tooMuch, THINNEST, THICKEST);
    }

    private static double[] backing(Spectrum before) {
        double[] backing = before.visible();
        for (int band = 0; band < backing.length; band++) {
            backing[band] = Surface.OF_PAINT.internal(backing[band]);
        }
        return backing;
    }

    /** The even grey of an undercoat, as a reflectance factor, over which one coat of this paint leaves least to see. */
    public double bestUndercoat(double dryMicrometres) {
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (double grey = 0.04; grey <= 0.92; grey += 0.005) {
            Lab lab = seen(paint.reflectance(dryMicrometres, Surface.OF_PAINT.internal(grey), Surface.OF_PAINT));
            double difference = ColourDifference.between(lab, finished);
            if (difference < least) {
                least = difference;
                best = grey;
            }
        }
        return best;
    }

    /** Without an undercoat, and with one in the best even grey, which is taken to hide what is under it. */
    public List<CoatPlan> plans(Spectrum before, double dryMicrometres) {
        Coats straight = over(before, dryMicrometres);
        Coats onGrey = over(Spectrum.flat(bestUndercoat(dryMicrometres)), dryMicrometres);
        return List.of(plan(0, straight), plan(1, onGrey));
    }

    private static CoatPlan plan(int undercoats, Coats coats) {
        int looked = Math.min(coats.needed(), coats.left().size());
        return new CoatPlan(undercoats, coats.needed(), coats.left().get(looked - 1));
    }

    private static Lab seen(double[] reflectance) {
        return Colorimetry.DAYLIGHT.lab(reflectance);
    }
}

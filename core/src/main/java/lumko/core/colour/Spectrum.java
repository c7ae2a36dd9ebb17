package lumko.core.colour;

import java.util.Arrays;
import lumko.core.quantity.Limits;

/** The reflectance factors of a surface every 10 nm, from {@code start} on. */
public final class Spectrum {
    /** What a reflectance factor can be: a little above 1 for fluorescent whites and noise. */
    public static final Limits FACTOR = new Limits("reflectance factor", 0, 1.5, "");

    /** The first band of the 31 that every spectrum is computed with. */
    public static final int START = 400;

    public static final int BANDS = 31;
    public static final int STEP = 10;

    private static final Limits FIRST = new Limits("first band", 360, 400, "nm");
    private static final Limits LAST = new Limits("last band", 700, 830, "nm");

    private final int start;
    private final double[] factors;

    private Spectrum(int start, double[] factors) {
        this.start = start;
        this.factors = factors;
    }

    /**
     * A spectrum from its first band on.
     *
     * @param start wavelength of the first band in nm, a multiple of 10
     * @throws lumko.core.quantity.OutOfRangeException if it does not cover 400–700 nm or a factor cannot be
     */
    public static Spectrum of(int start, double... factors) {
        FIRST.check(start);
        LAST.check(start + STEP * (factors.length - 1.0));
        if (start % STEP != 0) {
            throw new IllegalArgumentException("bands stand at whole tens of nanometres, the first was at " + start);
        }
        for (double factor : factors) {
            FACTOR.check(factor);
        }
        return new Spectrum(start, factors.clone());
    }

    /** The same factor at every wavelength. */
    public static Spectrum flat(double factor) {
        double[] factors = new double[BANDS];
        Arrays.fill(factors, FACTOR.check(factor));
        return new Spectrum(START, factors);
    }

    public int start() {
        return start;
    }

    public int bands() {
        return factors.length;
    }

    /** The factor of a band, counted from the first. */
    public double at(int band) {
        return factors[band];
    }

    public double[] factors() {
        return factors.clone();
    }

    /** The 31 bands from 400 to 700 nm. */
    public double[] visible() {
        int from = (START - start) / STEP;
        return Arrays.copyOfRange(factors, from, from + BANDS);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Spectrum spectrum
                && spectrum.start == start
                && Arrays.equals(spectrum.factors, factors);
    }

    @Override
    public int hashCode() {
        return 31 * start + Arrays.hashCode(factors);
    }

    @Override
    public String toString() {
        return start + " nm " + Arrays.toString(factors);
    }
}

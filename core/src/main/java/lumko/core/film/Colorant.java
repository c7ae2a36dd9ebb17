package lumko.core.film;

import java.util.Arrays;
import lumko.core.colour.Spectrum;

/** A pigment or a base in its binder: how strongly it absorbs and scatters, per µm of dry film, in 31 bands. */
public final class Colorant {
    private final String name;
    private final double[] k;
    private final double[] s;

    public Colorant(String name, double[] k, double[] s) {
        this.name = name;
        this.k = checked(k, "absorption");
        this.s = checked(s, "scattering");
    }

    private static double[] checked(double[] values, String what) {
        if (values.length != Spectrum.BANDS) {
            throw new IllegalArgumentException(
                    what + " needs " + Spectrum.BANDS + " bands from 400 to 700 nm, had " + values.length);
        }
        for (double value : values) {
            if (!(value >= 0 && value < 1e6)) {
                throw new IllegalArgumentException(what + " must be from 0 to 1e6 per µm, was " + value);
            }
        }
        return values.clone();
    }

    public String name() {
        return name;
    }

    public double k(int band) {
        return k[band];
    }

    public double s(int band) {
        return s[band];
    }

    @Override
    public String toString() {
        return name + " K" + Arrays.toString(k) + " S" + Arrays.toString(s);
    }
}

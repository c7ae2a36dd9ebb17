package lumko.core.film;

import java.util.ArrayList;
import java.util.List;
import lumko.core.colour.Spectrum;

/**
 * The colorants of a paint counter: fourteen generic pigments named by their kind in the colour index, with made-up but
 * plausible curves, and the bases they go into. Values per µm of a film of the colorant alone.
 */
public final class Dispenser {
    /** A white base; most of what is in it scatters. */
    public static final Colorant WHITE_BASE =
            pigment("white base", 0.0001, 0.11).absorbs(400, 12, 0.012).made();

    /** A clear base for deep colours, with little white. */
    public static final Colorant DEEP_BASE =
            pigment("deep base", 0.00005, 0.012).made();

    private static final List<Colorant> PIGMENTS = List.of(
            pigment("white PW6", 0.0002, 0.32).absorbs(400, 12, 0.03).made(),
            pigment("black PBk7", 3.4, 0.02).made(),
            pigment("ochre PY42", 0.02, 0.12)
                    .below(520, 26, 0.95)
                    .absorbs(640, 40, 0.03)
                    .made(),
            pigment("umber PBr7", 0.35, 0.06).below(590, 45, 0.9).made(),
            pigment("oxide red PR101", 0.03, 0.16).below(575, 18, 1.5).made(),
            pigment("organic red PR254", 0.01, 0.03).below(585, 12, 1.7).made(),
            pigment("violet PV19", 0.02, 0.02).absorbs(545, 42, 1.5).made(),
            pigment("yellow PY74", 0.005, 0.03).below(495, 12, 1.6).made(),
            pigment("deep yellow PY65", 0.008, 0.035).below(515, 14, 1.6).made(),
            pigment("orange PO36", 0.01, 0.03).below(550, 14, 1.6).made(),
            pigment("green PG7", 0.02, 0.01)
                    .absorbs(640, 55, 1.7)
                    .absorbs(425, 32, 0.8)
                    .made(),
            pigment("blue PB15", 0.02, 0.008)
                    .absorbs(625, 62, 2.2)
                    .absorbs(560, 40, 0.6)
                    .made(),
            pigment("ultramarine PB29", 0.02, 0.02).absorbs(595, 48, 0.9).made(),
            pigment("raw sienna PBr7", 0.08, 0.09).below(545, 38, 0.8).made());

    private Dispenser() {}

    /** The pigments, in the order in which they stand in the machine. */
    public static List<Colorant> pigments() {
        return PIGMENTS;
    }

    private static Curve pigment(String name, double absorption, double scattering) {
        return new Curve(name, absorption, scattering);
    }

    /** A curve put together from an even part, bands of absorption and edges below which all is absorbed. */
    private static final class Curve {
        private final String name;
        private final double[] k = new double[Spectrum.BANDS];
        private final double[] s = new double[Spectrum.BANDS];

        Curve(String name, double absorption, double scattering) {
            this.name = name;
            for (int band = 0; band < Spectrum.BANDS; band++) {
                k[band] = absorption;
                // short waves are scattered a little more
                s[band] = scattering * Math.pow(550.0 / wavelength(band), 0.4);
            }
        }

        private static double wavelength(int band) {
            return Spectrum.START + (double) Spectrum.STEP * band;
        }

        Curve absorbs(double at, double width, double height) {
            for (int band = 0; band < Spectrum.BANDS; band++) {
                double away = (wavelength(band) - at) / width;
                k[band] += height * Math.exp(-away * away);
            }
            return this;
        }

        Curve below(double edge, double softness, double height) {
            for (int band = 0; band < Spectrum.BANDS; band++) {
                k[band] += height / (1 + Math.exp((wavelength(band) - edge) / softness));
            }
            return this;
        }

        Colorant made() {
            return new Colorant(name, k, s);
        }
    }

    /** What a name stands for, among the pigments and the bases. */
    public static List<Colorant> all() {
        List<Colorant> all = new ArrayList<>(PIGMENTS);
        all.add(WHITE_BASE);
        all.add(DEEP_BASE);
        return all;
    }
}

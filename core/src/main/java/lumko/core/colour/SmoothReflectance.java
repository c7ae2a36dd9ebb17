package lumko.core.colour;

import java.util.Arrays;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * The smoothest reflectance that has given tristimulus values: what a colour known only from a hex value, a photo or its Lab
 * is computed with. One of many that fit, so that every result from it is approximate. Source: Burns, “Numerical methods for
 * smoothest reflectance reconstruction”, Color Research and Application 45 (2020), the hyperbolic-tangent slope squared,
 * which keeps every factor between 0 and 1.
 */
public final class SmoothReflectance {
    private static final int N = Spectrum.BANDS;
    private static final int MOST_ROUNDS = 60;
    private static final double CLOSE = 1e-9;

    private SmoothReflectance() {}

    /** The smoothest reflectance that looks as a colour of the screen does in daylight. */
    public static Spectrum of(Srgb srgb) {
        return of(srgb.lab(), Colorimetry.SCREEN);
    }

    /**
     * The smoothest reflectance of a colour under the light and for the eye it is given for. Colours that no reflectance can
     * have are approached by the nearest lighter or weaker one that some reflectance has.
     */
    public static Spectrum of(Lab lab, Colorimetry seen) {
        Lab wanted = new Lab(Math.max(0.5, Math.min(99.5, lab.lightness())), lab.a(), lab.b());
        for (double weaker = 1; weaker > 0; weaker -= 0.05) {
            double[] factors = solve(
                    new Lab(wanted.lightness(), wanted.a() * weaker, wanted.b() * weaker).xyz(seen.white()), seen);
            if (factors.length > 0) {
                return Spectrum.of(Spectrum.START, factors);
            }
        }
        return Spectrum.flat(new Lab(wanted.lightness(), 0, 0).xyz(seen.white()).y() / 100);
    }

    /** Newton's method on the conditions of the constrained minimum; nothing where it does not settle. */
    private static double[] solve(Xyz target, Colorimetry seen) {
        double[] wanted = {target.x(), target.y(), target.z()};
        double[] z = new double[N];
        double[] multipliers = new double[3];
        Arrays.fill(z, atanhOf(Math.max(0.01, Math.min(0.99, target.y() / 100))));
        for (int round = 0; round < MOST_ROUNDS; round++) {
            DMatrixRMaj matrix = new DMatrixRMaj(N + 3, N + 3);
            DMatrixRMaj right = new DMatrixRMaj(N + 3, 1);
            smoothness(z, multipliers, seen, matrix, right);
            double worst = missing(z, wanted, seen, right);
            DMatrixRMaj step = new DMatrixRMaj(N + 3, 1);
            if (!CommonOps_DDRM.solve(matrix, right, step)) {
                return new double[0];
            }
            double longest = CommonOps_DDRM.elementMaxAbs(step);
            if (!Double.isFinite(longest)) {
                return new double[0];
            }
            for (int i = 0; i < N; i++) {
                z[i] += step.get(i);
            }
            for (int k = 0; k < 3; k++) {
                multipliers[k] += step.get(N + k);
            }
            if (worst < CLOSE && longest < 1e-6) {
                return Arrays.stream(z).map(SmoothReflectance::factor).toArray();
            }
        }
        return new double[0];
    }

    /** The rows that ask for the least bend from band to band, and for the slopes of the constraints. */
    private static void smoothness(
            double[] z, double[] multipliers, Colorimetry seen, DMatrixRMaj matrix, DMatrixRMaj right) {
        for (int i = 0; i < N; i++) {
            double tanh = Math.tanh(z[i]);
            double slope = (1 - tanh * tanh) / 2;
            double bend = -2 * tanh * slope;
            double diagonal = i == 0 || i == N - 1 ? 2 : 4;
            double gradient = diagonal * z[i] - (i > 0 ? 2 * z[i - 1] : 0) - (i < N - 1 ? 2 * z[i + 1] : 0);
            double second = diagonal;
            for (int k = 0; k < 3; k++) {
                double weight = seen.weight(i, k);
                gradient += multipliers[k] * weight * slope;
                second += multipliers[k] * weight * bend;
                matrix.set(i, N + k, weight * slope);
                matrix.set(N + k, i, weight * slope);
            }
            matrix.set(i, i, second);
            if (i > 0) {
                matrix.set(i, i - 1, -2);
            }
            if (i < N - 1) {
                matrix.set(i, i + 1, -2);
            }
            right.set(i, -gradient);
        }
    }

    /** The rows that ask for the wanted colour; answers how far the worst of the three is off. */
    private static double missing(double[] z, double[] wanted, Colorimetry seen, DMatrixRMaj right) {
        double worst = 0;
        for (int k = 0; k < 3; k++) {
            double sum = 0;
            for (int i = 0; i < N; i++) {
                sum += seen.weight(i, k) * factor(z[i]);
            }
            right.set(N + k, wanted[k] - sum);
            worst = Math.max(worst, Math.abs(right.get(N + k)));
        }
        return worst;
    }

    private static double factor(double z) {
        return (Math.tanh(z) + 1) / 2;
    }

    private static double atanhOf(double factor) {
        double x = 2 * factor - 1;
        return 0.5 * Math.log((1 + x) / (1 - x));
    }
}

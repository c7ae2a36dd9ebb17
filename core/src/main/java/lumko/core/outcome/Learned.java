package lumko.core.outcome;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * What kept outcomes make of a computed chance: log-odds = a + b · computed log-odds + Σ cⱼ of the causes that are there. Without
 * outcomes it is the computed chance. Each coefficient is held to what it is without them by as much as thirty outcomes weigh,
 * so that a handful moves little.
 *
 * <p>Source of the method: logistic regression with a normal prior, fitted by Newton's method (iteratively reweighted least
 * squares), the spread of the result from the curvature (Laplace): Bishop, “Pattern Recognition and Machine Learning” (2006), 4.3
 * and 4.5. <i>Limits</i>: walls are taken to be independent, and what is noted to be what was seen.
 */
public final class Learned {
    /** The prior weighs as much as so many outcomes. Source: Lumko's model of the verdict. */
    private static final double AS_MANY_AS = 30;

    /** What one outcome tells where about one wall in five is seen: p(1 − p). */
    private static final double EACH_TELLS = 0.16;

    private static final double PRECISION = AS_MANY_AS * EACH_TELLS;

    /** Log-odds are counted from here, so that slope and level are told apart: about one in five. */
    private static final double MIDDLE = -1.4;

    private static final int SIZE = 2 + Cause.values().length;
    private static final int MOST_ROUNDS = 50;
    private static final double CLOSE = 1e-10;

    /** No chance is taken to be surer than that. */
    private static final double SUREST = 0.001;

    public static final Learned NOTHING = new Learned(prior(), diagonal(1 / PRECISION), 0);

    private final double[] coefficients;
    private final double[][] covariance;
    private final int outcomes;

    private Learned(double[] coefficients, double[][] covariance, int outcomes) {
        this.coefficients = coefficients;
        this.covariance = covariance;
        this.outcomes = outcomes;
    }

    /**
     * From what was kept.
     *
     * @return {@link #NOTHING} where nothing was
     */
    public static Learned from(List<Observation> observations) {
        if (observations.isEmpty()) {
            return NOTHING;
        }
        double[][] rows = observations.stream()
                .map(each -> row(each.computed(), each.causes()))
                .toArray(double[][]::new);
        double[] now = prior();
        double[][] curvature = diagonal(PRECISION);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double[] slope = new double[SIZE];
            curvature = diagonal(PRECISION);
            for (int n = 0; n < rows.length; n++) {
                double chance = chance(dot(now, rows[n]));
                for (int i = 0; i < SIZE; i++) {
                    slope[i] += rows[n][i] * (observations.get(n).seen() - chance);
                    for (int j = 0; j < SIZE; j++) {
                        curvature[i][j] += rows[n][i] * rows[n][j] * chance * (1 - chance);
                    }
                }
            }
            double[] prior = prior();
            for (int i = 0; i < SIZE; i++) {
                slope[i] -= PRECISION * (now[i] - prior[i]);
            }
            double[] step = times(inverse(curvature), slope);
            double furthest = 0;
            for (int i = 0; i < SIZE; i++) {
                now[i] += step[i];
                furthest = Math.max(furthest, Math.abs(step[i]));
            }
            if (furthest < CLOSE) {
                break;
            }
        }
        return new Learned(now, inverse(curvature), observations.size());
    }

    /** As it was kept. */
    public static Learned of(double[] coefficients, double[][] covariance, int outcomes) {
        if (coefficients.length != SIZE
                || covariance.length != SIZE
                || Arrays.stream(covariance).anyMatch(row -> row.length != SIZE)) {
            throw new IllegalArgumentException("a model of another shape: " + coefficients.length + " coefficients");
        }
        return new Learned(
                coefficients.clone(),
                Arrays.stream(covariance).map(double[]::clone).toArray(double[][]::new),
                outcomes);
    }

    public double[] coefficients() {
        return coefficients.clone();
    }

    public double[][] covariance() {
        return Arrays.stream(covariance).map(double[]::clone).toArray(double[][]::new);
    }

    /** How many outcomes it rests on. */
    public int outcomes() {
        return outcomes;
    }

    /** What becomes of a computed chance, 0–1. */
    public double chance(double computed, Set<Cause> causes) {
        return chance(dot(coefficients, row(computed, causes)));
    }

    /**
     * How much of the uncertainty of a computed chance is left, 0–1: the spread of its log-odds beside that without any outcome.
     * Walls like those that were seen become sure first.
     */
    public double spreadLeft(double computed, Set<Cause> causes) {
        double[] row = row(computed, causes);
        return Math.sqrt(dot(times(covariance, row), row) / (dot(row, row) / PRECISION));
    }

    /** By how much a cause moves the log-odds, and the standard deviation of that. */
    public record Effect(double shift, double deviation) {}

    public Effect effect(Cause cause) {
        int at = 2 + cause.ordinal();
        return new Effect(coefficients[at], Math.sqrt(covariance[at][at]));
    }

    private static double[] row(double computed, Set<Cause> causes) {
        double[] row = new double[SIZE];
        row[0] = 1;
        row[1] = logit(computed) - MIDDLE;
        for (Cause cause : causes) {
            row[2 + cause.ordinal()] = 1;
        }
        return row;
    }

    private static double[] prior() {
        double[] prior = new double[SIZE];
        prior[0] = MIDDLE;
        prior[1] = 1;
        return prior;
    }

    static double logit(double chance) {
        double inside = Math.clamp(chance, SUREST, 1 - SUREST);
        return Math.log(inside / (1 - inside));
    }

    static double chance(double logit) {
        return 1 / (1 + Math.exp(-logit));
    }

    private static double[][] diagonal(double value) {
        double[][] matrix = new double[SIZE][SIZE];
        for (int i = 0; i < SIZE; i++) {
            matrix[i][i] = value;
        }
        return matrix;
    }

    private static double dot(double[] one, double[] other) {
        double sum = 0;
        for (int i = 0; i < one.length; i++) {
            sum += one[i] * other[i];
        }
        return sum;
    }

    private static double[] times(double[][] matrix, double[] vector) {
        return Arrays.stream(matrix).mapToDouble(row -> dot(row, vector)).toArray();
    }

    /** Of a positive definite matrix. */
    private static double[][] inverse(double[][] of) {
        DMatrixRMaj inverse = new DMatrixRMaj(SIZE, SIZE);
        CommonOps_DDRM.invertSPD(new DMatrixRMaj(of), inverse);
        return inverse.get2DData();
    }
}

package lumko.core.visibility;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import lumko.core.colour.Lab;
import lumko.core.colour.Xyz;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ScielabTest {
    /** The definition, sample by sample, as it is published: no halving, no separation of what is wide from what is narrow. */
    private static final class Published {
        private static final double[][] M = {
            {0.2787336, 0.7218031, -0.1065520}, {-0.4487736, 0.2898056, 0.0771569}, {0.0859513, -0.5899859, 0.5011089}
        };
        private static final double[][][] FILTERS = {
            {{0.921, 0.0283}, {0.105, 0.133}, {-0.108, 4.336}},
            {{0.531, 0.0392}, {0.330, 0.494}},
            {{0.488, 0.0536}, {0.371, 0.386}}
        };

        static Lab[] seen(XyzField picture, double perDegreeAcross, double perDegreeDown) {
            int width = picture.width();
            int height = picture.height();
            double[][] opponent = new double[3][width * height];
            for (int at = 0; at < width * height; at++) {
                for (int c = 0; c < 3; c++) {
                    opponent[c][at] = M[c][0] * picture.x()[at] + M[c][1] * picture.y()[at] + M[c][2] * picture.z()[at];
                }
            }
            double[][] out = new double[3][width * height];
            for (int c = 0; c < 3; c++) {
                double sum = 0;
                for (double[] g : FILTERS[c]) {
                    sum += g[0];
                }
                for (double[] g : FILTERS[c]) {
                    double[] rows = along(opponent[c], width, height, g[1] * perDegreeAcross, true);
                    double[] both = along(rows, width, height, g[1] * perDegreeDown, false);
                    for (int at = 0; at < both.length; at++) {
                        out[c][at] += g[0] / sum * both[at];
                    }
                }
            }
            Lab[] labs = new Lab[width * height];
            for (int at = 0; at < labs.length; at++) {
                labs[at] = Lab.of(solved(out[0][at], out[1][at], out[2][at]), Scielab.WHITE);
            }
            return labs;
        }

        private static double[] along(double[] in, int width, int height, double s, boolean isAcross) {
            int reach = (int) Math.ceil(6 * s);
            double[] taps = new double[2 * reach + 1];
            double sum = 0;
            for (int k = -reach; k <= reach; k++) {
                taps[k + reach] = Math.exp(-(k * (double) k) / (s * s));
                sum += taps[k + reach];
            }
            double[] out = new double[in.length];
            for (int row = 0; row < height; row++) {
                for (int column = 0; column < width; column++) {
                    double value = 0;
                    for (int k = -reach; k <= reach; k++) {
                        int r = isAcross ? row : Math.clamp(row + (long) k, 0, height - 1);
                        int c = isAcross ? Math.clamp(column + (long) k, 0, width - 1) : column;
                        value += taps[k + reach] / sum * in[r * width + c];
                    }
                    out[row * width + column] = value;
                }
            }
            return out;
        }

        /** Cramer's rule. */
        private static Xyz solved(double one, double two, double three) {
            double[] right = {one, two, three};
            double all = determinant(M);
            double[] xyz = new double[3];
            for (int unknown = 0; unknown < 3; unknown++) {
                double[][] replaced = new double[3][];
                for (int row = 0; row < 3; row++) {
                    replaced[row] = M[row].clone();
                    replaced[row][unknown] = right[row];
                }
                xyz[unknown] = determinant(replaced) / all;
            }
            return new Xyz(xyz[0], xyz[1], xyz[2]);
        }

        private static double determinant(double[][] m) {
            return m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1])
                    - m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0])
                    + m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
        }
    }

    private static XyzField field(int width, int height, java.util.function.BiFunction<Integer, Integer, Lab> colour) {
        XyzField field = new XyzField(width, height);
        for (int row = 0; row < height; row++) {
            for (int column = 0; column < width; column++) {
                field.put(row * width + column, colour.apply(column, row));
            }
        }
        return field;
    }

    private static XyzField even(int width, int height, Lab lab) {
        return field(width, height, (column, row) -> lab);
    }

    /** A dark red disc off the middle of a light wall, a stripe at the border. */
    private static XyzField scene(int width, int height) {
        return field(width, height, (column, row) -> {
            if (Math.hypot(column - width * 0.6, row - height * 0.4) < width * 0.12) {
                return new Lab(40, 45, 25);
            }
            return column < 3 ? new Lab(20, -10, -30) : new Lab(88, -1, 9);
        });
    }

    private static double worst(LabField seen, Lab[] published) {
        double worst = 0;
        for (int row = 0; row < seen.height(); row++) {
            for (int column = 0; column < seen.width(); column++) {
                Lab one = seen.at(column, row);
                Lab other = published[row * seen.width() + column];
                worst = Math.max(worst, Math.abs(one.lightness() - other.lightness()));
                worst = Math.max(worst, Math.abs(one.a() - other.a()));
                worst = Math.max(worst, Math.abs(one.b() - other.b()));
            }
        }
        return worst;
    }

    @ParameterizedTest
    @CsvSource({"96, 64, 20, 20", "96, 64, 60, 60", "64, 64, 175, 60", "40, 90, 400, 400", "128, 128, 30, 88"})
    void isThePublishedDefinitionToAHundredth(int width, int height, double across, double down) {
        XyzField scene = scene(width, height);
        assertThat(worst(new Scielab(width, height, across, down).seen(scene), Published.seen(scene, across, down)))
                .isLessThan(0.01);
    }

    @ParameterizedTest
    @ValueSource(doubles = {25, 70, 240})
    void isThePublishedDefinitionOnNoise(double perDegree) {
        Random random = new Random(7);
        XyzField noise = field(
                80,
                80,
                (column, row) ->
                        new Lab(60 + 30 * random.nextDouble(), 20 * random.nextDouble(), 20 * random.nextDouble()));
        assertThat(worst(
                        new Scielab(80, 80, perDegree, perDegree).seen(noise),
                        Published.seen(noise, perDegree, perDegree)))
                .isLessThan(0.01);
    }

    @Nested
    class Limits {
        @Test
        void anEvenPictureStaysAsItIsToItsBorder() {
            Lab lab = new Lab(75, 3, 12);
            LabField seen = new Scielab(60, 50, 150, 70).seen(even(60, 50, lab));
            for (int row = 0; row < 50; row++) {
                for (int column = 0; column < 60; column++) {
                    assertThat(seen.at(column, row).lightness()).isCloseTo(75, Offset.offset(1e-4));
                    assertThat(seen.at(column, row).b()).isCloseTo(12, Offset.offset(1e-4));
                }
            }
        }

        @Test
        void whatIsTheSameIsNotTold() {
            LabField seen = new Scielab(64, 64, 50, 50).seen(scene(64, 64));
            assertThat(seen.differences(seen).percentile(100)).isZero();
        }

        @Test
        void aFineChequerIsEvenFromFarAway() {
            XyzField chequer = field(64, 64, (column, row) -> new Lab((column + row) % 2 == 0 ? 60 : 70, 0, 0));
            LabField near = new Scielab(64, 64, 4, 4).seen(chequer);
            LabField far = new Scielab(64, 64, 120, 120).seen(chequer);
            double apartNear =
                    Math.abs(near.at(32, 32).lightness() - near.at(33, 32).lightness());
            double apartFar =
                    Math.abs(far.at(32, 32).lightness() - far.at(33, 32).lightness());
            assertThat(apartNear).isGreaterThan(5);
            assertThat(apartFar).isLessThan(0.001);
        }

        @Test
        void aPictureThatIsNoneIsRefused() {
            assertThatThrownBy(() -> new Scielab(0, 5, 60, 60)).hasMessageContaining("was 0 × 5");
            assertThatThrownBy(() -> new Scielab(5, 5, Double.NaN, 60)).isInstanceOf(IllegalArgumentException.class);
            assertThatThrownBy(() -> new Scielab(5, 5, 60, 60).seen(even(6, 5, new Lab(50, 0, 0))))
                    .hasMessageContaining("looks at 5 × 5 samples, was 6 × 5");
        }
    }

    @Test
    void samplesToADegree() {
        // one metre away a degree is 17.455 mm wide
        assertThat(Scielab.perDegree(1000, 0.5)).isCloseTo(34.910, Offset.offset(0.001));
    }
}

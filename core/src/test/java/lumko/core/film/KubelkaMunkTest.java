package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class KubelkaMunkTest {
    private static final Offset<Double> EXACT = Offset.offset(1e-9);

    /** The textbook form, which is not finite at the limits. */
    private static double textbook(double k, double s, double x, double rg) {
        double a = 1 + k / s;
        double b = Math.sqrt(a * a - 1);
        double coth = 1 / Math.tanh(b * s * x);
        return (1 - rg * (a - b * coth)) / (a - rg + b * coth);
    }

    @Test
    void isTheTextbookFormWhereThatIsFinite() {
        Random random = new Random(3);
        for (int n = 0; n < 5000; n++) {
            double k = Math.pow(10, random.nextDouble() * 5 - 4);
            double s = Math.pow(10, random.nextDouble() * 4 - 3);
            double x = Math.pow(10, random.nextDouble() * 3 - 1);
            double rg = random.nextDouble();
            assertThat(KubelkaMunk.reflectance(k, s, x, rg)).isCloseTo(textbook(k, s, x, rg), EXACT);
        }
    }

    @ParameterizedTest
    @CsvSource({"0.02, 0, 40, 0.7", "3, 0, 200, 0.7", "0, 0, 40, 0.3"})
    void withoutScatteringItOnlyAbsorbs(double k, double s, double x, double rg) {
        assertThat(KubelkaMunk.reflectance(k, s, x, rg)).isCloseTo(rg * Math.exp(-2 * k * x), EXACT);
    }

    @ParameterizedTest
    @CsvSource({"0.1, 40, 0", "0.1, 40, 0.4", "0.1, 40, 1", "5, 1000, 0.2"})
    void withoutAbsorptionItOnlyScatters(double s, double x, double rg) {
        assertThat(KubelkaMunk.reflectance(0, s, x, rg))
                .isCloseTo(((1 - rg) * s * x + rg) / ((1 - rg) * s * x + 1), EXACT);
    }

    @Test
    void noFilmIsWhatIsUnderIt() {
        assertThat(KubelkaMunk.reflectance(0.3, 0.2, 0, 0.6)).isEqualTo(0.6);
    }

    @Test
    void anInfiniteFilmDoesNotKnowWhatIsUnderIt() {
        double infinite = KubelkaMunk.reflectance(0.02, 0.1, Double.POSITIVE_INFINITY, 0.9);
        assertThat(infinite).isCloseTo(1.2 - Math.sqrt(0.44), EXACT);
        assertThat(KubelkaMunk.reflectance(0.02, 0.1, 1e6, 0.1)).isCloseTo(infinite, EXACT);
        assertThat(KubelkaMunk.ratio(infinite)).isCloseTo(0.2, EXACT);
        assertThat(KubelkaMunk.reflectance(0, 0.1, Double.POSITIVE_INFINITY, 0)).isEqualTo(1);
        assertThat(KubelkaMunk.reflectance(1, 0, Double.POSITIVE_INFINITY, 1)).isZero();
        assertThat(KubelkaMunk.reflectance(0, 0, Double.POSITIVE_INFINITY, 0.3)).isEqualTo(0.3);
    }

    @Test
    void aThickerFilmNeverHidesLess() {
        double last = 0;
        for (double x = 0; x < 200; x += 5) {
            double black = KubelkaMunk.reflectance(0.001, 0.1, x, 0);
            double white = KubelkaMunk.reflectance(0.001, 0.1, x, 1);
            assertThat(black / white).isGreaterThanOrEqualTo(last);
            last = black / white;
        }
    }

    @Test
    void theSurfaceAndBack() {
        for (double internal = 0; internal <= 1; internal += 0.05) {
            double measured = Surface.OF_PAINT.measured(internal);
            assertThat(Surface.OF_PAINT.internal(measured)).isCloseTo(internal, EXACT);
        }
        assertThat(Surface.OF_PAINT.measured(0)).isEqualTo(0.04);
        assertThat(Surface.OF_PAINT.measured(1)).isCloseTo(1, EXACT);
        assertThat(Surface.NONE.measured(0.37)).isEqualTo(0.37);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1e-4, 0.01, 0.2, 1, 7, 60})
    void theSlopesAreThoseOfSmallSteps(double ratio) {
        double step = ratio * 1e-5;
        double up = KubelkaMunk.reflectance(ratio + step, 1, Double.POSITIVE_INFINITY, 0);
        double down = KubelkaMunk.reflectance(ratio - step, 1, Double.POSITIVE_INFINITY, 0);
        assertThat(KubelkaMunk.slope(ratio)).isCloseTo((up - down) / (2 * step), withinPercentage(0.001));
        double measured = Surface.OF_PAINT.measured(up) - Surface.OF_PAINT.measured(down);
        assertThat(Surface.OF_PAINT.slope((up + down) / 2)).isCloseTo(measured / (up - down), withinPercentage(0.01));
    }
}

package lumko.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NormalTest {
    /** Abramowitz & Stegun, tables 26.1 and 26.5. */
    @ParameterizedTest
    @CsvSource({"0, 0.5", "1, 0.841344746", "-1.96, 0.024997895", "3, 0.998650102"})
    void isThatOfTheTables(double value, double probability) {
        assertThat(Normal.upTo(value)).isCloseTo(probability, within(2e-7));
        assertThat(Normal.below(probability)).isCloseTo(value, within(1e-4));
    }

    /** Mean, variance and fourth moment of what is summed over: 0, 1 and 3. */
    @Test
    void sumsHaveItsMoments() {
        assertThat(moment(Normal.COARSE, Normal.COARSE_WEIGHTS, 4)).isCloseTo(3, within(1e-12));
        assertThat(moment(Normal.FINE, Normal.FINE_WEIGHTS, 1)).isCloseTo(0, within(1e-12));
        // cut off at three deviations
        assertThat(moment(Normal.FINE, Normal.FINE_WEIGHTS, 2)).isCloseTo(1, within(0.03));
    }

    private static double moment(double[] places, double[] weights, int power) {
        double sum = 0;
        for (int n = 0; n < places.length; n++) {
            sum += weights[n] * Math.pow(places[n], power);
        }
        return sum;
    }
}

package lumko.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class NormalTest {
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

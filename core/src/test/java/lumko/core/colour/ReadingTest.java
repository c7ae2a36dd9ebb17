package lumko.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class ReadingTest {
    private static Spectrum grey(double factor) {
        return Spectrum.flat(factor);
    }

    @Test
    void theMeanOfEqualReadingsIsThatReading() {
        Reading reading = Reading.of(List.of(grey(0.5), grey(0.5), grey(0.5)), 0.1);
        assertThat(reading.mean()).isEqualTo(grey(0.5));
        assertThat(reading.spread()).isZero();
        assertThat(reading.uncertainty()).isEqualTo(0.1);
    }

    @Test
    void aSmudgeIsLeftOut() {
        Reading reading = Reading.of(List.of(grey(0.5), grey(0.501), grey(0.3), grey(0.499)), 0.1);
        assertThat(reading.kept()).containsExactly(0, 1, 3);
        assertThat(reading.mean().at(0)).isCloseTo(0.5, Offset.offset(1e-9));
    }

    @Test
    void withTwoNothingCanBeToldToBeWrong() {
        assertThat(Reading.of(List.of(grey(0.5), grey(0.3)), 0.1).kept()).hasSize(2);
    }

    @Test
    void moreReadingsAreSurer() {
        Reading two = Reading.of(List.of(grey(0.50), grey(0.505)), 0);
        Reading four = Reading.of(List.of(grey(0.50), grey(0.505), grey(0.50), grey(0.505)), 0);
        assertThat(four.uncertainty()).isLessThan(two.uncertainty());
    }

    @Test
    void nothingReadIsRefused() {
        assertThatThrownBy(() -> Reading.of(List.of(), 0.1)).hasMessageContaining("at least one");
    }
}

package lumko.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class ColourDifferenceTest {
    /** Sharma, Wu, Dalal 2005, table 1, four decimals. */
    @ParameterizedTest
    @CsvFileSource(resources = "ciede2000_pairs.csv", numLinesToSkip = 2)
    void thePublishedPairs(double l1, double a1, double b1, double l2, double a2, double b2, double expected) {
        Lab one = new Lab(l1, a1, b1);
        Lab other = new Lab(l2, a2, b2);
        assertThat(ColourDifference.between(one, other)).isCloseTo(expected, Offset.offset(1e-4));
        assertThat(ColourDifference.between(other, one)).isCloseTo(expected, Offset.offset(1e-4));
    }

    @Test
    void isSymmetricNeverNegativeAndNothingForTheSameColour() {
        Random random = new Random(7);
        for (int n = 0; n < 20_000; n++) {
            Lab one = any(random);
            Lab other = any(random);
            double difference = ColourDifference.between(one, other);
            assertThat(difference).isNotNegative().isCloseTo(ColourDifference.between(other, one), Offset.offset(1e-9));
            assertThat(ColourDifference.between(one, one)).isZero();
        }
    }

    private static Lab any(Random random) {
        return new Lab(random.nextDouble() * 100, random.nextDouble() * 200 - 100, random.nextDouble() * 200 - 100);
    }

    @Test
    void greysDifferInLightnessAlone() {
        assertThat(ColourDifference.between(new Lab(50, 0, 0), new Lab(51, 0, 0)))
                .isCloseTo(1, Offset.offset(0.001));
        assertThat(ColourDifference.between(new Lab(50, 0, 0), new Lab(50, 0, 0)))
                .isZero();
    }

    @Test
    void nothingJumpsWhereTheHueWraps() {
        for (double chroma : new double[] {2, 20, 60}) {
            Lab justBelow = turned(chroma, 359.9999);
            Lab justAbove = turned(chroma, 0.0001);
            Lab fixed = turned(chroma, 20);
            assertThat(ColourDifference.between(justBelow, fixed))
                    .isCloseTo(ColourDifference.between(justAbove, fixed), Offset.offset(1e-3));
            assertThat(ColourDifference.between(justBelow, justAbove)).isLessThan(1e-3);
        }
    }

    private static Lab turned(double chroma, double degrees) {
        return new Lab(60, chroma * Math.cos(Math.toRadians(degrees)), chroma * Math.sin(Math.toRadians(degrees)));
    }

    @ParameterizedTest
    @CsvSource({"0.5, NOT_SEEN", "0.51, HARDLY", "1, HARDLY", "2, AT_THE_EDGE", "2.01, SEEN"})
    void inWordsAPainterUses(double difference, Seen seen) {
        assertThat(Seen.of(difference)).isEqualTo(seen);
    }
}

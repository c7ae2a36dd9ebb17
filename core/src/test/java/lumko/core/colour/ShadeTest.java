package lumko.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import org.assertj.core.data.Offset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShadeTest {
    @ParameterizedTest
    @CsvSource({"88, 0, 8", "45, 20, -30", "20, -5, 5", "60, 0, 0"})
    void isJustAsFarAsItIsSeenAndKeepsItsHue(double lightness, double a, double b) {
        Lab from = new Lab(lightness, a, b);
        for (Lab shade : new Lab[] {Shade.darker(from, 2), Shade.lighter(from, 2)}) {
            assertThat(ColourDifference.between(from, shade)).isCloseTo(2, Offset.offset(0.001));
            assertThat(shade.a()).isEqualTo(a);
            assertThat(shade.b()).isEqualTo(b);
        }
        assertThat(Shade.darker(from, 2).lightness()).isLessThan(lightness);
        assertThat(Shade.lighter(from, 2).lightness()).isGreaterThan(lightness);
    }

    @ParameterizedTest
    @CsvSource({"0.5, 0", "99.5, 100"})
    void endsAtBlackAndWhite(double lightness, double end) {
        Lab from = new Lab(lightness, 0, 0);
        Lab shade = end == 0 ? Shade.darker(from, 2) : Shade.lighter(from, 2);
        assertThat(shade.lightness()).isEqualTo(end);
    }
}

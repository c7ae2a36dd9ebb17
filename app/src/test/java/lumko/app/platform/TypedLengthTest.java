package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedLengthTest {
    private static final double FOOT = 304.8;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "11'6\" | 3505.2",
                "11' 6 1/2\" | 3517.9",
                "11 ft 6 1/2 in | 3517.9",
                "11ft6in | 3505.2",
                "11′6″ | 3505.2",
                "11’6” | 3505.2",
                "11'6 | 3505.2",
                "11 feet, 6 inches | 3505.2",
                "138\" | 3505.2",
                "6½\" | 165.1",
                "3/4 in | 19.05",
                "8' | 2438.4",
                "8 | 2438.4",
                "8.5 | 2590.8",
                "8 1/2 | 2590.8",
                "2.6 m | 2600",
                "2,6m | 2600",
                "260 cm | 2600",
                "2600 mm | 2600"
            })
    void asPeopleWriteIt(String typed, double millimetres) {
        assertThat(TypedLength.millimetres(typed, FOOT).orElseThrow()).isCloseTo(millimetres, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "long", "11''6''6", "6 yards", "1d", "0x8", "8 1/2 1/2", "'", "ft"})
    void whatIsNoLengthIsNone(String typed) {
        assertThat(TypedLength.millimetres(typed, FOOT)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"8 1/0", "1/0 in"})
    void nothingIsPartOfNothing(String typed) {
        assertThat(TypedLength.millimetres(typed, FOOT).orElseThrow()).isNaN();
    }
}

package lumko.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SrgbTest {
    /** CIELAB of the sRGB primaries under D65, as commonly published, to two places. */
    @ParameterizedTest
    @CsvSource({
        "#ffffff, 100, 0, 0",
        "#000000, 0, 0, 0",
        "#ff0000, 53.24, 80.09, 67.20",
        "#00ff00, 87.73, -86.18, 83.18",
        "#0000ff, 32.30, 79.19, -107.86"
    })
    void publishedPrimaries(String hex, double lightness, double a, double b) {
        Lab lab = Srgb.ofHex(hex).lab();
        Offset<Double> precision = Offset.offset(0.03);
        assertThat(lab.lightness()).isCloseTo(lightness, precision);
        assertThat(lab.a()).isCloseTo(a, precision);
        assertThat(lab.b()).isCloseTo(b, precision);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 10, 60, 128, 200, 254})
    void greysHaveNoHue(int grey) {
        assertThat(new Srgb(grey, grey, grey).lab().chroma()).isLessThan(1e-5);
    }

    @Test
    void hexRoundTrip() {
        assertThat(Srgb.ofHex("#E6deCE").hex()).isEqualTo("#e6dece");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "e6dece", "#e6dec", "#e6decee", "#gggggg", "red"})
    void otherWritingsAreRefused(String hex) {
        assertThatThrownBy(() -> Srgb.ofHex(hex))
                .hasMessageContaining("#rrggbb")
                .hasMessageEndingWith("was " + hex);
    }
}

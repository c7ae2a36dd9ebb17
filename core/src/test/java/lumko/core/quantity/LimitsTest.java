package lumko.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LimitsTest {
    private final Limits limits = new Limits("relative humidity", 0, 100, "%");

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.1, 50, 100})
    void bothEndsAreAllowed(double value) {
        assertThat(limits.check(value)).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.001, 100.001, Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void outsideAndNotANumberAreRefused(double value) {
        assertThatThrownBy(() -> limits.check(value)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void theMessageNamesWhatRangeUnitAndValue() {
        assertThatThrownBy(() -> limits.check(140))
                .hasMessage("relative humidity must be 0–100 %, was 140 %")
                .isInstanceOfSatisfying(OutOfRangeException.class, refused -> {
                    assertThat(refused.value()).isEqualTo(140);
                    assertThat(refused.limits()).isEqualTo(limits);
                });
    }

    @Test
    void quantitiesConvertExactly() {
        assertThat(Length.ofMetres(4.2).inMillimetres()).isEqualTo(4200);
        assertThat(Length.ofMetres(2).times(Length.ofMetres(3))).isEqualTo(Area.ofSquareMetres(6));
        // 1 m² under 1 mm is one litre
        assertThat(Area.ofSquareMetres(1).times(Length.ofMillimetres(1))).isEqualTo(Volume.ofLitres(1));
        assertThat(Temperature.ofFahrenheit(69.8).inCelsius()).isCloseTo(21, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(Volume.ofLitres(1).without(Volume.ofLitres(3))).isEqualTo(Volume.ZERO);
        assertThat(Times.inHours(Times.ofHours(17))).isEqualTo(17);
    }

    @ParameterizedTest
    @ValueSource(doubles = {400, -31, Double.NaN})
    void aRoomIsNeverThatHotOrCold(double celsius) {
        assertThatThrownBy(() -> Temperature.ofCelsius(celsius))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageStartingWith("temperature must be -30–60 °C");
    }
}

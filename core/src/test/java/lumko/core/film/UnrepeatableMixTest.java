package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import lumko.core.quantity.Area;
import lumko.core.quantity.Volume;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnrepeatableMixTest {
    private static UnrepeatableMix mix(double litres, double oneMore) {
        return UnrepeatableMix.of(
                Volume.ofLitres(litres), Area.ofSquareMetres(20), 2, 10, oneMore, Volume.ofLitres(0.15));
    }

    /** 20 m² × (2 + 0.5) coats / 10 m²/L = 5 L, with 0.15 L lost and 0.25 L kept: 5.4 L. */
    @ParameterizedTest
    @CsvSource({"5.41, START", "5.39, SHRINK", "2.41, SHRINK", "2.39, DO_NOT_START", "0, DO_NOT_START"})
    void itHasToLastForEverything(double litres, UnrepeatableMix.Advice advice) {
        assertThat(mix(litres, 0.5).advice()).isEqualTo(advice);
        assertThat(mix(litres, 0.5).needed().inLitres()).isCloseTo(5.4, Offset.offset(1e-9));
    }

    @Test
    void saysHowMuchOfTheAreaItDoes() {
        assertThat(mix(2.9, 0.5).covered().inSquareMetres()).isCloseTo(10, Offset.offset(1e-9));
        assertThat(mix(50, 0.5).covered().inSquareMetres()).isEqualTo(20);
    }

    @Test
    void betterOddsOfOneMoreCoatNeverNeedLess() {
        assertThat(mix(5, 0.9).needed()).isGreaterThan(mix(5, 0.1).needed());
    }
}

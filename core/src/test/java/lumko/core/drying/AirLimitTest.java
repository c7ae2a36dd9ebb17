package lumko.core.drying;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import lumko.core.drying.Climate.Air;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AirLimitTest {
    @ParameterizedTest
    @CsvSource({
        "10, 80, ''",
        "30, 80, ''",
        "9.9, 50, TOO_COLD",
        "30.1, 50, TOO_HOT",
        "21, 80.1, TOO_DAMP",
        "5, 95, TOO_COLD TOO_DAMP NEAR_DEW",
        "35, 90, TOO_HOT TOO_DAMP NEAR_DEW",
        "21, 83.5, TOO_DAMP NEAR_DEW"
    })
    void paintingIsForTenToThirtyDegreesAndUpToEightyPercent(double celsius, double percent, String broken) {
        AirLimit[] expected = Arrays.stream(broken.split(" "))
                .filter(name -> !name.isEmpty())
                .map(AirLimit::valueOf)
                .toArray(AirLimit[]::new);
        assertThat(AirLimit.brokenBy(Climate.of(celsius, percent, Air.MOVING), Catalogue.starting()))
                .containsExactly(expected);
    }

    @Test
    void theLimitsAreTheOrganisations() {
        Catalogue stricter = Catalogue.starting().with(Figure.COLDEST_TO_PAINT, 15);
        assertThat(AirLimit.brokenBy(Climate.of(12, 50, Air.MOVING), stricter)).containsExactly(AirLimit.TOO_COLD);
    }
}

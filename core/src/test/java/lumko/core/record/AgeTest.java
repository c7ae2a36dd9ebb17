package lumko.core.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Optional;
import lumko.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AgeTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);

    @Test
    void isCountedFromTheDay() {
        assertThat(Age.since(Optional.of(TODAY.minusDays(30)), TODAY)).isEqualTo(Age.ofDays(30));
        assertThat(Age.ofDays(365.25)).isEqualTo(Age.ofYears(1));
    }

    @Test
    void isNoughtForADayYetToCome() {
        assertThat(Age.since(Optional.of(TODAY.plusDays(3)), TODAY)).isEqualTo(Age.ofYears(0));
    }

    @Test
    void whatNobodyKnowsIsNeitherYoungNorOld() {
        Age unknown = Age.since(Optional.empty(), TODAY);

        assertThat(unknown.isKnown()).isFalse();
        assertThat(unknown.isUnderDays(1e6)).isFalse();
        assertThat(unknown.yearsOr(7)).isEqualTo(7);
    }

    @Test
    void limitsThemselvesBelongToNeitherSide() {
        assertThat(Age.ofDays(29.9).isUnderDays(30)).isTrue();
        assertThat(Age.ofYears(1).isUnderDays(365.25)).isFalse();
        assertThat(Age.ofYears(5).yearsOr(7)).isEqualTo(5);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.01, 200.01, Double.NaN})
    void staysWithinWhatAHouseCanHave(double years) {
        assertThatThrownBy(() -> Age.ofYears(years))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageStartingWith("age of a coat must be 0–200 years");
    }
}

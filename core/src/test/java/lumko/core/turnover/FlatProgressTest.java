package lumko.core.turnover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import lumko.core.figure.Catalogue;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FlatProgressTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 10);
    private static final Instant NOW = Instant.parse("2026-03-10T12:00:00Z");

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                // keys back in days, open sheet, dry in minutes, finished days ago
                "-, false, -, -, LET",
                "1, false, -, -, NOTICE",
                "0, false, -, -, EMPTY",
                "-3, true, -, -, IN_WORK",
                "-3, true, 1, -, DRYING",
                "-3, true, 0, -, IN_WORK",
                "-9, false, -, 0, CURING",
                "-9, false, -, 6, CURING",
                "-9, false, -, 7, READY",
                "-9, true, -, 1, IN_WORK"
            })
    void stateFollowsWhatHasBeenDone(
            @Nullable Integer keysBack,
            boolean openSheet,
            @Nullable Integer dryMinutes,
            @Nullable Integer finishedAgo,
            FlatState state) {
        FlatProgress progress = new FlatProgress(
                Optional.ofNullable(keysBack).map(TODAY::plusDays),
                Optional.empty(),
                openSheet,
                Optional.ofNullable(dryMinutes).map(minutes -> NOW.plusSeconds(60L * minutes)),
                Optional.ofNullable(finishedAgo).map(TODAY::minusDays));
        assertThat(progress.state(TODAY, NOW, Catalogue.starting())).isEqualTo(state);
    }

    @ParameterizedTest
    @CsvSource({"1, false, false, false", "0, false, false, true", "-1, true, false, true", "-1, false, true, false"})
    void lateOnceTheDayHasComeAndItIsNotFinished(int due, boolean openSheet, boolean finished, boolean late) {
        FlatProgress progress = new FlatProgress(
                Optional.of(TODAY.minusDays(9)),
                Optional.of(TODAY.plusDays(due)),
                openSheet,
                Optional.empty(),
                finished ? Optional.of(TODAY.minusDays(1)) : Optional.empty());
        assertThat(progress.isLate(TODAY)).isEqualTo(late);
    }

    @Test
    void aLetFlatIsNeverLate() {
        assertThat(FlatProgress.LET.isLate(TODAY)).isFalse();
        assertThat(FlatState.LET.needsHand()).isFalse();
    }
}

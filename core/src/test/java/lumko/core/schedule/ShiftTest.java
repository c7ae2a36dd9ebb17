package lumko.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalTime;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import org.junit.jupiter.api.Test;

class ShiftTest {
    private static final Catalogue FIGURES = Catalogue.starting();

    private static Shift shift(String from, String to) {
        return new Shift(LocalTime.parse(from), LocalTime.parse(to));
    }

    @Test
    void beforeAndAfterTheBreak() {
        assertThat(Shift.ofDay(FIGURES)).containsExactly(shift("07:30", "12:00"), shift("12:30", "16:00"));
    }

    @Test
    void aBreakOutsideTheHoursIsNone() {
        assertThat(Shift.ofDay(FIGURES.with(Figure.BREAK_FROM, 17))).containsExactly(shift("07:30", "16:00"));
        assertThat(Shift.ofDay(FIGURES.with(Figure.BREAK_FOR, 0))).containsExactly(shift("07:30", "16:00"));
    }

    @Test
    void aBreakThatLastsToTheEndEndsTheDay() {
        assertThat(Shift.ofDay(FIGURES.with(Figure.BREAK_FROM, 15).with(Figure.BREAK_FOR, 60)))
                .containsExactly(shift("07:30", "15:00"));
    }

    @Test
    void theWholeDayHasItsBreakInIt() {
        assertThat(Shift.wholeDay(FIGURES)).contains(shift("07:30", "16:00"));
        assertThat(Shift.wholeDay(FIGURES.with(Figure.WORK_TO, 6))).isEmpty();
    }

    @Test
    void mondayToFriday() {
        assertThat(Shift.isWorkday(LocalDate.of(2026, 3, 6))).isTrue();
        assertThat(Shift.isWorkday(LocalDate.of(2026, 3, 7))).isFalse();
        assertThat(Shift.isWorkday(LocalDate.of(2026, 3, 8))).isFalse();
    }

    @Test
    void hoursThatEndBeforeTheyBeginAreNone() {
        assertThat(Shift.ofDay(FIGURES.with(Figure.WORK_TO, 6))).isEmpty();
        assertThatThrownBy(() -> shift("12:00", "12:00")).hasMessageContaining("must end after it begins");
    }
}

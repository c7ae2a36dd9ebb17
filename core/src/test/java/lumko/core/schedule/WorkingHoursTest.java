package lumko.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import lumko.core.figure.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Work begins at 7:30 and ends at 16:00 by the starting figures; the 27th of November 2026 is a Friday. */
class WorkingHoursTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");
    private static final DateTimeFormatter WRITTEN = DateTimeFormatter.ofPattern("EEE H:mm", Locale.ENGLISH);

    private static ZonedDateTime at(String time) {
        return LocalDateTime.parse("2026-11-" + time).atZone(ZONE);
    }

    private static String begun(String now, String from, int minutes) {
        ZonedDateTime start = at(now);
        WorkingHours hours = WorkingHours.of(Catalogue.starting(), start);
        return WRITTEN.format(start.plus(hours.begin(Duration.between(start, at(from)), Duration.ofMinutes(minutes))));
    }

    @ParameterizedTest
    @CsvSource({
        // now, free or ready from, minutes, begun
        "26T10:00, 26T10:00, 30, Thu 10:00",
        "26T05:00, 26T05:00, 30, Thu 7:30",
        "26T10:00, 26T15:30, 30, Thu 15:30",
        "26T10:00, 26T15:31, 30, Fri 7:30",
        "26T10:00, 27T15:45, 30, Mon 7:30",
        "26T10:00, 27T02:00, 30, Fri 7:30",
        "28T10:00, 28T10:00, 30, Sat 10:00",
        "28T10:00, 28T15:50, 30, Mon 7:30",
        "26T17:00, 26T17:00, 30, Fri 7:30",
        // longer than a whole shift: with the next one
        "26T10:00, 26T10:00, 600, Fri 7:30"
    })
    void nothingStraddlesTheEndOfAShift(String now, String from, int minutes, String begun) {
        assertThat(begun(now, from, minutes)).isEqualTo(begun);
    }

    @ParameterizedTest
    @CsvSource({"26T10:00, 26T12:00, 120", "26T15:00, 27T08:30, 120", "26T17:00, 27T07:00, 0", "27T15:00, 30T08:30, 120"
    })
    void standingStillAtNightIsNoWait(String from, String to, int minutes) {
        ZonedDateTime start = at("26T10:00");
        Duration worked = WorkingHours.of(Catalogue.starting(), start)
                .between(Duration.between(start, at(from)), Duration.between(start, at(to)));
        assertThat(worked).isEqualTo(Duration.ofMinutes(minutes));
    }

    @Test
    void theClockIsPutBackInANight() {
        ZonedDateTime friday = LocalDateTime.parse("2026-10-23T15:50").atZone(ZONE);
        Duration monday = WorkingHours.of(Catalogue.starting(), friday).begin(Duration.ZERO, Duration.ofMinutes(30));
        assertThat(WRITTEN.format(friday.plus(monday))).isEqualTo("Mon 7:30");
    }

    @Test
    void whoComparesJobsCountsDayAndNight() {
        Duration night = Duration.ofHours(14);
        assertThat(WorkingHours.ALWAYS.begin(night, Duration.ofHours(9))).isEqualTo(night);
        assertThat(WorkingHours.ALWAYS.between(Duration.ZERO, night)).isEqualTo(night);
    }
}

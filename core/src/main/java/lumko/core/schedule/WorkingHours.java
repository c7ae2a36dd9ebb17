package lumko.core.schedule;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Times;

/**
 * When hands work: between two times of the day, Monday to Friday, and on the day on which a job goes on, whatever day that is.
 * Moments are counted from when it goes on. Paint dries through nights and weekends; hands rest.
 */
public abstract sealed class WorkingHours {
    /** Day and night: for comparing what jobs come to, whenever they are done. */
    public static final WorkingHours ALWAYS = new Always();

    private WorkingHours() {}

    /** The hours of the house, for a job that goes on at a moment. */
    public static WorkingHours of(Catalogue figures, ZonedDateTime now) {
        return new Daily(time(figures, Figure.WORK_FROM), time(figures, Figure.WORK_TO), now);
    }

    static LocalTime time(Catalogue figures, Figure figure) {
        return LocalTime.ofSecondOfDay(Math.min(86_399, Math.round(figures.value(figure) * 3600)));
    }

    /**
     * The first moment from another on at which something that takes so long at one go can be begun: it ends before the shift
     * does, or begins with one where it is longer than a whole shift.
     */
    abstract Duration begin(Duration from, Duration hand);

    /** How much of the time between two moments hands work. */
    abstract Duration between(Duration from, Duration to);

    private static final class Always extends WorkingHours {
        @Override
        Duration begin(Duration from, Duration hand) {
            return from;
        }

        @Override
        Duration between(Duration from, Duration to) {
            return to.minus(from);
        }
    }

    private static final class Daily extends WorkingHours {
        private final LocalTime opens;
        private final LocalTime closes;
        private final ZonedDateTime now;

        Daily(LocalTime opens, LocalTime closes, ZonedDateTime now) {
            this.opens = opens;
            this.closes = closes.isAfter(opens) ? closes : LocalTime.MAX;
            this.now = now;
        }

        private Duration since(LocalDate day, LocalTime time) {
            return Duration.between(now, day.atTime(time).atZone(now.getZone()));
        }

        private boolean isWorked(LocalDate day) {
            return day.equals(now.toLocalDate()) || Shift.isWorkday(day);
        }

        @Override
        Duration begin(Duration from, Duration hand) {
            LocalDate day = now.plus(from).toLocalDate();
            while (true) {
                if (isWorked(day)) {
                    Duration open = since(day, opens);
                    Duration start = Times.longer(from, open);
                    Duration end = since(day, closes);
                    boolean isFirstOfShift = start.equals(open) && end.compareTo(start) > 0;
                    if (isFirstOfShift || start.plus(hand).compareTo(end) <= 0) {
                        return start;
                    }
                }
                day = day.plusDays(1);
            }
        }

        @Override
        Duration between(Duration from, Duration to) {
            Duration worked = Duration.ZERO;
            LocalDate last = now.plus(to).toLocalDate();
            for (LocalDate day = now.plus(from).toLocalDate(); !day.isAfter(last); day = day.plusDays(1)) {
                Duration begun = Times.longer(from, since(day, opens));
                Duration closed = since(day, closes);
                Duration ended = closed.compareTo(to) < 0 ? closed : to;
                if (isWorked(day) && ended.compareTo(begun) > 0) {
                    worked = worked.plus(ended.minus(begun));
                }
            }
            return worked;
        }
    }
}

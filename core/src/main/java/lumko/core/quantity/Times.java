package lumko.core.quantity;

import java.time.Duration;

/** Turns the minutes and hours of the catalogue into durations: minutes to the second, hours to the nanosecond. */
public final class Times {
    private Times() {}

    public static Duration ofMinutes(double minutes) {
        return Duration.ofSeconds(Math.round(minutes * 60));
    }

    public static Duration ofHours(double hours) {
        return Duration.ofNanos(Math.round(hours * 3600e9));
    }

    public static Duration longer(Duration one, Duration other) {
        return one.compareTo(other) > 0 ? one : other;
    }

    public static double inMinutes(Duration duration) {
        return duration.toSeconds() / 60.0;
    }

    public static double inHours(Duration duration) {
        return duration.toNanos() / 3600e9;
    }
}

package lumko.core.activity;

import java.time.Duration;

/** An activity as it was planned and as long as it took. */
public record Taken(ActivityKind kind, Duration planned, Duration taken) {
    /** What took more than three times as long as planned and half an hour more had a break in it. ASSUMPTION. */
    private static final int TIMES_PLANNED = 3;

    private static final Duration AND_MORE = Duration.ofMinutes(30);

    /** Whether the hands can have been at it all the time. */
    public boolean isWork() {
        return taken.compareTo(planned.multipliedBy(TIMES_PLANNED).plus(AND_MORE)) <= 0;
    }
}

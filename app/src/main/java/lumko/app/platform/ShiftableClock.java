package lumko.app.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The clock of the machine, or one that was set to another moment when it started and has gone on since. A thread may set it to
 * another moment for as long as it enters something that happened then.
 */
public final class ShiftableClock extends Clock {
    private final InstantSource source;
    private final ThreadLocal<Optional<Instant>> set = ThreadLocal.withInitial(Optional::empty);

    private ShiftableClock(InstantSource source) {
        this.source = source;
    }

    static ShiftableClock ofTheMachine() {
        return new ShiftableClock(InstantSource.system());
    }

    static ShiftableClock startingAt(Instant moment) {
        InstantSource machine = InstantSource.system();
        return new ShiftableClock(InstantSource.offset(machine, Duration.between(machine.instant(), moment)));
    }

    /** Does something as if it were that moment. */
    public <T> T at(Instant moment, Supplier<T> action) {
        Optional<Instant> before = set.get();
        set.set(Optional.of(moment));
        try {
            return action.get();
        } finally {
            set.set(before);
        }
    }

    @Override
    public Instant instant() {
        return set.get().orElseGet(source::instant);
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.fixed(instant(), zone);
    }
}

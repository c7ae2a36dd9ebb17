package lumko.app.platform;

import java.time.Clock;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.function.Supplier;

/** The clock of the machine, which a thread may set to another moment for as long as it enters something that happened then. */
public final class ShiftableClock extends Clock {
    private final InstantSource source = InstantSource.system();
    private final ThreadLocal<Optional<Instant>> set = ThreadLocal.withInitial(Optional::empty);

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

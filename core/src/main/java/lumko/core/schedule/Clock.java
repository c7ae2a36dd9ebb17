package lumko.core.schedule;

import java.time.Instant;
import java.util.Optional;
import lumko.core.activity.Wait;
import lumko.core.drying.Drying;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Drying.Dries;

/**
 * A wait that has begun.
 *
 * @param activity id of what was put on
 */
public record Clock(String activity, Wait waiting, Instant from, Drying drying) {
    /** When it is likely ready; empty if it never is in this air. */
    public Optional<Instant> likely() {
        return drying instanceof Dries dries ? Optional.of(from.plus(dries.likely())) : Optional.empty();
    }

    /** When it is ready wherever the air was as entered. */
    public Optional<Instant> safe() {
        return drying instanceof Dries dries ? Optional.of(from.plus(dries.safe())) : Optional.empty();
    }

    /** Why it never is ready in this air. */
    public Optional<DoesNotDry.Cause> hindrance() {
        return drying instanceof DoesNotDry not ? Optional.of(not.cause()) : Optional.empty();
    }

    /** Whether it is still wet by the clock. */
    public boolean isWetAt(Instant now) {
        return likely().map(now::isBefore).orElse(true);
    }

    /** Whether it is ready after another; what never dries is last. */
    public boolean isReadyAfter(Clock other) {
        if (likely().isEmpty() || other.likely().isEmpty()) {
            return likely().isEmpty() && other.likely().isPresent();
        }
        return likely().get().isAfter(other.likely().get());
    }
}

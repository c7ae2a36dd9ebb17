package lumko.core.job;

import java.util.Optional;
import java.util.Set;
import lumko.core.activity.Limit;
import lumko.core.activity.Why;

/** All of the one come before all of the other that they reach. */
public record Rule(Set<Slot> before, Set<Slot> after, Scope scope, Why why, Drying drying, Optional<Limit> limit) {
    /** How far a rule reaches. */
    public enum Scope {
        /** Between two activities at the same marked place, or on the surface it is on. */
        PLACE,
        SURFACE,
        ROOM,
        /** Between those that use the same paint. */
        PAINT,
        /** From the other walls of a room to one in a colour of its own. */
        ACCENT,
        FLAT
    }

    /** Whether the later one has to find dry what the earlier one left wet. */
    public enum Drying {
        WHERE_THEY_MEET,
        /** Also where they only stand side by side: a line is cut against it. */
        BESIDE_IT_TOO,
        NOT_WAITED_FOR
    }
}

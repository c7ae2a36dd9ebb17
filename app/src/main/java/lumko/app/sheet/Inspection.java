package lumko.app.sheet;

import java.util.List;

/**
 * The last look at a job.
 *
 * @param where what is seen, and from where; empty if nothing is
 */
public record Inspection(Seen seen, List<From> from, String where) {
    /** Whether the work is seen. */
    public enum Seen {
        NOT_SEEN,
        SEEN
    }

    /** How one looked. */
    public enum From {
        STANDING_DISTANCE,
        BOTH_DIRECTIONS,
        RAKING_LIGHT
    }

    public Inspection {
        from = List.copyOf(from);
    }
}

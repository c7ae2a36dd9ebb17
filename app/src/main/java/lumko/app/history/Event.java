package lumko.app.history;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** One thing that somebody did. */
public record Event(EventKind kind, String detail, Optional<UUID> surface, String by, Instant at) {}

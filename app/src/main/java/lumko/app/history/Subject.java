package lumko.app.history;

import java.util.Optional;
import java.util.UUID;

/** What something was done to: a flat, a surface in it, a mark on that. */
public record Subject(UUID flat, Optional<UUID> surface, Optional<UUID> mark) {
    public static Subject flat(UUID flat) {
        return new Subject(flat, Optional.empty(), Optional.empty());
    }

    public static Subject surface(UUID flat, UUID surface) {
        return new Subject(flat, Optional.of(surface), Optional.empty());
    }

    public static Subject mark(UUID flat, UUID surface, UUID mark) {
        return new Subject(flat, Optional.of(surface), Optional.of(mark));
    }
}

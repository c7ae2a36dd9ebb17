package lumko.app.history;

import java.util.Optional;
import java.util.UUID;

/** What something was done to: a flat, a surface in it, a mark on that; or what is no flat's. */
public record Subject(Optional<UUID> flat, Optional<UUID> surface, Optional<UUID> mark) {
    /** A house, a person, a product, a colour, a tin. */
    public static Subject organisation() {
        return new Subject(Optional.empty(), Optional.empty(), Optional.empty());
    }

    public static Subject flat(UUID flat) {
        return new Subject(Optional.of(flat), Optional.empty(), Optional.empty());
    }

    public static Subject surface(UUID flat, UUID surface) {
        return new Subject(Optional.of(flat), Optional.of(surface), Optional.empty());
    }

    public static Subject mark(UUID flat, UUID surface, UUID mark) {
        return new Subject(Optional.of(flat), Optional.of(surface), Optional.of(mark));
    }
}

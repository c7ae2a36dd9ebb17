package lumko.app.walk;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.Surface;
import lumko.core.record.Raw;

/**
 * What is on a surface, as somebody has found out.
 *
 * @param like the surface that it is like, for {@link PaintAnswer#LIKE_ANOTHER}
 * @param raw what it is, for {@link PaintAnswer#BARE}
 * @param since when that was put on, if somebody knows
 */
public record OnIt(PaintAnswer answer, Optional<UUID> like, Optional<Raw> raw, Optional<LocalDate> since) {
    public OnIt {
        if ((answer == PaintAnswer.LIKE_ANOTHER) != like.isPresent()
                || (answer == PaintAnswer.BARE) != raw.isPresent()) {
            throw new IllegalArgumentException(
                    "which surface it is like, or what is bare, goes with that answer alone");
        }
    }

    public static OnIt of(PaintAnswer answer) {
        return new OnIt(answer, Optional.empty(), Optional.empty(), Optional.empty());
    }

    public static OnIt like(UUID surfaceId) {
        return new OnIt(PaintAnswer.LIKE_ANOTHER, Optional.of(surfaceId), Optional.empty(), Optional.empty());
    }

    public static OnIt bare(Raw raw, Optional<LocalDate> since) {
        return new OnIt(PaintAnswer.BARE, Optional.empty(), Optional.of(raw), since);
    }

    /** The layer that was found on a surface and is not on its record. */
    Optional<NewCoat> unrecorded(Flat flat) {
        return switch (answer) {
            case RECORD_AGREES, NOT_SURE -> Optional.empty();
            case LIKE_ANOTHER ->
                like.flatMap(flat::surface).flatMap(Surface::topCoat).map(Coat::again);
            case BARE -> raw.map(Raw::layer).map(layer -> NewCoat.plain(layer, since, ""));
        };
    }

    /** A surface as it is found then, whatever its record says. */
    Surface found(Surface recorded, Flat flat) {
        return switch (answer) {
            case RECORD_AGREES, NOT_SURE -> recorded;
            case LIKE_ANOTHER ->
                like.flatMap(flat::surface)
                        .map(other -> recorded.with(recorded.substrate(), other.coats()))
                        .orElse(recorded);
            case BARE -> recorded.raw(raw.orElseThrow(), since);
        };
    }
}

package lumko.core.geometry;

import java.util.Optional;
import lumko.core.quantity.Length;

/**
 * Where a wall ends other than at the ceiling and the floor.
 *
 * @param roof where a roof cuts it off
 * @param stairs where stairs run along its foot
 */
public record Ends(Optional<RoofLine> roof, Optional<StairLine> stairs) {
    /** From the floor to the ceiling all along. */
    public static final Ends AS_THE_ROOM = new Ends(Optional.empty(), Optional.empty());

    public static Ends under(RoofLine roof) {
        return AS_THE_ROOM.with(Optional.of(roof));
    }

    public static Ends over(StairLine stairs) {
        return AS_THE_ROOM.along(Optional.of(stairs));
    }

    /** The same under another roof, or under none. */
    public Ends with(Optional<RoofLine> other) {
        return new Ends(other, stairs);
    }

    /** The same along other stairs, or along none. */
    public Ends along(Optional<StairLine> other) {
        return new Ends(roof, other);
    }

    /** As in the flat across the landing. */
    public Ends mirrored(Length width) {
        return new Ends(roof.map(line -> line.mirrored(width)), stairs.map(line -> line.mirrored(width)));
    }
}

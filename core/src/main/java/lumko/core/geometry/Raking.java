package lumko.core.geometry;

import java.util.OptionalDouble;
import lumko.core.quantity.Length;

/** How flat the light of a window in another wall falls on a place: from the window's centre, with the sky in it. */
public final class Raking {
    private Raking() {}

    /**
     * The angle above the wall of a window across the room, in degrees, 3–90; empty where the wall across has none. Of several
     * the one that falls flattest.
     *
     * @param across the wall with the window, parallel to this one, seen from inside the room
     * @param depth how far away it is
     * @param fromLeft of the place on this wall; its left end is opposite the other's right end
     */
    public static OptionalDouble facing(Wall across, Length depth, Length fromLeft) {
        double opposite = across.width().inMillimetres() - fromLeft.inMillimetres();
        return across.windows().stream()
                .mapToDouble(opening -> Math.abs(middle(opening) - opposite))
                .map(aside -> Math.clamp(Math.toDegrees(Math.atan2(Math.max(1, depth.inMillimetres()), aside)), 3, 90))
                .min();
    }

    private static double middle(Opening opening) {
        return (opening.box().left().inMillimetres() + opening.box().right().inMillimetres()) / 2;
    }

    /**
     * The angle above the wall, in degrees, 3–90; empty where the neighbour has no window.
     *
     * @param neighbour the wall that has the window, right-angled to this one
     * @param isLeft whether it stands to the left of this one, so that the corner is at its right end
     * @param fromCorner how far the place is from that corner
     */
    public static OptionalDouble elevation(Wall neighbour, boolean isLeft, Length fromCorner) {
        double away = Math.max(1, fromCorner.inMillimetres());
        return neighbour.windows().stream()
                .mapToDouble(opening -> isLeft ? neighbour.width().inMillimetres() - middle(opening) : middle(opening))
                .map(out -> Math.clamp(Math.toDegrees(Math.atan2(out, away)), 3, 90))
                .min();
    }
}

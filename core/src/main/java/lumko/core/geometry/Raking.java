package lumko.core.geometry;

import java.util.OptionalDouble;
import lumko.core.quantity.Length;

/** How flat the light of a window in the neighbouring wall falls on a place: from the window's centre, with the sky in it. */
public final class Raking {
    private Raking() {}

    /**
     * The angle above the wall, in degrees, 3–90; empty where the neighbour has no window.
     *
     * @param neighbour the wall that has the window, right-angled to this one
     * @param isLeft whether it stands to the left of this one, so that the corner is at its right end
     * @param fromCorner how far the place is from that corner
     */
    public static OptionalDouble elevation(Wall neighbour, boolean isLeft, Length fromCorner) {
        double away = Math.max(1, fromCorner.inMillimetres());
        return neighbour.openings().stream()
                .filter(opening -> opening.kind() == Opening.Kind.WINDOW)
                .mapToDouble(opening -> {
                    double middle = (opening.box().left().inMillimetres()
                                    + opening.box().right().inMillimetres())
                            / 2;
                    return isLeft ? neighbour.width().inMillimetres() - middle : middle;
                })
                .map(out -> Math.clamp(Math.toDegrees(Math.atan2(out, away)), 3, 90))
                .min();
    }
}

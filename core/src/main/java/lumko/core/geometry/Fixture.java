package lumko.core.geometry;

import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * Something in a room that has paint of its own and is painted apart from walls, ceiling and trim: a door, a radiator, shelves.
 *
 * @param width as one looks at it
 * @param height as one looks at it; of shelves and boards that lie, their depth
 * @param sides that are painted, one or both
 */
public record Fixture(Kind kind, Length width, Length height, int sides) {
    public static final Limits WIDTH = new Limits("width of a fixture", 100, 6_000, "mm");
    public static final Limits HEIGHT = new Limits("height of a fixture", 20, 4_000, "mm");
    public static final Limits SIDES = new Limits("sides of a fixture", 1, 2, "");

    /**
     * What it is. How much more there is to paint than its outline shows is an ASSUMPTION, taken from how such things are built: a
     * panel radiator has convectors and edges, panelling its mouldings, a grille as much bar as gap, a casement its frame alone.
     */
    public enum Kind {
        DOOR(1),
        WINDOW(0.3),
        RADIATOR(1.5),
        SHELVES(1.1),
        PANELLING(1.2),
        CUPBOARD(1.1),
        GRILLE(1),
        METALWORK(1);

        private final double relief;

        Kind(double relief) {
            this.relief = relief;
        }
    }

    public Fixture {
        WIDTH.check(width.inMillimetres());
        HEIGHT.check(height.inMillimetres());
        SIDES.check(sides);
    }

    /** What there is to paint. */
    public Area painted() {
        return width.times(height).times(sides * kind.relief);
    }
}

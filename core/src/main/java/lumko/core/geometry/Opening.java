package lumko.core.geometry;

import lumko.core.quantity.Length;

/** A door, a window or an open passage in a wall. */
public record Opening(Kind kind, Box box) {
    /** Whether a place lies in it, so far from its edges; on an edge counts as in it. */
    boolean isWellInside(Spot spot, Length fromEdge) {
        return !box.left().plus(fromEdge).isLongerThan(spot.fromLeft())
                && !spot.fromLeft().plus(fromEdge).isLongerThan(box.right())
                && !box.bottom().plus(fromEdge).isLongerThan(spot.aboveFloor())
                && !spot.aboveFloor().plus(fromEdge).isLongerThan(box.top());
    }

    /** Why what lies in it cannot be on the wall. */
    public ShapeException hides() {
        return new ShapeException(
                switch (kind) {
                    case DOOR -> ShapeException.Why.IN_A_DOOR;
                    case WINDOW -> ShapeException.Why.IN_A_WINDOW;
                    case PASSAGE -> ShapeException.Why.IN_AN_OPENING;
                });
    }

    public enum Kind {
        DOOR,
        WINDOW,
        PASSAGE
    }
}

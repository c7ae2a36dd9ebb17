package lumko.core.geometry;

/** A door, a window or an open passage in a wall. */
public record Opening(Kind kind, Box box) {
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

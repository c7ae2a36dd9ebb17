package lumko.core.geometry;

/** A door, a window or an open passage in a wall. */
public record Opening(Kind kind, Box box) {
    public enum Kind {
        DOOR,
        WINDOW,
        PASSAGE
    }
}

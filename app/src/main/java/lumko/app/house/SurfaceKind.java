package lumko.app.house;

/** What of a room is painted. */
public enum SurfaceKind {
    WALL,
    CEILING,
    TRIM,
    /** A door, a radiator, shelves: what has paint of its own. */
    FIXTURE
}

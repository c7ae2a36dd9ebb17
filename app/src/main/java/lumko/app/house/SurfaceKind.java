package lumko.app.house;

/** What of a room is painted. */
public enum SurfaceKind {
    WALL,
    CEILING,
    TRIM
}

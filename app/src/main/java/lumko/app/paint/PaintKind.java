package lumko.app.paint;

/** What a paint is made for. */
public enum PaintKind {
    WALL,
    CEILING,
    TRIM,
    PRIMER
}

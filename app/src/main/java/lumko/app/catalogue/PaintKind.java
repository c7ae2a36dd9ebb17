package lumko.app.catalogue;

/** What a paint is made for. */
public enum PaintKind {
    WALL,
    CEILING,
    TRIM,
    PRIMER
}

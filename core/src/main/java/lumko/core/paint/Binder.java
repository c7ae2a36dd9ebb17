package lumko.core.paint;

/** What a paint is thinned with. */
public enum Binder {
    WATERBORNE,
    SOLVENTBORNE
}

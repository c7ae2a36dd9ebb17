package lumko.core.hold;

/** What a paint is thinned with. */
public enum Binder {
    WATERBORNE,
    SOLVENTBORNE
}

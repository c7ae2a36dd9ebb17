package lumko.core.hold;

/** What the next coat meets, as far as it matters for its hold. */
public enum TopLayer {
    /** No coat at all. */
    BARE,
    /** Nobody knows. */
    UNKNOWN,
    PRIMER,
    WATERBORNE_MATT,
    /** Eggshell, satin, silk. */
    WATERBORNE_SHEEN,
    WATERBORNE_GLOSS,
    SOLVENTBORNE_MATT,
    SOLVENTBORNE_GLOSS
}

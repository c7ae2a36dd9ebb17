package lumko.core.judge;

/** How sure one is of the paint that would go on, from best to worst for spots. */
public enum PaintBasis {
    /** Left over from the tin or the batch that is on the wall. */
    SAME_BATCH,
    /** The same product and colour, bought again. */
    BOUGHT_AGAIN,
    /** The record names it, but nobody has confirmed it yet. */
    NOT_CONFIRMED,
    /** Matched to a sample, mixed, or a different colour: whole walls only. */
    OTHER_PAINT,
    /** Nobody knows what is on the wall. */
    UNKNOWN
}

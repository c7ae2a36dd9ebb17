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
    UNKNOWN;

    /** What somebody answered to the question which paint is on the wall. */
    public enum Said {
        NOTHING,
        RECORD_AGREES,
        A_TIN,
        NOT_SURE
    }

    /**
     * How sure one is, from what is on record and what was answered.
     *
     * @param recorded whether the record names product and colour
     * @param samePaint whether the tin answered with is of that product and colour
     * @param sameBatch whether it is the tin, or of the batch, that is on the wall
     */
    public static PaintBasis of(boolean recorded, Said said, boolean samePaint, boolean sameBatch) {
        if (!recorded) {
            return said == Said.A_TIN ? OTHER_PAINT : UNKNOWN;
        }
        return switch (said) {
            case NOTHING -> NOT_CONFIRMED;
            case RECORD_AGREES -> BOUGHT_AGAIN;
            case NOT_SURE -> UNKNOWN;
            case A_TIN -> samePaint ? (sameBatch ? SAME_BATCH : BOUGHT_AGAIN) : OTHER_PAINT;
        };
    }
}

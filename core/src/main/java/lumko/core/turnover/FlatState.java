package lumko.core.turnover;

/** Where a flat stands. */
public enum FlatState {
    LET,
    NOTICE,
    EMPTY,
    IN_WORK,
    DRYING,
    CURING,
    READY;

    /** Whether somebody has to do something in it. */
    public boolean needsHand() {
        return this == EMPTY || this == IN_WORK || this == DRYING;
    }
}

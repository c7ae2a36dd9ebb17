package lumko.app.outcome;

/** When something was predicted. */
public enum Moment {
    /** The sheet was made. */
    DECIDED,
    /** The work was done. */
    CLOSED
}

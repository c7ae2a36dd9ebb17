package lumko.app.outcome;

/** What was seen of the work on a wall by whoever came to look. */
public enum Outcome {
    NOT_SEEN,
    /** Only by somebody who looked for it. */
    LOOKED_FOR,
    SEEN
}

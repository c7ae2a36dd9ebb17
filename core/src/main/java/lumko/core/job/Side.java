package lumko.core.job;

/** Which surface of a room. */
public enum Side {
    WALL,
    CEILING,
    /** Skirting, frames, sills, bars. */
    TRIM
}

package lumko.core.judge;

/** How hard those who come will look at a flat. */
public enum Scrutiny {
    /** As usual in such rooms: the figures by kind of room. */
    AS_USUAL,
    /** Somebody looks for touch-ups, as at an inspection. */
    CLOSELY,
    /** Nobody looks for them, as at a viewing among furniture. */
    IN_PASSING
}

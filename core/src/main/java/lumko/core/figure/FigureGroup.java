package lumko.core.figure;

/** What a figure belongs to, for finding it again. */
public enum FigureGroup {
    /** Of one trained person. */
    LABOUR,
    PAINT,
    /** Waits at 21 °C and 50 % relative humidity in moving air, the likely value. */
    DRYING,
    /** At which one way of mending ends and another begins. */
    SIZES,
    /** Thresholds. */
    VERDICT,
    /** What lookers, light and tools make of a touch-up. */
    EYE,
    SAFETY
}

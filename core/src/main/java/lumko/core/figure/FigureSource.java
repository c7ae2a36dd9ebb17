package lumko.core.figure;

/** Where the starting value of a figure comes from. */
public enum FigureSource {
    /** An ordinary range of the trade, of which its middle was taken. */
    TRADE,
    /** An estimate of the project's own. */
    ASSUMED
}

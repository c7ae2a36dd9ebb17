package lumko.core.colour;

/** The eye that is assumed, by the size of what it looks at. */
public enum Observer {
    /** CIE 1931. */
    DEGREES_2,
    /** CIE 1964. */
    DEGREES_10;

    public int degrees() {
        return this == DEGREES_2 ? 2 : 10;
    }
}

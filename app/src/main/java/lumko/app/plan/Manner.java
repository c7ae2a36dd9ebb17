package lumko.app.plan;

/** How dear it is in a search that a piece of work changes hands or day. */
public enum Manner {
    /** About as dear as a painter's week. */
    STEADY(15_000),
    /** About ten set-ups. */
    BALANCED(2_000),
    /** Next to nothing: only what is late counts. */
    ON_TIME(50);

    private final double change;

    Manner(double change) {
        this.change = change;
    }

    double change() {
        return change;
    }
}

package lumko.core.colour;

/** What a colour difference within one wall means to somebody who looks. Source: catalogue of figures, Limits of the verdict. */
public enum Seen {
    NOT_SEEN(0.5),
    HARDLY(1),
    AT_THE_EDGE(2),
    SEEN(Double.POSITIVE_INFINITY);

    private final double upTo;

    Seen(double upTo) {
        this.upTo = upTo;
    }

    public static Seen of(double difference) {
        for (Seen seen : values()) {
            if (difference <= seen.upTo) {
                return seen;
            }
        }
        return SEEN;
    }
}

package lumko.core.plan;

/** A stretch of time, half-open, in minutes. */
public record Span(int from, int to) {
    public Span {
        if (!(from < to)) {
            throw new IllegalArgumentException("a span must end after it begins, was " + from + " to " + to);
        }
    }

    /** Whether another lies wholly in it. */
    public boolean holds(int start, int end) {
        return from <= start && end <= to;
    }

    public int minutes() {
        return to - from;
    }
}

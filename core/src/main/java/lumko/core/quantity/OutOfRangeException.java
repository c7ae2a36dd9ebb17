package lumko.core.quantity;

/** A value outside what the thing in the world can have. Carries its parts so that the edge can name field, value, unit and range. */
public final class OutOfRangeException extends IllegalArgumentException {
    private final transient Limits limits;
    private final double value;

    OutOfRangeException(Limits limits, double value) {
        super("%s must be %s–%s %s, was %s %s"
                .formatted(
                        limits.what(),
                        Limits.plain(limits.low()),
                        Limits.plain(limits.high()),
                        limits.unit(),
                        Limits.plain(value),
                        limits.unit())
                .replace(" ,", ",")
                .strip());
        this.limits = limits;
        this.value = value;
    }

    /** The allowed range with its name and unit. */
    public Limits limits() {
        return limits;
    }

    /** The refused value, in the unit of {@link #limits()}. */
    public double value() {
        return value;
    }
}

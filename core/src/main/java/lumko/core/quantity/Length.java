package lumko.core.quantity;

/** A distance. Finite; may be negative where a difference of places is meant. */
public record Length(double inMillimetres) implements Comparable<Length> {
    private static final Limits FINITE = new Limits("length", -1e6, 1e6, "mm");

    public static final Length ZERO = new Length(0);

    public Length {
        FINITE.check(inMillimetres);
    }

    public static Length ofMillimetres(double millimetres) {
        return new Length(millimetres);
    }

    public static Length ofMetres(double metres) {
        return new Length(metres * 1000);
    }

    public double inMetres() {
        return inMillimetres / 1000;
    }

    public Length plus(Length other) {
        return new Length(inMillimetres + other.inMillimetres);
    }

    public Length minus(Length other) {
        return new Length(inMillimetres - other.inMillimetres);
    }

    public Length times(double factor) {
        return new Length(inMillimetres * factor);
    }

    public Area times(Length other) {
        return Area.ofSquareMetres(inMetres() * other.inMetres());
    }

    public boolean isLongerThan(Length other) {
        return compareTo(other) > 0;
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(inMillimetres, other.inMillimetres);
    }
}

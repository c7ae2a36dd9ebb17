package lumko.core.quantity;

/** An amount of paint or filler; never negative. */
public record Volume(double inLitres) implements Comparable<Volume> {
    private static final Limits RANGE = new Limits("volume", 0, 1e5, "L");

    public static final Volume ZERO = new Volume(0);

    public Volume {
        RANGE.check(inLitres);
    }

    public static Volume ofLitres(double litres) {
        return new Volume(litres);
    }

    public static Volume ofMillilitres(double millilitres) {
        return new Volume(millilitres / 1000);
    }

    public static Volume ofCubicMillimetres(double cubicMillimetres) {
        return new Volume(cubicMillimetres / 1e6);
    }

    public double inMillilitres() {
        return inLitres * 1000;
    }

    public Volume plus(Volume other) {
        return new Volume(inLitres + other.inLitres);
    }

    public Volume times(double factor) {
        return new Volume(inLitres * factor);
    }

    /** What is left of this volume after the other has been taken; nothing if the other is larger. */
    public Volume without(Volume other) {
        return new Volume(Math.max(0, inLitres - other.inLitres));
    }

    @Override
    public int compareTo(Volume other) {
        return Double.compare(inLitres, other.inLitres);
    }
}

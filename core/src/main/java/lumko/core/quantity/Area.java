package lumko.core.quantity;

/** The extent of a surface; never negative. */
public record Area(double inSquareMetres) implements Comparable<Area> {
    private static final Limits RANGE = new Limits("area", 0, 1e6, "m²");

    public static final Area ZERO = new Area(0);

    public Area {
        RANGE.check(inSquareMetres);
    }

    public static Area ofSquareMetres(double squareMetres) {
        return new Area(squareMetres);
    }

    /** The disc of the given diameter. */
    public static Area ofDisc(Length diameter) {
        double radius = diameter.inMetres() / 2;
        return new Area(Math.PI * radius * radius);
    }

    public Area plus(Area other) {
        return new Area(inSquareMetres + other.inSquareMetres);
    }

    /** What is left of this area without the other; nothing if the other is larger. */
    public Area without(Area other) {
        return new Area(Math.max(0, inSquareMetres - other.inSquareMetres));
    }

    public Area times(double factor) {
        return new Area(inSquareMetres * factor);
    }

    /** The volume of a layer of this area. */
    public Volume times(Length thickness) {
        return Volume.ofLitres(inSquareMetres * thickness.inMillimetres());
    }

    @Override
    public int compareTo(Area other) {
        return Double.compare(inSquareMetres, other.inSquareMetres);
    }
}

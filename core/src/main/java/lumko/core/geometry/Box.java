package lumko.core.geometry;

import lumko.core.quantity.Area;
import lumko.core.quantity.Length;

/** An upright rectangle on a wall, from its lower left corner. Sides are longer than nothing. */
public record Box(Spot corner, Length width, Length height) {
    public Box {
        if (!width.isLongerThan(Length.ZERO) || !height.isLongerThan(Length.ZERO)) {
            throw new ShapeException(ShapeException.Why.FLAT_BOX);
        }
    }

    public static Box ofMillimetres(double left, double bottom, double width, double height) {
        return new Box(Spot.ofMillimetres(left, bottom), Length.ofMillimetres(width), Length.ofMillimetres(height));
    }

    public Length left() {
        return corner.fromLeft();
    }

    public Length right() {
        return corner.fromLeft().plus(width);
    }

    public Length bottom() {
        return corner.aboveFloor();
    }

    public Length top() {
        return corner.aboveFloor().plus(height);
    }

    public Area area() {
        return width.times(height);
    }

    /** Its middle. */
    public Spot middle() {
        return new Spot(left().plus(width.times(0.5)), bottom().plus(height.times(0.5)));
    }

    public boolean contains(Spot spot) {
        return contains(spot, Length.ZERO);
    }

    /** Whether a place lies inside, so far from each edge. */
    public boolean contains(Spot spot, Length fromEdge) {
        return !left().plus(fromEdge).isLongerThan(spot.fromLeft())
                && !spot.fromLeft().plus(fromEdge).isLongerThan(right())
                && !bottom().plus(fromEdge).isLongerThan(spot.aboveFloor())
                && !spot.aboveFloor().plus(fromEdge).isLongerThan(top());
    }

    /** Whether the two share more than an edge. */
    public boolean overlaps(Box other) {
        return left().compareTo(other.right()) < 0
                && other.left().compareTo(right()) < 0
                && bottom().compareTo(other.top()) < 0
                && other.bottom().compareTo(top()) < 0;
    }

    /** How far a place is from the nearest point of the rectangle; nothing inside it. */
    public Length distanceTo(Spot spot) {
        double dx = Math.max(
                0,
                Math.max(
                        left().minus(spot.fromLeft()).inMillimetres(),
                        spot.fromLeft().minus(right()).inMillimetres()));
        double dy = Math.max(
                0,
                Math.max(
                        bottom().minus(spot.aboveFloor()).inMillimetres(),
                        spot.aboveFloor().minus(top()).inMillimetres()));
        return Length.ofMillimetres(Math.hypot(dx, dy));
    }
}

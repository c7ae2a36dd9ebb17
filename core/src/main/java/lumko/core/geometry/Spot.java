package lumko.core.geometry;

import lumko.core.quantity.Length;

/** A place on a wall seen from inside the room: distance from its left corner and height above the floor. */
public record Spot(Length fromLeft, Length aboveFloor) {
    public static Spot ofMillimetres(double fromLeft, double aboveFloor) {
        return new Spot(Length.ofMillimetres(fromLeft), Length.ofMillimetres(aboveFloor));
    }

    public Length distanceTo(Spot other) {
        return Length.ofMillimetres(Math.hypot(
                fromLeft.minus(other.fromLeft).inMillimetres(),
                aboveFloor.minus(other.aboveFloor).inMillimetres()));
    }
}

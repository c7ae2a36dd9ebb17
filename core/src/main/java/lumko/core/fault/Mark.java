package lumko.core.fault;

import lumko.core.quantity.Length;
import lumko.core.wall.Spot;

/** A fault at its place on a wall: the centre of a point or an area, the left end of a line. */
public record Mark(Spot place, Fault fault) {
    /** The middle of the fault, which for a line is halfway along it. */
    public Spot centre() {
        return fault instanceof Fault.Crack crack
                ? new Spot(
                        place.fromLeft().plus(crack.run().times(0.5)),
                        place.aboveFloor().plus(crack.rise().times(0.5)))
                : place;
    }

    /** Whether any of it lies between two heights above the floor. */
    public boolean reachesInto(Length from, Length to) {
        double half = switch (fault) {
            case Fault.Round round -> round.diameter().inMillimetres() / 2;
            case Fault.Crack crack -> Math.abs(crack.rise().inMillimetres()) / 2;
            case Fault.Patch patch -> patch.height().inMillimetres() / 2;
        };
        double height = centre().aboveFloor().inMillimetres();
        return height + half >= from.inMillimetres() && height - half <= to.inMillimetres();
    }
}

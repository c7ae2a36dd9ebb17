package lumko.core.repair;

import java.util.Optional;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.geometry.Opening;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;

/**
 * A fault at its place on a surface: the centre of a point or an area, the left end of a line.
 *
 * @param wanted the method somebody chose instead of the usual one
 */
public record Mark(Spot place, Fault fault, Optional<Method> wanted) {
    /** What a finger or a folded paper digs out. ASSUMPTION. */
    private static final double HOLLOW_MM = 0.5;

    private static final double LEAST_HOLLOW_MM = 10;
    private static final double MOST_HOLLOW_MM = 300;

    /** How far onto the frame of a door or a window what runs beside it may be set: a wide casing and a finger. ASSUMPTION. */
    private static final Length FRAME = Length.ofMillimetres(120);

    public Mark(Spot place, Fault fault) {
        this(place, fault, Optional.empty());
    }

    /** The same mark, made good in another way. */
    public Mark by(Method method) {
        return new Mark(place, fault, Optional.of(method));
    }

    /** The middle of the fault, which for a line is halfway along it. */
    public Spot centre() {
        return fault instanceof Fault.Line line
                ? along(line.run().times(0.5), line.rise().times(0.5))
                : place;
    }

    /**
     * Makes sure that it is on a wall: its middle between the edges, and some of it beside what is in the wall. What covers a whole
     * wall is set in its middle, wherever the window is; what is at a joint, as near to the frame as a finger can.
     *
     * @throws lumko.core.quantity.OutOfRangeException if its middle lies beyond an edge
     * @throws lumko.core.geometry.ShapeException if it lies above the roof, below the stairs or wholly in an opening
     */
    public void checkOn(Wall wall) {
        wall.checkWithinEdges(centre());
        hiddenIn(wall).ifPresent(opening -> {
            throw opening.hides();
        });
    }

    /** Whether it could be on a wall. */
    public boolean isOn(Wall wall) {
        return wall.isWithinEdges(centre()) && hiddenIn(wall).isEmpty();
    }

    private Optional<Opening> hiddenIn(Wall wall) {
        if (fault.kind() == FaultKind.TRIM_CHIP) {
            return Optional.empty(); // it is on the door or the frame itself
        }
        Length frame = fault.kind().isOfJoints() ? FRAME : Length.ZERO;
        return switch (fault) {
            case Fault.Round round -> wall.around(place, place, frame);
            case Fault.Line line -> wall.around(place, along(line.run(), line.rise()), frame);
            case Fault.Patch patch -> {
                Length aside = patch.width().times(0.5);
                Length above = patch.height().times(0.5);
                yield wall.around(along(aside.times(-1), above.times(-1)), along(aside, above), frame);
            }
        };
    }

    private Spot along(Length aside, Length above) {
        return new Spot(place.fromLeft().plus(aside), place.aboveFloor().plus(above));
    }

    /** The same fault so much lower; on the floor at the lowest. */
    public Mark lowered(Length by) {
        double up = place.aboveFloor().inMillimetres() - by.inMillimetres();
        return new Mark(Spot.ofMillimetres(place.fromLeft().inMillimetres(), Math.max(0, up)), fault, wanted);
    }

    /** Whether any of it lies between two heights above the floor. */
    public boolean reachesInto(Length from, Length to) {
        double half = switch (fault) {
            case Fault.Round round -> round.diameter().inMillimetres() / 2;
            case Fault.Line line -> Math.abs(line.rise().inMillimetres()) / 2;
            case Fault.Patch patch -> patch.height().inMillimetres() / 2;
        };
        double height = centre().aboveFloor().inMillimetres();
        return height + half >= from.inMillimetres() && height - half <= to.inMillimetres();
    }

    /** The hollow that sanding has left where this was filled: about as wide as the filler, half a millimetre deep. */
    public Mark dugOut() {
        double across = Math.clamp(fault.extent().inMillimetres(), LEAST_HOLLOW_MM, MOST_HOLLOW_MM);
        return new Mark(centre(), FaultKind.HOLLOW_REPAIR.of(Measures.ofMillimetres(across, across, HOLLOW_MM)));
    }
}

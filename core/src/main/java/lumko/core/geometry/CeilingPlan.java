package lumko.core.geometry;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import lumko.core.quantity.Length;

/**
 * Where the walls of a room meet its ceiling as that is drawn and painted: as wide as the room reaches east, as high as it reaches
 * north, and under one roof unfolded flat.
 */
public final class CeilingPlan {
    private final Outline outline;
    private final Optional<RoofFold> fold;
    private final double west;
    private final double south;

    private CeilingPlan(Outline outline, Optional<RoofFold> fold) {
        this.outline = outline;
        this.fold = fold;
        this.west = easts().min().orElseThrow();
        this.south = norths().min().orElseThrow();
    }

    /** @param walls the walls of the room in their order; where no roof is known, or more than one, it is as large as the floor */
    public static CeilingPlan of(Outline outline, List<Wall> walls) {
        return new CeilingPlan(outline, RoofFold.of(outline, walls));
    }

    /**
     * Where on the ceiling the upper edge of a wall is.
     *
     * @param fromLeft along the wall, standing inside
     * @return from the left and from the lower edge of the ceiling
     */
    public Spot over(int side, Length fromLeft) {
        Outline.Corner a = outline.corners().get(side);
        Outline.Corner b = outline.corners().get((side + 1) % outline.sides());
        double share = fromLeft.inMillimetres() / outline.lengthOf(side).inMillimetres();
        return Spot.ofMillimetres(across(between(a.east(), b.east(), share)), up(between(a.north(), b.north(), share)));
    }

    double across(double east) {
        return fold.filter(RoofFold::runsEast)
                .map(roof -> roof.unfolded(east - west))
                .orElse(east - west);
    }

    double up(double north) {
        return fold.filter(roof -> !roof.runsEast())
                .map(roof -> roof.unfolded(north - south))
                .orElse(north - south);
    }

    /** Every east at which there is a corner, from the west. */
    double[] eastSteps() {
        return steps(easts());
    }

    /** Every north at which there is a corner, from the south. */
    double[] northSteps() {
        return steps(norths());
    }

    private static double[] steps(DoubleStream along) {
        return along.distinct().sorted().toArray();
    }

    private DoubleStream easts() {
        return outline.corners().stream().mapToDouble(corner -> corner.east().inMillimetres());
    }

    private DoubleStream norths() {
        return outline.corners().stream().mapToDouble(corner -> corner.north().inMillimetres());
    }

    private static double between(Length from, Length to, double share) {
        return from.inMillimetres() + (to.inMillimetres() - from.inMillimetres()) * share;
    }
}

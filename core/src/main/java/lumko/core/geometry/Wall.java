package lumko.core.geometry;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * One flat wall of a room, seen from inside, with what is in it and on it; also a ceiling seen from below, whose height is
 * then the room's depth. Openings and fittings lie within the wall and
 * openings do not overlap each other.
 *
 * @param height of the room over its lowest floor, up to which the wall reaches unless a roof cuts it off
 */
public record Wall(
        Length width, Length height, Texture texture, List<Opening> openings, List<Fitting> fittings, Ends ends) {
    /** What a wall's width can be. */
    public static final Limits WIDTH = new Limits("wall width", 100, 30_000, "mm");

    /** What a room's height can be. */
    public static final Limits ROOM_HEIGHT = new Limits("room height", 1_500, 8_000, "mm");

    /** All the trim of a room is one strip, as long as the walls of a room together. */
    private static final Limits LONG = new Limits("wall width", WIDTH.low(), Outline.WALLS.high() * WIDTH.high(), "mm");

    /** A ceiling is as high as its room is deep, which walls of several lengths make deeper than one may be long. */
    private static final Limits TALL = new Limits("wall height", 10, LONG.high(), "mm");

    /** What touches a slope is under it. */
    private static final Length TOUCHES = Length.ofMillimetres(1);

    /** Openings up to this stay in the area as an allowance for cutting round them. Source: catalogue of figures, Spread. */
    private static final Area SMALL_OPENING = Area.ofSquareMetres(0.5);

    public Wall {
        LONG.check(width.inMillimetres());
        TALL.check(height.inMillimetres());
        openings = List.copyOf(openings);
        fittings = List.copyOf(fittings);
        Length wide = width;
        Length high = height;
        ends.roof().ifPresent(line -> line.check(wide, high));
        ends.stairs().ifPresent(line -> line.check(wide));
        Course top = top(ends, width, height);
        Course foot = foot(ends, width);
        checkApart(top, foot);
        for (Opening opening : openings) {
            checkWithin(width, height, opening.box(), opening.kind().name().toLowerCase(java.util.Locale.ROOT));
            checkBetween(top, foot, opening.box());
            for (Opening other : openings) {
                if (other != opening && other.box().overlaps(opening.box())) {
                    throw new ShapeException(ShapeException.Why.OPENINGS_OVERLAP);
                }
            }
        }
        for (Fitting fitting : fittings) {
            checkWithin(width, height, fitting.box(), "fitting");
            checkBetween(top, foot, fitting.box());
        }
    }

    /** A wall that reaches from the floor to the ceiling all along. */
    public Wall(Length width, Length height, Texture texture, List<Opening> openings, List<Fitting> fittings) {
        this(width, height, texture, openings, fittings, Ends.AS_THE_ROOM);
    }

    private static Course top(Ends ends, Length width, Length height) {
        return ends.roof().map(line -> line.along(width)).orElseGet(() -> level(width, height));
    }

    private static Course foot(Ends ends, Length width) {
        return ends.stairs().map(line -> line.along(width)).orElseGet(() -> level(width, Length.ZERO));
    }

    private static Course level(Length width, Length height) {
        return new Course(List.of(new Course.Point(Length.ZERO, height), new Course.Point(width, height)));
    }

    private static void checkApart(Course top, Course foot) {
        boolean meets = DoubleStream.concat(top.bends(), foot.bends())
                .mapToObj(Length::ofMillimetres)
                .anyMatch(at -> foot.heightAt(at).isLongerThan(top.heightAt(at)));
        if (meets) {
            throw new ShapeException(ShapeException.Why.STAIRS_REACH_THE_TOP);
        }
    }

    /** A roof hangs nowhere, and a flight only climbs or only falls: what has its corners on the wall lies on it altogether. */
    private static void checkBetween(Course top, Course foot, Box box) {
        for (Length at : List.of(box.left(), box.right())) {
            if (box.top().isLongerThan(top.heightAt(at).plus(TOUCHES))) {
                throw new ShapeException(ShapeException.Why.CUT_BY_THE_ROOF);
            }
            if (foot.heightAt(at).isLongerThan(box.bottom().plus(TOUCHES))) {
                throw new ShapeException(ShapeException.Why.CUT_BY_THE_STAIRS);
            }
        }
    }

    /** The same wall with other ends. */
    public Wall with(Ends other) {
        return new Wall(width, height, texture, openings, fittings, other);
    }

    private static void checkWithin(Length width, Length height, Box box, String what) {
        new Limits(what + " left edge", 0, width.inMillimetres(), "mm")
                .check(box.left().inMillimetres());
        new Limits(what + " right edge", 0, width.inMillimetres(), "mm")
                .check(box.right().inMillimetres());
        new Limits(what + " bottom", 0, height.inMillimetres(), "mm")
                .check(box.bottom().inMillimetres());
        new Limits(what + " top", 0, height.inMillimetres(), "mm")
                .check(box.top().inMillimetres());
    }

    /** The same wall with one more opening. */
    public Wall with(Opening opening) {
        return new Wall(
                width,
                height,
                texture,
                Stream.concat(openings.stream(), Stream.of(opening)).toList(),
                fittings,
                ends);
    }

    /** Its upper edge. */
    public Course top() {
        return top(ends, width, height);
    }

    /** Its lower edge. */
    public Course foot() {
        return foot(ends, width);
    }

    /** How high its upper edge is over the lowest floor, at a distance from its left corner. */
    public Length heightAt(Length fromLeft) {
        return top().heightAt(fromLeft);
    }

    /** How high the floor, or the stairs, are there. */
    public Length footAt(Length fromLeft) {
        return foot().heightAt(fromLeft);
    }

    /** How far its upper edge is over where one stands at its foot, where that is most. */
    public Length tallest() {
        Course top = top();
        Course foot = foot();
        return Length.ofMillimetres(DoubleStream.concat(top.bends(), foot.bends())
                .mapToObj(Length::ofMillimetres)
                .mapToDouble(at -> top.heightAt(at).minus(foot.heightAt(at)).inMillimetres())
                .max()
                .orElseThrow());
    }

    /** Whether something in it opens down to the floor, or to the landing. */
    public boolean standsAtFoot(Box box) {
        return !box.bottom().isLongerThan(footAt(box.left()));
    }

    public Area grossArea() {
        return top().under().without(foot().under());
    }

    public List<Opening> windows() {
        return openings.stream()
                .filter(opening -> opening.kind() == Opening.Kind.WINDOW)
                .toList();
    }

    /** The area to be painted: openings larger than 0.5 m² are deducted, smaller ones stay in as an allowance. */
    public Area paintedArea() {
        return paintedArea(SMALL_OPENING);
    }

    /** The area to be painted: openings larger than an allowance are deducted. */
    public Area paintedArea(Area allowance) {
        Area area = grossArea();
        for (Opening opening : openings) {
            if (opening.box().area().compareTo(allowance) > 0) {
                area = area.without(opening.box().area());
            }
        }
        return area;
    }

    /** Whether a place lies within the edges and in no opening. */
    public boolean isOnWall(Spot spot) {
        return isWithinEdges(spot) && around(spot, spot, Length.ZERO).isEmpty();
    }

    /** Whether a place lies within the edges, whatever is in the wall there. */
    public boolean isWithinEdges(Spot spot) {
        double left = spot.fromLeft().inMillimetres();
        double up = spot.aboveFloor().inMillimetres();
        return left >= 0
                && left <= width.inMillimetres()
                && up >= footAt(spot.fromLeft()).inMillimetres()
                && up <= heightAt(spot.fromLeft()).inMillimetres();
    }

    /**
     * Makes sure that a place is between the edges, whatever is in the wall there.
     *
     * @throws lumko.core.quantity.OutOfRangeException if it lies beyond an edge
     * @throws ShapeException if it lies above the roof or below the stairs
     */
    public void checkWithinEdges(Spot spot) {
        new Limits("distance from the left corner", 0, width.inMillimetres(), "mm")
                .check(spot.fromLeft().inMillimetres());
        new Limits("height above the floor", 0, height.inMillimetres(), "mm")
                .check(spot.aboveFloor().inMillimetres());
        if (spot.aboveFloor().isLongerThan(heightAt(spot.fromLeft()))) {
            throw new ShapeException(ShapeException.Why.ABOVE_THE_ROOF);
        }
        if (footAt(spot.fromLeft()).isLongerThan(spot.aboveFloor())) {
            throw new ShapeException(ShapeException.Why.BELOW_THE_STAIRS);
        }
    }

    /**
     * The opening in which all lies that reaches from one place to another.
     *
     * @param one an end of a line, a corner of a rectangle
     * @param other its other end, the opposite corner
     * @param frame how far inside an opening counts as beside it still
     */
    public Optional<Opening> around(Spot one, Spot other, Length frame) {
        return openings.stream()
                .filter(opening ->
                        opening.box().contains(one, frame) && opening.box().contains(other, frame))
                .findFirst();
    }
}

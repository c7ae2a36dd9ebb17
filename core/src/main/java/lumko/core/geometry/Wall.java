package lumko.core.geometry;

import java.util.List;
import java.util.Optional;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * One flat wall of a room, seen from inside, with what is in it and on it; also a ceiling seen from below, whose height is
 * then the room's depth. Openings and fittings lie within the wall and
 * openings do not overlap each other.
 *
 * @param height of the room, up to which the wall reaches unless a roof cuts it off
 * @param roof where a roof cuts it off
 */
public record Wall(
        Length width,
        Length height,
        Texture texture,
        List<Opening> openings,
        List<Fitting> fittings,
        Optional<RoofLine> roof) {
    /** What a wall's width can be. */
    public static final Limits WIDTH = new Limits("wall width", 100, 30_000, "mm");

    /** What a room's height can be. */
    public static final Limits ROOM_HEIGHT = new Limits("room height", 1_500, 8_000, "mm");

    private static final Limits TALL = new Limits("wall height", 10, 30_000, "mm");

    /** What touches a slope is under it. */
    private static final Length TOUCHES = Length.ofMillimetres(1);

    /** Openings up to this stay in the area as an allowance for cutting round them. Source: catalogue of figures, Spread. */
    private static final Area SMALL_OPENING = Area.ofSquareMetres(0.5);

    public Wall {
        WIDTH.check(width.inMillimetres());
        TALL.check(height.inMillimetres());
        openings = List.copyOf(openings);
        fittings = List.copyOf(fittings);
        Length wide = width;
        Length high = height;
        roof.ifPresent(line -> check(line, wide, high));
        for (Opening opening : openings) {
            checkWithin(width, height, opening.box(), opening.kind().name().toLowerCase(java.util.Locale.ROOT));
            checkUnder(roof, width, opening.box());
            for (Opening other : openings) {
                if (other != opening && other.box().overlaps(opening.box())) {
                    throw new ShapeException(ShapeException.Why.OPENINGS_OVERLAP);
                }
            }
        }
        for (Fitting fitting : fittings) {
            checkWithin(width, height, fitting.box(), "fitting");
            checkUnder(roof, width, fitting.box());
        }
    }

    /** A wall that reaches up to the ceiling all along. */
    public Wall(Length width, Length height, Texture texture, List<Opening> openings, List<Fitting> fittings) {
        this(width, height, texture, openings, fittings, Optional.empty());
    }

    private static void check(RoofLine line, Length width, Length height) {
        new Limits("height under the roof", 0, height.inMillimetres(), "mm")
                .check(line.highest().inMillimetres());
        line.peak().ifPresent(peak -> {
            new Limits("peak from the left corner", 1, width.inMillimetres() - 1, "mm")
                    .check(peak.fromLeft().inMillimetres());
            Length straight =
                    new RoofLine(line.left(), line.right(), Optional.empty()).heightAt(peak.fromLeft(), width);
            if (straight.isLongerThan(peak.height())) {
                throw new ShapeException(ShapeException.Why.PEAK_HANGS);
            }
        });
    }

    /** A roof hangs nowhere, so that what lies under it with its upper corners does so altogether. */
    private static void checkUnder(Optional<RoofLine> roof, Length width, Box box) {
        roof.ifPresent(line -> {
            boolean isCut = box.top()
                            .isLongerThan(line.heightAt(box.left(), width).plus(TOUCHES))
                    || box.top().isLongerThan(line.heightAt(box.right(), width).plus(TOUCHES));
            if (isCut) {
                throw new ShapeException(ShapeException.Why.CUT_BY_THE_ROOF);
            }
        });
    }

    /** The same wall cut off by a roof, or by none. */
    public Wall under(Optional<RoofLine> other) {
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
                java.util.stream.Stream.concat(openings.stream(), java.util.stream.Stream.of(opening))
                        .toList(),
                fittings,
                roof);
    }

    /** How high it is at a distance from its left corner. */
    public Length heightAt(Length fromLeft) {
        return roof.map(line -> line.heightAt(fromLeft, width)).orElse(height);
    }

    /** How high it is where it is highest. */
    public Length highest() {
        return roof.map(RoofLine::highest).orElse(height);
    }

    /** How long its upper edge is. */
    public Length upperEdge() {
        return roof.map(line -> line.edge(width)).orElse(width);
    }

    public Area grossArea() {
        return roof.map(line -> line.under(width)).orElseGet(() -> width.times(height));
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
        double left = spot.fromLeft().inMillimetres();
        double up = spot.aboveFloor().inMillimetres();
        return left >= 0
                && left <= width.inMillimetres()
                && up >= 0
                && up <= heightAt(spot.fromLeft()).inMillimetres()
                && openings.stream().noneMatch(opening -> opening.box().contains(spot));
    }

    /**
     * Makes sure that a place is on the wall itself.
     *
     * @throws lumko.core.quantity.OutOfRangeException if it lies beyond an edge
     * @throws ShapeException if it lies in an opening
     */
    public void checkOnWall(Spot spot) {
        new Limits("distance from the left corner", 0, width.inMillimetres(), "mm")
                .check(spot.fromLeft().inMillimetres());
        new Limits("height above the floor", 0, height.inMillimetres(), "mm")
                .check(spot.aboveFloor().inMillimetres());
        if (spot.aboveFloor().isLongerThan(heightAt(spot.fromLeft()))) {
            throw new ShapeException(ShapeException.Why.ABOVE_THE_ROOF);
        }
        for (Opening opening : openings) {
            if (opening.box().contains(spot)) {
                throw new ShapeException(
                        switch (opening.kind()) {
                            case DOOR -> ShapeException.Why.IN_A_DOOR;
                            case WINDOW -> ShapeException.Why.IN_A_WINDOW;
                            case PASSAGE -> ShapeException.Why.IN_AN_OPENING;
                        });
            }
        }
    }
}

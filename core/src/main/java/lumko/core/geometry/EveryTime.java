package lumko.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import lumko.core.quantity.Length;

/**
 * A place that is painted at each turnover, fault or not, because people brush past it or steam meets it: a panel rolled to a
 * natural edge.
 *
 * @param side the wall it is on, counted as in the room's {@link Outline}
 */
public record EveryTime(Kind kind, int side, Box box) {
    /** Why the place wears. */
    public enum Kind {
        OUTSIDE_CORNER,
        SPLASH_ZONE,
        ABOVE_BATH
    }

    /** A hand's width to each side of an edge. */
    private static final double HAND_MM = 200;

    /** The zone behind a worktop, and above a bath. ASSUMPTION: usual heights of worktop and bath rim. */
    private static final double WORKTOP_MM = 900;

    private static final double SPLASH_MM = 500;
    private static final double BATH_RIM_MM = 600;
    private static final double LONGEST_BATH_MM = 1800;

    /**
     * The places of a room by its use and shape. Outside corners are those where the plan turns inward, and the edges of
     * passages; the splash zone and the wall above the bath are looked for on the longest wall without a door.
     */
    public static List<EveryTime> of(RoomKind room, Outline outline, List<Wall> walls) {
        List<EveryTime> places = new ArrayList<>();
        for (int side = 0; side < walls.size(); side++) {
            Wall wall = walls.get(side);
            double wide = wall.width().inMillimetres();
            if (outline.isOutsideCorner(side)) {
                places.add(strip(side, 0, wall));
            }
            if (outline.isOutsideCorner((side + 1) % walls.size())) {
                places.add(strip(side, wide - HAND_MM, wall));
            }
            for (Opening opening : wall.openings()) {
                if (opening.kind() == Opening.Kind.PASSAGE) {
                    places.add(strip(side, opening.box().left().inMillimetres() - HAND_MM, wall));
                    places.add(strip(side, opening.box().right().inMillimetres(), wall));
                }
            }
        }
        switch (room) {
            case KITCHEN -> wallForWater(walls).ifPresent(side -> places.add(splash(side, walls.get(side))));
            case BATH -> wallForWater(walls).ifPresent(side -> places.add(bath(side, walls.get(side))));
            case LIVING, BEDROOM, HALL, STAIRS -> {}
        }
        return places;
    }

    private static EveryTime strip(int side, double left, Wall wall) {
        double wide = wall.width().inMillimetres();
        double from = Math.max(0, left);
        double width = Math.max(1, Math.min(HAND_MM, wide - from));
        double at = Math.min(from, wide - width);
        double foot = highestFoot(wall, at, width);
        return new EveryTime(
                Kind.OUTSIDE_CORNER,
                side,
                Box.ofMillimetres(at, foot, width, Math.max(1, lowest(wall, at, width) - foot)));
    }

    /** How high a panel can be that ends under the roof. */
    private static double lowest(Wall wall, double left, double width) {
        double lowest = Math.min(
                wall.heightAt(Length.ofMillimetres(left)).inMillimetres(),
                wall.heightAt(Length.ofMillimetres(left + width)).inMillimetres());
        return Math.max(1, lowest);
    }

    /** Where a panel begins that starts above the stairs. */
    private static double highestFoot(Wall wall, double left, double width) {
        return Math.max(
                wall.footAt(Length.ofMillimetres(left)).inMillimetres(),
                wall.footAt(Length.ofMillimetres(left + width)).inMillimetres());
    }

    private static EveryTime splash(int side, Wall wall) {
        double wide = wall.width().inMillimetres();
        double high = Math.clamp(lowest(wall, 0, wide) - WORKTOP_MM, 1, SPLASH_MM);
        return new EveryTime(Kind.SPLASH_ZONE, side, Box.ofMillimetres(0, WORKTOP_MM, wide, high));
    }

    private static EveryTime bath(int side, Wall wall) {
        double width = Math.min(wall.width().inMillimetres(), LONGEST_BATH_MM);
        return new EveryTime(
                Kind.ABOVE_BATH,
                side,
                Box.ofMillimetres(0, BATH_RIM_MM, width, Math.max(1, lowest(wall, 0, width) - BATH_RIM_MM)));
    }

    private static java.util.Optional<Integer> wallForWater(List<Wall> walls) {
        return java.util.stream.IntStream.range(0, walls.size())
                .boxed()
                .filter(side ->
                        walls.get(side).openings().stream().noneMatch(opening -> opening.kind() == Opening.Kind.DOOR))
                .max(Comparator.comparing((Integer side) -> walls.get(side).width())
                        .thenComparing(Comparator.reverseOrder()));
    }
}

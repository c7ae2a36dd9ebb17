package lumko.core.geometry;

import java.util.List;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * Where a wall along stairs begins at its foot: level with the floor or a landing at each end, and as the string of the flight
 * climbs between. All heights are over the lowest floor of the room, at which the wall is drawn to begin.
 *
 * @param left how high its foot is at the left corner
 * @param right how high its foot is at the right corner
 * @param from where the flight begins, from the left corner
 * @param until where the flight ends, from the left corner
 */
public record StairLine(Length left, Length right, Length from, Length until) {
    /** What a level can be over the lowest floor. */
    public static final Limits LEVEL = new Limits("level over the lowest floor", 0, 8_000, "mm");

    public StairLine {
        LEVEL.check(left.inMillimetres());
        LEVEL.check(right.inMillimetres());
    }

    /** The line from the left corner of a wall to its right. */
    public Course along(Length width) {
        return new Course(List.of(
                new Course.Point(Length.ZERO, left),
                new Course.Point(from, left),
                new Course.Point(until, right),
                new Course.Point(width, right)));
    }

    /** As it is in the flat across the landing. */
    public StairLine mirrored(Length width) {
        return new StairLine(right, left, width.minus(until), width.minus(from));
    }

    /** Makes sure that the flight lies between the corners of a wall. */
    void check(Length width) {
        new Limits("beginning of the flight", 0, width.inMillimetres() - 1, "mm").check(from.inMillimetres());
        new Limits("end of the flight", from.inMillimetres() + 1, width.inMillimetres(), "mm")
                .check(until.inMillimetres());
    }
}

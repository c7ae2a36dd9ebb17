package lumko.core.geometry;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * Where a wall under a roof ends at its top: at so much over its left and its right corner, straight between them, or up to where
 * it is highest, in a point or level for a while.
 *
 * @param left height over the floor at the left corner
 * @param right height over the floor at the right corner
 */
public record RoofLine(Length left, Length right, Optional<Peak> peak) {
    /** What a height under a roof can be: a slope may come down to the floor. */
    public static final Limits HEIGHT = new Limits("height under the roof", 0, 8_000, "mm");

    /**
     * Where it is highest.
     *
     * @param fromLeft where it has come up, from the left corner
     * @param level how long it runs level from there, as under a collar beam; nothing where two slopes meet in a ridge
     */
    public record Peak(Length fromLeft, Length height, Length level) {
        /** Where two slopes meet. */
        public Peak(Length fromLeft, Length height) {
            this(fromLeft, height, Length.ZERO);
        }

        Length until() {
            return fromLeft.plus(level);
        }
    }

    public RoofLine {
        HEIGHT.check(left.inMillimetres());
        HEIGHT.check(right.inMillimetres());
        peak.ifPresent(at -> HEIGHT.check(at.height().inMillimetres()));
    }

    /** The line from the left corner of a wall to its right. */
    public Course along(Length width) {
        return new Course(Stream.of(
                        Stream.of(new Course.Point(Length.ZERO, left)),
                        peak.stream().map(at -> new Course.Point(at.fromLeft(), at.height())),
                        peak.stream()
                                .filter(at -> at.level().isLongerThan(Length.ZERO))
                                .map(at -> new Course.Point(at.until(), at.height())),
                        Stream.of(new Course.Point(width, right)))
                .flatMap(points -> points)
                .toList());
    }

    /** Its heights from the left to the right. */
    public List<Length> heights() {
        return Stream.of(Optional.of(left), peak.map(Peak::height), Optional.of(right))
                .flatMap(Optional::stream)
                .toList();
    }

    /** As it is in the flat across the landing, or on the wall opposite. */
    public RoofLine mirrored(Length width) {
        return new RoofLine(right, left, peak.map(at -> new Peak(width.minus(at.until()), at.height(), at.level())));
    }

    /** Makes sure that it fits a wall: its peak between the corners, and not lower than a straight line between them. */
    void check(Length width, Length height) {
        new Limits("height under the roof", 0, height.inMillimetres(), "mm")
                .check(along(width).highest().inMillimetres());
        peak.ifPresent(at -> {
            new Limits("peak from the left corner", 0, width.inMillimetres(), "mm")
                    .check(at.fromLeft().inMillimetres());
            new Limits(
                            "length the roof runs level for",
                            0,
                            width.minus(at.fromLeft()).inMillimetres(),
                            "mm")
                    .check(at.level().inMillimetres());
            Course straight = new RoofLine(left, right, Optional.empty()).along(width);
            if (straight.heightAt(at.fromLeft()).isLongerThan(at.height())
                    || straight.heightAt(at.until()).isLongerThan(at.height())) {
                throw new ShapeException(ShapeException.Why.PEAK_HANGS);
            }
        });
    }
}

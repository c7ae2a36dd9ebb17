package lumko.core.geometry;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * Where a wall under a roof ends at its top: at so much over its left and its right corner, straight between them or up to a peak.
 *
 * @param left height over the floor at the left corner
 * @param right height over the floor at the right corner
 */
public record RoofLine(Length left, Length right, Optional<Peak> peak) {
    /** What a height under a roof can be: a slope may come down to the floor. */
    public static final Limits HEIGHT = new Limits("height under the roof", 0, 8_000, "mm");

    private static final double SAME_MM = 1;

    /** Where two slopes meet. */
    public record Peak(Length fromLeft, Length height) {}

    public RoofLine {
        HEIGHT.check(left.inMillimetres());
        HEIGHT.check(right.inMillimetres());
        peak.ifPresent(at -> HEIGHT.check(at.height().inMillimetres()));
    }

    /** A point of the line. */
    public record Point(Length fromLeft, Length height) {}

    /** The line from the left corner of a wall to its right. */
    public List<Point> points(Length width) {
        return Stream.of(
                        Stream.of(new Point(Length.ZERO, left)),
                        peak.map(at -> new Point(at.fromLeft(), at.height())).stream(),
                        Stream.of(new Point(width, right)))
                .flatMap(points -> points)
                .toList();
    }

    /** Its heights from the left to the right. */
    public Stream<Length> heights() {
        return Stream.of(Optional.of(left), peak.map(Peak::height), Optional.of(right))
                .flatMap(Optional::stream);
    }

    public Length highest() {
        return heights().reduce(Length.ZERO, (one, other) -> other.isLongerThan(one) ? other : one);
    }

    /** How high a wall is at a distance from its left corner. */
    public Length heightAt(Length fromLeft, Length width) {
        List<Point> points = points(width);
        double at = fromLeft.inMillimetres();
        for (int i = 0; i + 1 < points.size(); i++) {
            double from = points.get(i).fromLeft().inMillimetres();
            double to = points.get(i + 1).fromLeft().inMillimetres();
            if (at <= to || i + 2 == points.size()) {
                double low = points.get(i).height().inMillimetres();
                double high = points.get(i + 1).height().inMillimetres();
                return Length.ofMillimetres(low + (high - low) * (at - from) / (to - from));
            }
        }
        throw new IllegalStateException("a line has two ends");
    }

    /** How long the line is. */
    public Length edge(Length width) {
        List<Point> points = points(width);
        double millimetres = 0;
        for (int i = 0; i + 1 < points.size(); i++) {
            millimetres += Math.hypot(
                    points.get(i + 1).fromLeft().minus(points.get(i).fromLeft()).inMillimetres(),
                    points.get(i + 1).height().inMillimetres()
                            - points.get(i).height().inMillimetres());
        }
        return Length.ofMillimetres(millimetres);
    }

    /** What lies under the line. */
    public Area under(Length width) {
        List<Point> points = points(width);
        Area area = Area.ZERO;
        for (int i = 0; i + 1 < points.size(); i++) {
            Length run = points.get(i + 1).fromLeft().minus(points.get(i).fromLeft());
            area = area.plus(run.times(
                    points.get(i).height().plus(points.get(i + 1).height()).times(0.5)));
        }
        return area;
    }

    /** As it is in the flat across the landing, or on the wall opposite. */
    public RoofLine mirrored(Length width) {
        return new RoofLine(right, left, peak.map(at -> new Peak(width.minus(at.fromLeft()), at.height())));
    }

    /** Whether it is the same to the millimetre. */
    boolean isLike(RoofLine other, Length width) {
        List<Point> own = points(width);
        List<Point> others = other.points(width);
        return own.size() == others.size()
                && IntStream.range(0, own.size())
                        .allMatch(i -> isSame(
                                        own.get(i).fromLeft(), others.get(i).fromLeft())
                                && isSame(own.get(i).height(), others.get(i).height()));
    }

    private static boolean isSame(Length one, Length other) {
        return Math.abs(one.inMillimetres() - other.inMillimetres()) <= SAME_MM;
    }
}

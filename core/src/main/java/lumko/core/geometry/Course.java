package lumko.core.geometry;

import java.util.List;
import java.util.stream.DoubleStream;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;

/**
 * How a line runs along a wall: straight from point to point, from the left corner to the right one.
 *
 * @param points at least two, each at or right of the one before; the first at the left corner
 */
public record Course(List<Point> points) {
    /** A point of the line. */
    public record Point(Length fromLeft, Length height) {
        static Point ofMillimetres(double fromLeft, double height) {
            return new Point(Length.ofMillimetres(fromLeft), Length.ofMillimetres(height));
        }
    }

    public Course {
        points = List.copyOf(points);
        if (points.size() < 2) {
            throw new IllegalArgumentException("a line has two ends");
        }
    }

    /** How high it runs at a distance from the left corner; beyond its ends as it would go on. */
    public Length heightAt(Length fromLeft) {
        double at = fromLeft.inMillimetres();
        int piece = 0;
        while (piece + 2 < points.size() && at > x(piece + 1)) {
            piece++;
        }
        double run = x(piece + 1) - x(piece);
        return run == 0
                ? points.get(piece + 1).height()
                : Length.ofMillimetres(y(piece) + (y(piece + 1) - y(piece)) * (at - x(piece)) / run);
    }

    /** How long it is. */
    public Length length() {
        return lengthUntil(points.getLast().fromLeft());
    }

    /** How long it is from the left corner to a distance from it. */
    Length lengthUntil(Length fromLeft) {
        double end = fromLeft.inMillimetres();
        double millimetres = 0;
        for (int i = 0; i + 1 < points.size() && x(i) < end; i++) {
            double run = x(i + 1) - x(i);
            double share = run == 0 ? 1 : Math.min(1, (end - x(i)) / run);
            millimetres += share * Math.hypot(run, y(i + 1) - y(i));
        }
        return Length.ofMillimetres(millimetres);
    }

    /** What lies between it and the floor. */
    public Area under() {
        double squareMillimetres = 0;
        for (int i = 0; i + 1 < points.size(); i++) {
            squareMillimetres += (x(i + 1) - x(i)) * (y(i) + y(i + 1)) / 2;
        }
        return Area.ofSquareMetres(squareMillimetres / 1e6);
    }

    /** How high it is at its highest. */
    public Length highest() {
        return points.stream()
                .map(Point::height)
                .reduce(Length.ZERO, (one, other) -> other.isLongerThan(one) ? other : one);
    }

    /** Where it bends, and its ends, in millimetres from the left corner. */
    DoubleStream bends() {
        return points.stream().mapToDouble(point -> point.fromLeft().inMillimetres());
    }

    private double x(int point) {
        return points.get(point).fromLeft().inMillimetres();
    }

    private double y(int point) {
        return points.get(point).height().inMillimetres();
    }
}

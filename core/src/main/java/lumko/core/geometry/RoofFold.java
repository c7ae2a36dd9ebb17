package lumko.core.geometry;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lumko.core.quantity.Length;

/**
 * How the ceiling of a room under one roof unfolds flat: along one direction of the plan it is as long as the slopes are, whatever
 * the outline of the room. What the walls say has to fit one roof; walls that nobody has measured under it say nothing.
 *
 * @param runsEast whether the slopes run from west to east, else from south to north
 * @param profile how high the roof is, by the distance from the western or the southern end of the room
 */
record RoofFold(boolean runsEast, Course profile) {
    /** Heights that differ by no more are the same: nobody measures a roof better. */
    private static final double SAME_MM = 10;

    /** The roof that the walls of a room tell of; none if no wall tells of slopes, or they do not fit one roof. */
    static Optional<RoofFold> of(Outline room, List<Wall> walls) {
        return Stream.of(true, false)
                .flatMap(runsEast -> along(runsEast, room, walls).stream())
                .findFirst();
    }

    /** How far from its western or southern end a place is on the ceiling, by how far it is in the plan, in millimetres. */
    double unfolded(double at) {
        return profile.lengthUntil(Length.ofMillimetres(at)).inMillimetres();
    }

    /** Where it cuts a wall off; nothing where the wall reaches up to the ceiling under it, or the roof bends too often over it. */
    Optional<RoofLine> over(Outline room, int side, Wall wall) {
        Edge edge = Edge.of(runsEast, room, side, wall);
        double left = heightAt(edge.from());
        double right = heightAt(edge.to());
        List<Course.Point> bends = profile.points().stream()
                .filter(point -> edge.isOver(point.fromLeft().inMillimetres()))
                .map(point -> Course.Point.ofMillimetres(
                        edge.fromLeft(point.fromLeft().inMillimetres()),
                        point.height().inMillimetres()))
                .filter(point -> !isSame(height(point), between(left, right, point, wall)))
                .sorted(Comparator.comparing(Course.Point::fromLeft))
                .toList();
        boolean isCut = Stream.concat(
                        DoubleStream.of(left, right).boxed(), bends.stream().map(RoofFold::height))
                .anyMatch(height -> height < wall.height().inMillimetres() - SAME_MM);
        boolean hasOneTop =
                bends.size() <= 1 || bends.size() == 2 && isSame(height(bends.getFirst()), height(bends.getLast()));
        boolean hangs = bends.stream().anyMatch(point -> height(point) < between(left, right, point, wall));
        if (!isCut || !hasOneTop || hangs) {
            return Optional.empty();
        }
        Optional<RoofLine.Peak> peak = bends.stream()
                .findFirst()
                .map(first -> new RoofLine.Peak(
                        first.fromLeft(),
                        first.height(),
                        bends.getLast().fromLeft().minus(first.fromLeft())));
        return Optional.of(new RoofLine(Length.ofMillimetres(left), Length.ofMillimetres(right), peak));
    }

    /** How high a straight line between the corners of a wall would be. */
    private static double between(double left, double right, Course.Point at, Wall wall) {
        return left
                + (right - left) * at.fromLeft().inMillimetres() / wall.width().inMillimetres();
    }

    private double heightAt(double at) {
        return profile.heightAt(Length.ofMillimetres(at)).inMillimetres();
    }

    private static double height(Course.Point point) {
        return point.height().inMillimetres();
    }

    private static Optional<RoofFold> along(boolean runsEast, Outline room, List<Wall> walls) {
        List<Edge> edges = IntStream.range(0, walls.size())
                .filter(side -> walls.get(side).ends().roof().isPresent())
                .mapToObj(side -> Edge.of(runsEast, room, side, walls.get(side)))
                .toList();
        TreeMap<Double, Double> heights = new TreeMap<>();
        edges.stream()
                .filter(Edge::runsAlong)
                .forEach(edge ->
                        edge.bends().forEach(at -> heights.put(Math.rint(at * 1000) / 1000, edge.heightAt(at))));
        if (heights.isEmpty()) {
            return Optional.empty();
        }
        heights.putIfAbsent(0.0, heights.firstEntry().getValue());
        heights.putIfAbsent(reach(runsEast, room), heights.lastEntry().getValue());
        Course profile =
                new Course(heights.entrySet().stream().map(RoofFold::point).toList());
        boolean isLevel = heights.values().stream()
                .allMatch(height -> isSame(height, heights.firstEntry().getValue()));
        return !isLevel && edges.stream().allMatch(edge -> edge.fits(profile))
                ? Optional.of(new RoofFold(runsEast, profile))
                : Optional.empty();
    }

    private static Course.Point point(Map.Entry<Double, Double> bend) {
        return Course.Point.ofMillimetres(bend.getKey(), bend.getValue());
    }

    private static boolean isSame(double one, double other) {
        return Math.abs(one - other) <= SAME_MM;
    }

    private static double first(boolean runsEast, Outline room) {
        return room.corners().stream()
                .mapToDouble(corner -> along(runsEast, corner))
                .min()
                .orElseThrow();
    }

    private static double reach(boolean runsEast, Outline room) {
        return room.corners().stream()
                        .mapToDouble(corner -> along(runsEast, corner))
                        .max()
                        .orElseThrow()
                - first(runsEast, room);
    }

    private static double along(boolean runsEast, Outline.Corner corner) {
        return (runsEast ? corner.east() : corner.north()).inMillimetres();
    }

    /** The upper edge of a wall, its ends counted in the direction of the slopes. */
    private record Edge(double from, double to, double width, Course top) {
        static Edge of(boolean runsEast, Outline room, int side, Wall wall) {
            double first = first(runsEast, room);
            Outline.Corner left = room.corners().get(side);
            Outline.Corner right = room.corners().get((side + 1) % room.sides());
            return new Edge(
                    along(runsEast, left) - first,
                    along(runsEast, right) - first,
                    wall.width().inMillimetres(),
                    wall.top());
        }

        /** Whether it runs in the direction of the slopes, so that it shows them as they are. */
        boolean runsAlong() {
            return Math.abs(Math.abs(to - from) - width) <= 1;
        }

        DoubleStream bends() {
            return top.bends().map(left -> from + (to - from) * left / width);
        }

        double heightAt(double at) {
            return top.heightAt(Length.ofMillimetres(fromLeft(at))).inMillimetres();
        }

        /** Whether it ends where the roof is, at each of its bends and at each of the roof's over it. */
        boolean fits(Course roof) {
            boolean bendsFit = top.points().stream().allMatch(point -> {
                double at = from + (to - from) * point.fromLeft().inMillimetres() / width;
                return isSame(
                        point.height().inMillimetres(),
                        roof.heightAt(Length.ofMillimetres(at)).inMillimetres());
            });
            return bendsFit
                    && roof.points().stream()
                            .filter(point -> isOver(point.fromLeft().inMillimetres()))
                            .allMatch(point -> isSame(
                                    heightAt(point.fromLeft().inMillimetres()),
                                    point.height().inMillimetres()));
        }

        /** How far from the left corner of the wall a place is. */
        double fromLeft(double at) {
            return (at - from) / (to - from) * width;
        }

        boolean isOver(double at) {
            return at > Math.min(from, to) + 1 && at < Math.max(from, to) - 1;
        }
    }
}

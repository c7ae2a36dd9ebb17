package lumko.app.drawing;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Relief;
import lumko.core.geometry.Box;
import lumko.core.geometry.Course;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;

/**
 * A wall drawn to scale: one unit is one millimetre, the origin is the upper left corner, y runs down.
 *
 * @param beyond what of the rectangle is no wall, above a roof and below stairs, as a path
 * @param skirting as a path
 * @param fill what is seen of the wall, {@code #rrggbb}, or empty if nobody knows
 */
public record WallDrawing(
        double width,
        double height,
        String fill,
        List<Part> openings,
        List<Part> fittings,
        List<MarkDrawing> marks,
        String beyond,
        String skirting) {

    /** Height of the skirting as drawn, in millimetres. */
    private static final double SKIRTING = 120;

    private static final double LONGEST_SHADOW = 50;

    /** A rectangle with the name of what it is. */
    public record Part(String kind, double x, double y, double width, double height) {
        static Part of(Enum<?> kind, Box box, Length wallHeight) {
            return new Part(
                    kind.name().toLowerCase(Locale.ROOT),
                    box.left().inMillimetres(),
                    wallHeight.minus(box.top()).inMillimetres(),
                    box.width().inMillimetres(),
                    box.height().inMillimetres());
        }
    }

    /** A mark to be drawn. */
    public record Numbered(UUID id, int number, Mark mark) {}

    /**
     * A mark: where its glyph stands, and for lines and areas its true extent.
     *
     * @param size its width as seen, in millimetres
     * @param runX end of a line or size of an area, relative to {@code x}; nothing for points
     */
    public record MarkDrawing(
            UUID id,
            int number,
            FaultKind kind,
            double x,
            double y,
            double runX,
            double runY,
            double size,
            Relief relief) {
        public boolean isLine() {
            return kind.shape() == FaultKind.Shape.LINE;
        }

        /** How far a point's shadow is drawn, in pixels: a long one is cut, so that it hides nothing. */
        public double shadowOnScreen() {
            return Math.min(LONGEST_SHADOW, relief.shadowMillimetres());
        }

        public boolean isArea() {
            return kind.shape() == FaultKind.Shape.AREA;
        }

        /** Where the glyph stands: on the middle of a line. */
        public double glyphX() {
            return isLine() ? x + runX / 2 : x;
        }

        public double glyphY() {
            return isLine() ? y + runY / 2 : y;
        }
    }

    public static WallDrawing of(Wall wall, String fill, List<Numbered> marks) {
        return new WallDrawing(
                wall.width().inMillimetres(),
                wall.height().inMillimetres(),
                fill,
                wall.openings().stream()
                        .map(opening -> Part.of(opening.kind(), opening.box(), wall.height()))
                        .toList(),
                wall.fittings().stream()
                        .map(fitting -> Part.of(fitting.kind(), fitting.box(), wall.height()))
                        .toList(),
                marks.stream().map(numbered -> draw(numbered, wall.height())).toList(),
                beyond(wall),
                band(wall, 0, SKIRTING));
    }

    /** What of the rectangle is no wall, above a roof and below stairs, as a path. */
    private static String beyond(Wall wall) {
        String wide = " " + wall.width().inMillimetres();
        String above = wall.ends().roof().isEmpty()
                ? ""
                : "M0 0" + lines(wall.top().points(), wall.height(), 0) + "L" + wide + " 0Z";
        String below = wall.ends().stairs().isEmpty()
                ? ""
                : "M0 " + wall.height().inMillimetres() + lines(wall.foot().points(), wall.height(), 0) + "L" + wide
                        + " " + wall.height().inMillimetres() + "Z";
        return above + below;
    }

    /** What lies between two heights over where one stands at its foot, in millimetres, as a path. */
    public static String band(Wall wall, double from, double to) {
        List<Course.Point> foot = wall.foot().points();
        return "M" + lines(foot, wall.height(), from).substring(1) + lines(foot.reversed(), wall.height(), to) + "Z";
    }

    /** The wall alone, from corner to corner, in millimetres, as a path. */
    public static String outline(Wall wall) {
        return "M" + lines(wall.foot().points(), wall.height(), 0).substring(1)
                + lines(wall.top().points().reversed(), wall.height(), 0) + "Z";
    }

    private static String lines(List<Course.Point> points, Length wallHeight, double above) {
        return points.stream()
                .map(point -> "L" + point.fromLeft().inMillimetres() + " "
                        + (wallHeight.minus(point.height()).inMillimetres() - above))
                .collect(Collectors.joining());
    }

    private static MarkDrawing draw(Numbered numbered, Length wallHeight) {
        Mark mark = numbered.mark();
        double x = mark.place().fromLeft().inMillimetres();
        double y = wallHeight.minus(mark.place().aboveFloor()).inMillimetres();
        double size = mark.fault().extent().inMillimetres();
        double[] run = switch (mark.fault()) {
            case Fault.Round ignored -> new double[] {0, 0};
            case Fault.Line line ->
                new double[] {line.run().inMillimetres(), -line.rise().inMillimetres()};
            case Fault.Patch patch ->
                new double[] {patch.width().inMillimetres(), patch.height().inMillimetres()};
        };
        return new MarkDrawing(
                numbered.id(),
                numbered.number(),
                mark.fault().kind(),
                x,
                y,
                run[0],
                run[1],
                size,
                Relief.of(mark.fault()));
    }
}

package lumko.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import lumko.core.geometry.Outline;
import lumko.core.geometry.Outline.Corner;
import lumko.core.quantity.Length;

/**
 * A room from above as far as its walls are known, in millimetres, north up.
 *
 * @param isClosed whether one has come back to where one began
 */
public record OutlineDrawing(String viewBox, String path, boolean isClosed, List<Label> labels) {
    private static final double AROUND = 700;
    /** As far inside the wall as its name stands: over or under it, or beside it. */
    private static final double INSIDE = 330;

    private static final double BESIDE = 150;

    /**
     * Where the name of a wall stands, and how long the wall is.
     *
     * @param anchor which end of the name stands there, so that it lies inside the room
     */
    public record Label(String wall, double x, double y, String anchor, Length length) {}

    /**
     * @param path where one has come, from corner to corner; the last is where one stands
     * @param isClosed whether that is a room
     */
    public static OutlineDrawing of(List<Corner> path, boolean isClosed) {
        double west = least(path, corner -> corner.east().inMillimetres());
        double east = -least(path, corner -> -corner.east().inMillimetres());
        double south = least(path, corner -> corner.north().inMillimetres());
        double north = -least(path, corner -> -corner.north().inMillimetres());
        StringBuilder drawn = new StringBuilder();
        List<Label> labels = new ArrayList<>();
        for (int i = 0; i < path.size(); i++) {
            double x = path.get(i).east().inMillimetres() - west;
            double y = north - path.get(i).north().inMillimetres();
            drawn.append(String.format(Locale.ROOT, "%s%.0f %.0f", i == 0 ? "M" : "L", x, y));
            if (i > 0) {
                double fromX = path.get(i - 1).east().inMillimetres() - west;
                double fromY = north - path.get(i - 1).north().inMillimetres();
                // a wall of no length, as it may be typed, has no way to go
                double length = Math.max(1, Math.hypot(x - fromX, y - fromY));
                // walked to the right, the room is on the right hand
                double toRight = -(y - fromY) / length;
                double toFoot = (x - fromX) / length;
                boolean isUpright = Math.abs(toRight) > Math.abs(toFoot);
                double inside = isUpright ? BESIDE : INSIDE;
                labels.add(new Label(
                        Outline.letter(i - 1),
                        (x + fromX) / 2 + toRight * inside,
                        (y + fromY) / 2 + toFoot * inside,
                        isUpright ? toRight > 0 ? "start" : "end" : "middle",
                        Length.ofMillimetres(Math.hypot(x - fromX, y - fromY))));
            }
        }
        return new OutlineDrawing(
                String.format(
                        Locale.ROOT,
                        "%.0f %.0f %.0f %.0f",
                        -AROUND,
                        -AROUND,
                        east - west + 2 * AROUND,
                        north - south + 2 * AROUND),
                drawn + (isClosed ? "Z" : ""),
                isClosed,
                List.copyOf(labels));
    }

    private static double least(List<Corner> path, ToDoubleFunction<Corner> along) {
        return path.stream().mapToDouble(along).min().orElse(0);
    }
}

package lumko.core.job;

import java.time.Duration;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Area;

/** How long trim and fixtures take by brush: what runs by its length, doors and windows each, anything else by its area. */
final class Brushed {
    private Brushed() {}

    /** A coat, of primer or of finish. */
    static Duration coat(Face face, Catalogue figures) {
        Duration body = switch (face.parts().body()) {
            case STRIP -> figures.along(Figure.TRIM_BRUSH, face.run());
            case SHEET ->
                longer(
                        figures.over(Figure.BRUSH_FIXTURE, face.wall().grossArea()),
                        figures.each(Figure.FIXTURE_LEAST, 1));
            case NOTHING -> Duration.ZERO;
        };
        return body.plus(figures.each(Figure.DOOR_SIDE, face.parts().doorSides()))
                .plus(figures.each(Figure.WINDOW_CASING, face.parts().windows()));
    }

    private static Duration longer(Duration one, Duration other) {
        return one.compareTo(other) > 0 ? one : other;
    }

    /** Keyed by hand. */
    static Duration keyed(Face face, Catalogue figures) {
        return switch (face.parts().body()) {
            case STRIP -> figures.along(Figure.SAND_TRIM, face.run());
            case SHEET, NOTHING -> figures.over(Figure.SAND_FIXTURE, face.wall().grossArea());
        };
    }

    /** What of it is painted by its area; a door and a window have litres of their own. */
    static Area sheet(Face face) {
        return face.parts().body() == Face.TrimParts.Body.NOTHING
                ? Area.ZERO
                : face.wall().grossArea();
    }
}

package lumko.app.walk;

import java.util.stream.Stream;
import lumko.app.house.Flat;
import lumko.app.house.Surface;

/** How far one answer or decision reaches: the surface, those of its room, those of its flat. */
public enum Reach {
    SURFACE,
    ROOM,
    FLAT;

    Stream<Surface> of(Flat flat, Surface surface) {
        return switch (this) {
            case SURFACE -> Stream.of(surface);
            case ROOM -> flat.roomOf(surface.id()).surfaces().stream();
            case FLAT -> flat.surfaces();
        };
    }
}

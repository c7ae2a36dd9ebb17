package lumko.app.walk;

import java.util.stream.Stream;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.app.platform.Words;

/** How far one answer or decision reaches: the surface, those of its room, those of its flat. */
public enum Reach {
    SURFACE,
    ROOM,
    FLAT;

    /** This wall, the walls of the room, the walls of the flat. */
    String word(Surface surface, Words words) {
        return words.say("paint.reach." + surface.kind().name() + "." + name());
    }

    Stream<Surface> of(Flat flat, Surface surface) {
        return switch (this) {
            case SURFACE -> Stream.of(surface);
            case ROOM -> flat.roomOf(surface.id()).surfaces().stream();
            case FLAT -> flat.surfaces();
        };
    }
}

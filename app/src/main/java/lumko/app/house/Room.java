package lumko.app.house;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.wall.Outline;
import lumko.core.wall.RoomKind;

/** A room with its surfaces: the walls in the order in which one turns to the right, then ceiling and trim. */
public record Room(UUID id, String name, RoomKind kind, Length height, Outline outline, List<Surface> surfaces) {
    public Stream<Surface> walls() {
        return surfaces.stream().filter(surface -> surface.kind() == SurfaceKind.WALL);
    }

    public Surface only(SurfaceKind kind) {
        return surfaces.stream()
                .filter(surface -> surface.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    public Area wallArea() {
        return walls().map(wall -> wall.asWall().paintedArea()).reduce(Area.ZERO, Area::plus);
    }
}

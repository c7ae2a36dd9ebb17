package lumko.app.house;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.wall.Opening;
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

    /** Metres of skirting: every wall but for what opens down to the floor. */
    public Length skirting() {
        double millimetres = walls().map(Surface::asWall)
                .mapToDouble(wall -> wall.width().inMillimetres()
                        - wall.openings().stream()
                                .filter(opening -> opening.box().bottom().inMillimetres() <= 0)
                                .mapToDouble(opening -> opening.box().width().inMillimetres())
                                .sum())
                .sum();
        return Length.ofMillimetres(millimetres);
    }

    public int doorSides() {
        return openings(Opening.Kind.DOOR);
    }

    public int windows() {
        return openings(Opening.Kind.WINDOW);
    }

    private int openings(Opening.Kind kind) {
        return (int) walls().flatMap(wall -> wall.asWall().openings().stream())
                .filter(opening -> opening.kind() == kind)
                .count();
    }

    public Area wallArea() {
        return walls().map(wall -> wall.asWall().paintedArea()).reduce(Area.ZERO, Area::plus);
    }
}

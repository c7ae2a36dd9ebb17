package lumko.app.house;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** A flat with its rooms and all that is recorded of their surfaces. */
public record Flat(UUID id, House house, int number, Optional<Turnover> turnover, List<Room> rooms) {
    public Stream<Surface> surfaces() {
        return rooms.stream().flatMap(room -> room.surfaces().stream());
    }

    public Stream<Surface> walls() {
        return surfaces().filter(surface -> surface.kind() == SurfaceKind.WALL);
    }

    public Optional<Surface> surface(UUID id) {
        return surfaces().filter(surface -> surface.id().equals(id)).findFirst();
    }

    public Room roomOf(UUID surfaceId) {
        return rooms.stream()
                .filter(room -> room.surfaces().stream()
                        .anyMatch(surface -> surface.id().equals(surfaceId)))
                .findFirst()
                .orElseThrow();
    }
}

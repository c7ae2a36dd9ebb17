package lumko.app.house;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.platform.Words;

/**
 * A flat with its rooms and all that is recorded of their surfaces.
 *
 * @param closedOn since when it is no longer let; empty while it is
 */
public record Flat(
        UUID id,
        House house,
        String number,
        Optional<LocalDate> closedOn,
        Optional<Turnover> turnover,
        List<Room> rooms) {
    public Stream<Surface> surfaces() {
        return rooms.stream().flatMap(room -> room.surfaces().stream());
    }

    public Stream<Surface> walls() {
        return surfaces().filter(surface -> surface.kind() == SurfaceKind.WALL);
    }

    /** What is walked: the walls and the ceiling of each room. */
    public Stream<Surface> faces() {
        return surfaces().filter(surface -> surface.wall().isPresent());
    }

    public Optional<Surface> surface(UUID id) {
        return surfaces().filter(surface -> surface.id().equals(id)).findFirst();
    }

    /** A surface with its house and flat, as in “Ropewalk Court 7, Bedroom A”. */
    public String nameOf(UUID surfaceId, Words words) {
        return house.name() + " " + number + ", " + labelOf(surfaceId, words);
    }

    /** A surface as one says it: bedroom A, hall ceiling. */
    public String labelOf(UUID surfaceId, Words words) {
        return roomOf(surfaceId).name() + " " + surface(surfaceId).orElseThrow().called(words);
    }

    /** @throws java.util.NoSuchElementException if it is no room of this flat */
    public Room room(UUID roomId) {
        return rooms.stream()
                .filter(room -> room.id().equals(roomId))
                .findFirst()
                .orElseThrow();
    }

    public Room roomOf(UUID surfaceId) {
        return rooms.stream()
                .filter(room -> room.surfaces().stream()
                        .anyMatch(surface -> surface.id().equals(surfaceId)))
                .findFirst()
                .orElseThrow();
    }
}

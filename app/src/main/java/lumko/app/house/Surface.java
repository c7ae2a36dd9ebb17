package lumko.app.house;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.wall.Substrate;
import lumko.core.wall.Wall;
import lumko.core.wall.WindowLight;

/**
 * A painted surface with its layers, oldest first.
 *
 * @param label A, B, C … for walls in order
 * @param wall its geometry, for walls
 * @param light how daylight meets it, for walls
 */
public record Surface(
        UUID id,
        SurfaceKind kind,
        String label,
        Substrate substrate,
        Optional<Wall> wall,
        WindowLight light,
        List<Coat> coats) {
    /** @throws java.util.NoSuchElementException for a ceiling or trim */
    public Wall asWall() {
        return wall.orElseThrow();
    }

    /** The coat that one sees: the last that covers the whole surface. */
    public Optional<Coat> topCoat() {
        return coats.stream()
                .filter(coat -> coat.layer() == Layer.FINISH || coat.layer() == Layer.UNKNOWN)
                .max(Comparator.comparingInt(Coat::position));
    }
}

package lumko.app.house;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.hold.TopLayer;
import lumko.core.wall.Substrate;
import lumko.core.wall.Wall;
import lumko.core.wall.WindowLight;

/**
 * A painted surface with its layers, oldest first.
 *
 * @param label A, B, C … for walls in order
 * @param wall its geometry, for walls and ceilings
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
    /** @throws java.util.NoSuchElementException for trim */
    public Wall asWall() {
        return wall.orElseThrow();
    }

    public boolean isWall() {
        return kind == SurfaceKind.WALL;
    }

    public boolean isCeiling() {
        return kind == SurfaceKind.CEILING;
    }

    /** The coat that one sees: the last that covers the whole surface. */
    public Optional<Coat> topCoat() {
        return coats.stream()
                .filter(coat -> coat.layer() == Layer.FINISH || coat.layer() == Layer.UNKNOWN)
                .max(Comparator.comparingInt(Coat::position));
    }

    /** What the next coat meets; what only covers places does not count. */
    public TopLayer topLayer() {
        return coats.stream()
                .filter(coat -> coat.layer().isWhole())
                .max(Comparator.comparingInt(Coat::position))
                .map(top -> switch (top.layer()) {
                    case FINISH ->
                        top.product()
                                .map(product -> TopLayer.of(product.binder(), product.gloss60()))
                                .orElse(TopLayer.UNKNOWN);
                    case PRIMER -> TopLayer.PRIMER;
                    case SUBSTRATE, SKIM -> TopLayer.BARE;
                    case UNKNOWN, FILLER, SPOT_PRIMER, STAIN_BLOCK, SPOTS -> TopLayer.UNKNOWN;
                })
                .orElse(TopLayer.UNKNOWN);
    }
}

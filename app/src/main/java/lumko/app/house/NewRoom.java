package lumko.app.house;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.core.geometry.Box;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.job.FittingWay;
import lumko.core.quantity.Length;
import lumko.core.record.Substrate;

/**
 * A room about to be entered, with as much of its record as is known.
 *
 * @param features openings and fittings by wall, counted from 0 in the order of the outline
 * @param coats layers by kind of surface, oldest first, the same on every wall
 */
public record NewRoom(
        String name,
        RoomKind kind,
        Outline outline,
        Length height,
        Substrate substrate,
        Texture texture,
        Map<Integer, List<Feature>> features,
        Map<SurfaceKind, List<NewCoat>> coats) {
    /**
     * An opening or a fitting about to be entered.
     *
     * @param way how this fitting is got out of the way, if not as the house does it
     */
    public record Feature(WallFeature kind, Box box, Optional<FittingWay.Way> way) {
        public Feature(WallFeature kind, Box box) {
            this(kind, box, Optional.empty());
        }
    }

    /** A room of which only its shape is known. */
    public static NewRoom bare(
            String name, RoomKind kind, Outline outline, Length height, Substrate substrate, Texture texture) {
        return new NewRoom(name, kind, outline, height, substrate, texture, Map.of(), Map.of());
    }
}

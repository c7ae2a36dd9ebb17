package lumko.app.walk;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.core.practice.Practice;
import lumko.core.wall.RoomFinding;

/**
 * A flat as it was walked in this turnover.
 *
 * @param surfaces walls and ceilings, each with its verdict
 * @param findings what was noticed of each room
 * @param practice the house practice as followed in this job
 */
public record WalkedFlat(
        Flat flat,
        List<WalkedWall> surfaces,
        List<WalkedTrim> trims,
        Map<UUID, Set<RoomFinding>> findings,
        Practice practice) {
    public List<WalkedWall> ready() {
        return surfaces.stream().filter(WalkedWall::isReadyForSheet).toList();
    }

    public List<WalkedTrim> readyTrims() {
        return trims.stream().filter(WalkedTrim::isReadyForSheet).toList();
    }

    /** Surfaces that have work but wait for their paint to be confirmed. */
    public List<Surface> withoutPaint() {
        return Stream.concat(
                        surfaces.stream()
                                .filter(wall -> wall.hasWork() && !wall.isReadyForSheet())
                                .map(WalkedWall::surface),
                        trims.stream()
                                .filter(trim -> trim.isPainted() && !trim.isReadyForSheet())
                                .map(WalkedTrim::surface))
                .toList();
    }

    /** Places that wear at each turnover and about which nothing was answered. */
    public List<AskedPlace> openPlaces() {
        return surfaces.stream()
                .flatMap(wall -> wall.places().stream())
                .filter(AskedPlace::isOpen)
                .toList();
    }
}

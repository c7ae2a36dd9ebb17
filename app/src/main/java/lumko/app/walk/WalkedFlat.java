package lumko.app.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.core.fault.RoomFinding;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.Place;
import lumko.core.practice.Practice;

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

    /** The job of everything that is ready; the other surfaces stand beside it as they are. */
    public Job job() {
        List<Face> faces = new ArrayList<>();
        surfaces.forEach(wall -> faces.add(wall.isReadyForSheet() ? wall.face() : asItIs(wall.found())));
        trims.forEach(trim -> faces.add(trim.isReadyForSheet() ? trim.face() : asItIs(trim.found())));
        return job(faces);
    }

    private static Face asItIs(Face face) {
        return face.with(Action.LEAVE).withPanels(List.of()).with(List.<Place>of());
    }

    /** A job of the given surfaces in the rooms of this flat. */
    public Job job(List<Face> faces) {
        return Job.of(
                flat.rooms().stream()
                        .map(room -> Facing.room(room, findings.getOrDefault(room.id(), Set.of())))
                        .toList(),
                faces,
                flat.house().site());
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

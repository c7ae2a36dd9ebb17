package lumko.app.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
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
 * @param walked surfaces that somebody has looked over and gone on from
 * @param practice the house practice as followed in this job
 */
public record WalkedFlat(
        Flat flat,
        List<WalkedWall> surfaces,
        List<WalkedTrim> trims,
        Map<UUID, Set<RoomFinding>> findings,
        Set<UUID> walked,
        Practice practice) {
    /**
     * Where the walk goes on from a surface: the next that nobody has walked, from the first again after the last. While the
     * flat is let there is no walk to be finished: the next in order.
     */
    public Optional<UUID> after(UUID surfaceId) {
        List<UUID> faces = flat.faces().map(Surface::id).toList();
        int at = faces.indexOf(surfaceId);
        if (flat.turnover().isEmpty()) {
            return faces.stream().skip(at + 1L).findFirst();
        }
        return Stream.concat(faces.stream().skip(at + 1L), faces.stream().limit(Math.max(at, 0)))
                .filter(each -> !walked.contains(each))
                .findFirst();
    }

    /** How many walls and ceilings nobody has walked yet. */
    public int notWalked() {
        return (int) flat.faces().filter(face -> !walked.contains(face.id())).count();
    }

    public List<WalkedWall> ready() {
        return surfaces.stream().filter(WalkedWall::isReadyForSheet).toList();
    }

    public List<WalkedTrim> readyTrims() {
        return trims.stream().filter(WalkedTrim::isReadyForSheet).toList();
    }

    /** The job of everything that is ready; the other surfaces stand beside it as they are. */
    public Job job() {
        return job(WalkedWall::face);
    }

    /**
     * The job of everything that is ready.
     *
     * @param way what is done with a wall or ceiling
     */
    public Job job(Function<WalkedWall, Face> way) {
        List<Face> faces = new ArrayList<>();
        surfaces.forEach(wall -> faces.add(wall.isReadyForSheet() ? way.apply(wall) : asItIs(wall.found())));
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

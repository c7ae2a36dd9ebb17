package lumko.app.walk;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.People;
import lumko.app.figure.Figures;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.NewCoat;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.house.Turnover;
import lumko.app.learnt.Learnt;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.practice.Practices;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.figure.Catalogue;
import lumko.core.hold.Holding;
import lumko.core.job.Face;
import lumko.core.job.JobPlanner;
import lumko.core.judge.Judge;
import lumko.core.judge.Scrutiny;
import lumko.core.judge.SurfaceCase;
import lumko.core.judge.Verdict;
import lumko.core.outcome.Learned;
import lumko.core.practice.Practice;
import lumko.core.repair.Repair;
import lumko.core.repair.Section;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Flats as they are walked: the marks on their surfaces, what is known of the paint, and the verdict on each. */
@Service
@Transactional(readOnly = true)
public class Walks {
    private final MarkRepository marks;
    private final Turns turns;
    private final Houses houses;
    private final Figures figures;
    private final Practices practices;
    private final People people;
    private final Learnt learnt;
    private final Speaker speaker;

    Walks(
            MarkRepository marks,
            Turns turns,
            Houses houses,
            Figures figures,
            Practices practices,
            People people,
            Learnt learnt,
            Speaker speaker) {
        this.marks = marks;
        this.turns = turns;
        this.houses = houses;
        this.figures = figures;
        this.practices = practices;
        this.people = people;
        this.learnt = learnt;
        this.speaker = speaker;
    }

    // ---- looking

    /** The open marks on some surfaces, by surface, in the order in which they were set. */
    public Map<UUID, List<PlacedMark>> openMarks(Collection<UUID> surfaceIds) {
        return placed(marks.findBySurfaceIdInAndRemovedAtIsNullAndMadeGoodOnIsNullOrderBySetAtAscIdAsc(surfaceIds));
    }

    private Map<UUID, List<PlacedMark>> placed(List<MarkRow> rows) {
        Map<UUID, List<PlacedMark>> bySurface = new HashMap<>();
        for (MarkRow row : rows) {
            List<PlacedMark> onSurface = bySurface.computeIfAbsent(row.surfaceId, id -> new ArrayList<>());
            onSurface.add(new PlacedMark(row.id(), onSurface.size() + 1, row.mark(), row.setBy, row.version()));
        }
        return bySurface;
    }

    /**
     * A wall or ceiling as it is walked.
     *
     * @param lastRemoved the mark that was taken away last, if one could be put back
     */
    public record Walk(WalkedFlat around, Optional<Removed> lastRemoved) {}

    /** One wall or ceiling as its walk shows it, with what is around it. */
    public WalkedFlat around(UUID surfaceId) {
        return walk(surfaceId).around();
    }

    /** The same with what could be put back. */
    public Walk walk(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow(NotFoundException::new);
        if (surface.wall().isEmpty()) {
            throw new NotFoundException();
        }
        Map<Boolean, List<MarkRow>> isOpen = marks.openOrTakenLast(surfaceId).stream()
                .collect(Collectors.partitioningBy(row -> row.removedAt == null));
        return new Walk(
                walked(
                        flat,
                        List.of(surface),
                        flat.turnover().map(Turnover::id),
                        placed(isOpen.getOrDefault(true, List.of()))),
                isOpen.getOrDefault(false, List.of()).stream()
                        .max(Comparator.comparing(MarkRow::id))
                        .map(this::removed));
    }

    /** One wall or ceiling as its walk shows it. */
    public WalkedWall wall(UUID surfaceId) {
        return around(surfaceId).surfaces().getFirst();
    }

    /** A flat with every wall and ceiling as its walk shows it. */
    public WalkedFlat flat(Flat flat) {
        List<Surface> faces = flat.faces().toList();
        return walked(
                flat,
                faces,
                flat.turnover().map(Turnover::id),
                openMarks(faces.stream().map(Surface::id).toList()));
    }

    /**
     * Surfaces of a flat as they were walked in one turnover, with just the given marks on them, whatever has become of them
     * since.
     *
     * @param practice as it was followed then
     */
    public WalkedFlat as(
            Flat flat, UUID turnoverId, Set<UUID> surfaceIds, Collection<UUID> markIds, Practice practice) {
        List<Surface> wanted = flat.faces()
                .filter(surface -> surfaceIds.contains(surface.id()))
                .toList();
        return walked(flat, wanted, Optional.of(turnoverId), placed(marks.findAllById(markIds)), practice);
    }

    private WalkedFlat walked(
            Flat flat, List<Surface> wanted, Optional<UUID> turnoverId, Map<UUID, List<PlacedMark>> bySurface) {
        return walked(flat, wanted, turnoverId, bySurface, practices.of(turnoverId));
    }

    private WalkedFlat walked(
            Flat flat,
            List<Surface> wanted,
            Optional<UUID> turnoverId,
            Map<UUID, List<PlacedMark>> bySurface,
            Practice practice) {
        Turn turn = turns.of(turnoverId);
        Catalogue catalogue = figures.catalogue();
        Looking looking = new Looking(flat, turn, practice, catalogue, learnt.inUse(), speaker.today());
        List<WalkedWall> walls = wanted.stream()
                .map(surface -> looking.wall(surface, bySurface.getOrDefault(surface.id(), List.of())))
                .toList();
        List<WalkedTrim> trims = flat.rooms().stream().flatMap(looking::trims).toList();
        return new WalkedFlat(flat, walls, trims, turn.findings(), turn.walked(), practice);
    }

    /** A look at the surfaces of one flat, all on the same day. */
    private static final class Looking {
        private final Flat flat;
        private final Turn turn;
        private final Judge judge;
        private final JobPlanner planner;
        private final Facing facing;
        private final OptionalInt viewing;

        Looking(Flat flat, Turn turn, Practice practice, Catalogue figures, Learned learned, LocalDate today) {
            this.flat = flat;
            this.turn = turn;
            this.judge = new Judge(figures, practice, learned);
            this.planner = new JobPlanner(figures, practice);
            this.facing = new Facing(today, figures);
            this.viewing = daysToViewing(flat, today);
        }

        WalkedWall wall(Surface recorded, List<PlacedMark> marks) {
            Room room = flat.roomOf(recorded.id());
            Visit visit = turn.visitOf(recorded);
            Surface surface = visit.found(recorded, flat);
            List<AskedPlace> places = turn.placesOn(room, surface);
            Face face = facing.face(room, surface, visit, marks, places);
            lumko.core.job.Room around = Facing.room(room, turn.findingsOf(room));
            Verdict verdict = judge.judge(asCase(flat, surface, face, around, viewing));
            // whatever is decided, this is what the whole surface would need
            Holding holding = planner.holding(face, around);
            return new WalkedWall(flat, room, surface, marks, places, visit, face, around, holding, verdict);
        }

        Stream<WalkedTrim> trims(Room room) {
            return room.brushed().map(recorded -> trim(room, recorded));
        }

        private WalkedTrim trim(Room room, Surface recorded) {
            Visit visit = turn.visitOf(recorded);
            Surface surface = visit.found(recorded, flat);
            Face face = facing.trim(room, surface, visit);
            Holding holding = planner.holding(face, Facing.room(room, turn.findingsOf(room)));
            return new WalkedTrim(room, surface, visit, face, holding);
        }
    }

    /** Layers that were found on surfaces in a turnover and are not on their record yet. */
    public Map<UUID, NewCoat> unrecorded(Flat flat, UUID turnoverId) {
        return turns.unrecorded(flat, turnoverId);
    }

    /** A surface of a flat as it is judged and tried: under the eyes that come to look, in the reference air. */
    static SurfaceCase asCase(
            Flat flat, Surface surface, Face found, lumko.core.job.Room around, OptionalInt daysToViewing) {
        return new SurfaceCase(found, around, flat.house().site(), surface.light(), Climate.REFERENCE, daysToViewing)
                .under(flat.turnover().map(Turnover::scrutiny).orElse(Scrutiny.AS_USUAL));
    }

    /** Empty as well where the viewing has been. */
    static OptionalInt daysToViewing(Flat flat, LocalDate today) {
        return flat.turnover()
                .flatMap(Turnover::viewingOn)
                .filter(viewing -> !viewing.isBefore(today))
                .map(viewing -> OptionalInt.of((int) ChronoUnit.DAYS.between(today, viewing)))
                .orElse(OptionalInt.empty());
    }

    private Removed removed(MarkRow row) {
        Optional<UUID> by = Optional.ofNullable(row.removedBy);
        return new Removed(row.id(), by, by.map(people.names()::get).orElse(""));
    }

    /** A mark that was taken away, and by whom, where that is known. */
    public record Removed(UUID markId, Optional<UUID> by, String name) {}

    /** A mark with how it is made good. */
    public RepairedMark repaired(UUID markId) {
        MarkRow row = marks.findById(markId).orElseThrow(NotFoundException::new);
        WalkedFlat around = around(row.surfaceId);
        WalkedWall wall = around.surfaces().getFirst();
        PlacedMark placed = wall.marks().stream()
                .filter(mark -> mark.id().equals(markId))
                .findFirst()
                .orElseGet(() -> new PlacedMark(markId, 0, row.mark(), row.setBy, row.version()));
        JobPlanner planner = new JobPlanner(figures.catalogue(), around.practice());
        Catalogue catalogue = figures.catalogue();
        Repair repair = planner.repair(placed.mark(), wall.face(), wall.job());
        return new RepairedMark(
                wall, placed, repair, Section.of(placed.mark().fault(), repair, catalogue), new DryingModel(catalogue));
    }

    /** The wall that a mark is on. */
    public UUID wallOf(UUID markId) {
        return marks.surfaceOf(markId).orElseThrow(NotFoundException::new);
    }
}

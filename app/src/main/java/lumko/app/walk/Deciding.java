package lumko.app.walk;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.house.Turnover;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.EveryTime;
import lumko.core.job.Action;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is found out of a room, which of its places that wear are painted, and what is done with a surface. */
@Service
@Transactional
public class Deciding {
    private final VisitRepository visits;
    private final RoomFindingRepository roomFindings;
    private final PlaceAnswerRepository placeAnswers;
    private final Walks walks;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Deciding(
            VisitRepository visits,
            RoomFindingRepository roomFindings,
            PlaceAnswerRepository placeAnswers,
            Walks walks,
            Houses houses,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.visits = visits;
        this.roomFindings = roomFindings;
        this.placeAnswers = placeAnswers;
        this.walks = walks;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** Notes something of the room of a surface as a whole, or takes it back. */
    public void find(UUID surfaceId, RoomFinding finding, boolean isThere) {
        Flat flat = requireSurface(surfaceId);
        UUID turnoverId = requireTurnover(flat);
        Room room = flat.roomOf(surfaceId);
        UUID roomId = room.id();
        List<RoomFindingRow> known = roomFindings.findByTurnoverId(turnoverId).stream()
                .filter(row -> row.roomId.equals(roomId) && row.finding == finding)
                .toList();
        if (isThere == !known.isEmpty()) {
            return;
        }
        if (isThere) {
            roomFindings.saveAndFlush(new RoomFindingRow(roomId, turnoverId, finding));
        } else {
            roomFindings.deleteAll(known);
        }
        history.note(
                Subject.flat(flat.id()),
                isThere ? EventKind.FINDING_NOTED : EventKind.FINDING_WITHDRAWN,
                room.name() + ": " + speaker.words().name(finding));
    }

    /** Answers whether a place that wears at each turnover is painted this time. */
    public void answerPlace(UUID surfaceId, EveryTime.Kind kind, int leftMillimetres, PlaceAnswer answer) {
        Flat flat = requireSurface(surfaceId);
        UUID turnoverId = requireTurnover(flat);
        walks.around(surfaceId).surfaces().getFirst().places().stream()
                .filter(place -> place.place().kind() == kind && place.left() == leftMillimetres)
                .findFirst()
                .orElseThrow(NotFoundException::new);
        PlaceAnswerRow row = placeAnswers.findByTurnoverId(turnoverId).stream()
                .filter(each -> each.surfaceId.equals(surfaceId)
                        && each.kind == kind
                        && each.leftMillimetres == leftMillimetres)
                .findFirst()
                .orElseGet(() -> new PlaceAnswerRow(surfaceId, turnoverId, kind, leftMillimetres));
        row.answer = answer;
        placeAnswers.saveAndFlush(row);
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.PLACE_ANSWERED,
                speaker.words().name(kind) + ": " + speaker.words().name(answer));
    }

    /**
     * Decides what is done with a surface, whatever the verdict; for trim, whether it is painted. All of a room, or all of
     * the flat, is decided on at once: a room is its walls, a flat its ceilings too.
     *
     * @param why the reason; empty where none was given
     */
    public void decide(UUID surfaceId, Action action, String why, int seenVersion) {
        Flat flat = requireSurface(surfaceId);
        VisitRow row = requireVisit(flat, surfaceId);
        if (row.overruledAction == action && why.equals(row.overruledWhy)) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        for (VisitRow each : meant(flat, row, action)) {
            each.overruledAction = action;
            each.overruledWhy = why;
            visits.save(each);
        }
        visits.flush();
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.OVERRULED,
                speaker.words().name(action) + (why.isEmpty() ? "" : ": " + why));
    }

    /** Somebody has looked a surface over, or all of its room, and goes on. */
    public void walked(UUID surfaceId, Reach reach) {
        Flat flat = requireSurface(surfaceId);
        VisitRow row = requireVisit(flat, surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow();
        Stream<UUID> meant =
                reach.of(flat, surface).filter(each -> each.wall().isPresent()).map(Surface::id);
        for (VisitRow each : beside(flat, row, meant)) {
            if (each.walkedAt == null) {
                each.walkedAt = clock.instant();
                visits.save(each);
            }
        }
    }

    /** Back to the verdict, with all that was decided on together with it. */
    public void follow(UUID surfaceId, int seenVersion) {
        Flat flat = requireSurface(surfaceId);
        VisitRow row = requireVisit(flat, surfaceId);
        Action was = row.overruledAction;
        if (was == null) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        for (VisitRow each : meant(flat, row, was)) {
            if (each.overruledAction == was) {
                each.overruledAction = null;
                each.overruledWhy = null;
                visits.save(each);
            }
        }
        visits.flush();
        history.note(Subject.surface(flat.id(), surfaceId), EventKind.VERDICT_FOLLOWED, "");
    }

    private List<VisitRow> meant(Flat flat, VisitRow row, Action action) {
        Surface surface = flat.surface(row.surfaceId).orElseThrow();
        if (surface.kind() == SurfaceKind.TRIM) {
            return List.of(row);
        }
        return switch (action) {
            case LEAVE, WASH, DAB, FEATHER, ROLL, SKIM_AND_ROLL -> List.of(row);
            case ROOM -> beside(flat, row, flat.roomOf(row.surfaceId).walls().map(Surface::id));
            case FLAT -> beside(flat, row, flat.faces().map(Surface::id));
        };
    }

    private List<VisitRow> beside(Flat flat, VisitRow row, Stream<UUID> surfaceIds) {
        UUID turnoverId = requireTurnover(flat);
        Map<UUID, VisitRow> known = visits.findByTurnoverId(turnoverId).stream()
                .collect(Collectors.toMap(each -> each.surfaceId, each -> each));
        known.put(row.surfaceId, row);
        return surfaceIds
                .map(id -> Optional.ofNullable(known.get(id)).orElseGet(() -> new VisitRow(id, turnoverId)))
                .toList();
    }

    private VisitRow requireVisit(Flat flat, UUID surfaceId) {
        UUID turnoverId = requireTurnover(flat);
        houses.lock(surfaceId);
        return visits.findBySurfaceIdAndTurnoverId(surfaceId, turnoverId)
                .orElseGet(() -> new VisitRow(surfaceId, turnoverId));
    }

    private static UUID requireTurnover(Flat flat) {
        return flat.turnover()
                .map(Turnover::id)
                .orElseThrow(() -> new NotAllowedException("denied.noTurnover", flat.number()));
    }

    private Flat requireSurface(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        return flat;
    }
}

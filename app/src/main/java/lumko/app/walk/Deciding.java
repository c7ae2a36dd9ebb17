package lumko.app.walk;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Flat;
import lumko.app.house.Room;
import lumko.app.house.Surface;
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
    private final Visits visits;
    private final RoomFindingRepository roomFindings;
    private final PlaceAnswerRepository placeAnswers;
    private final Walks walks;
    private final History history;
    private final Speaker speaker;
    private final Clock clock;

    Deciding(
            Visits visits,
            RoomFindingRepository roomFindings,
            PlaceAnswerRepository placeAnswers,
            Walks walks,
            History history,
            Speaker speaker,
            Clock clock) {
        this.visits = visits;
        this.roomFindings = roomFindings;
        this.placeAnswers = placeAnswers;
        this.walks = walks;
        this.history = history;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** Notes something of the room of a surface as a whole, or takes it back. */
    public void find(UUID surfaceId, RoomFinding finding, boolean isThere) {
        Flat flat = visits.requireSurface(surfaceId);
        UUID turnoverId = Visits.requireTurnover(flat);
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
        Flat flat = visits.requireSurface(surfaceId);
        UUID turnoverId = Visits.requireTurnover(flat);
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
     * Decides what is done with a surface, whatever the verdict; for trim and fixtures, whether they are painted. All of a room, or
     * all of the flat, is decided on at once: a room is its walls, a flat its ceilings too.
     *
     * @param why the reason; empty where none was given
     */
    public void decide(UUID surfaceId, Action action, String why, int seenVersion) {
        Flat flat = visits.requireSurface(surfaceId);
        Visits.OfFlat known = visits.of(flat, surfaceId);
        VisitRow row = known.row(surfaceId);
        if (row.overruledAction == action && why.equals(row.overruledWhy)) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        List<VisitRow> meant = meant(flat, surfaceId, action).map(known::row).toList();
        for (VisitRow each : meant) {
            each.overruledAction = action;
            each.overruledWhy = why;
        }
        visits.save(meant);
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.OVERRULED,
                speaker.words().name(action) + (why.isEmpty() ? "" : ": " + why));
    }

    /** Somebody has looked a surface over, or all of its room, and goes on. */
    public void walked(UUID surfaceId, Reach reach) {
        Flat flat = visits.requireSurface(surfaceId);
        Visits.OfFlat known = visits.of(flat, surfaceId);
        List<VisitRow> meant = reach.of(flat, flat.surface(surfaceId).orElseThrow())
                .filter(each -> each.wall().isPresent())
                .map(each -> known.row(each.id()))
                .filter(each -> each.walkedAt == null)
                .toList();
        meant.forEach(each -> each.walkedAt = clock.instant());
        visits.save(meant);
    }

    /** Back to the verdict, with all that was decided on together with it. */
    public void follow(UUID surfaceId, int seenVersion) {
        Flat flat = visits.requireSurface(surfaceId);
        Visits.OfFlat known = visits.of(flat, surfaceId);
        VisitRow row = known.row(surfaceId);
        Action was = row.overruledAction;
        if (was == null) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        List<VisitRow> meant = meant(flat, surfaceId, was)
                .map(known::row)
                .filter(each -> each.overruledAction == was)
                .toList();
        for (VisitRow each : meant) {
            each.overruledAction = null;
            each.overruledWhy = null;
        }
        visits.save(meant);
        history.note(Subject.surface(flat.id(), surfaceId), EventKind.VERDICT_FOLLOWED, "");
    }

    /** The surfaces that are decided on together. */
    private static Stream<UUID> meant(Flat flat, UUID surfaceId, Action action) {
        Surface surface = flat.surface(surfaceId).orElseThrow();
        if (surface.isBrushed()) {
            return Stream.of(surfaceId);
        }
        return switch (action) {
            case LEAVE, WASH, DAB, FEATHER, ROLL, SKIM_AND_ROLL -> Stream.of(surfaceId);
            case ROOM -> flat.roomOf(surfaceId).walls().map(Surface::id);
            case FLAT -> flat.faces().map(Surface::id);
        };
    }
}

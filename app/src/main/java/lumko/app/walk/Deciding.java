package lumko.app.walk;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Room;
import lumko.app.house.Turnover;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.EditableRow;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.reading.PaintJudged;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.EveryTime;
import lumko.core.job.Action;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is found out of a room and answered about a surface, and what is decided against its verdict. */
@Service
@Transactional
public class Deciding {
    private final VisitRepository visits;
    private final RoomFindingRepository roomFindings;
    private final PlaceAnswerRepository placeAnswers;
    private final Walks walks;
    private final Houses houses;
    private final Store store;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    Deciding(
            VisitRepository visits,
            RoomFindingRepository roomFindings,
            PlaceAnswerRepository placeAnswers,
            Walks walks,
            Houses houses,
            Store store,
            History history,
            Access access,
            Speaker speaker) {
        this.visits = visits;
        this.roomFindings = roomFindings;
        this.placeAnswers = placeAnswers;
        this.walks = walks;
        this.houses = houses;
        this.store = store;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
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

    /** Answers which paint is on the surface, or in which it will be painted. */
    public void answer(UUID surfaceId, PaintAnswer answer, Optional<UUID> tinId, int seenVersion) {
        Flat flat = requireSurface(surfaceId);
        VisitRow row = requireVisit(flat, surfaceId);
        Optional<Tin> tin = tinId.map(id -> store.stock().tins().get(id));
        if (answer == PaintAnswer.TIN_IN_STORE && tin.isEmpty()) {
            throw new NotFoundException();
        }
        UUID answeredTin = answer == PaintAnswer.TIN_IN_STORE ? tinId.orElse(null) : null;
        if (row.paintAnswer == answer && Objects.equals(row.tinId, answeredTin)) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        row.tinId = answeredTin;
        put(flat, row, answer, tin.map(each -> each.colour().name() + ", " + each.label()));
    }

    private void put(Flat flat, VisitRow row, PaintAnswer answer, Optional<String> said) {
        row.paintAnswer = answer;
        row.answeredBy = access.member().personId();
        visits.saveAndFlush(row);
        history.note(
                Subject.surface(flat.id(), row.surfaceId),
                EventKind.PAINT_ANSWERED,
                said.orElseGet(() -> speaker.words().name(answer)));
    }

    /** How far one answer reaches. */
    public enum Reach {
        ROOM,
        FLAT
    }

    /**
     * The record is right: for every surface of the room or of the flat that has a paint on record and that nobody has
     * answered for yet.
     *
     * @return how many surfaces that are
     */
    public int agree(UUID surfaceId, Reach reach) {
        Flat flat = requireSurface(surfaceId);
        UUID turnoverId = requireTurnover(flat);
        houses.lock(surfaceId);
        Map<UUID, VisitRow> rows = visits.findByTurnoverId(turnoverId).stream()
                .collect(Collectors.toMap(row -> row.surfaceId, row -> row));
        List<VisitRow> open = (reach == Reach.ROOM ? flat.roomOf(surfaceId).surfaces().stream() : flat.surfaces())
                .filter(surface -> surface.topCoat().flatMap(Coat::paint).isPresent())
                .map(surface -> Optional.ofNullable(rows.get(surface.id()))
                        .orElseGet(() -> new VisitRow(surface.id(), turnoverId)))
                .filter(row -> row.paintAnswer == null)
                .toList();
        open.forEach(row -> put(flat, row, PaintAnswer.RECORD_AGREES, Optional.empty()));
        return open.size();
    }

    /** In a turnover, the paint question is answered by who has judged it by a reading, whatever was answered before. */
    @EventListener
    public void answer(PaintJudged judged) {
        UUID surfaceId = judged.surfaceId();
        Flat flat = houses.flatOfSurface(surfaceId);
        if (flat.turnover().isPresent()) {
            int seen = visits.findBySurfaceIdAndTurnoverId(surfaceId, requireTurnover(flat))
                    .map(VisitRow::version)
                    .orElse(EditableRow.UNSAVED);
            PaintAnswer answer = judged.isKnown() ? PaintAnswer.RECORD_AGREES : PaintAnswer.NOT_SURE;
            answer(surfaceId, answer, Optional.empty(), seen);
        }
    }

    /** Decides against the verdict, with the reason; for trim, whether it is painted. */
    public void overrule(UUID surfaceId, Action action, String why, int seenVersion) {
        Flat flat = requireSurface(surfaceId);
        VisitRow row = requireVisit(flat, surfaceId);
        if (row.overruledAction == action && why.equals(row.overruledWhy)) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        row.overruledAction = action;
        row.overruledWhy = why;
        visits.saveAndFlush(row);
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.OVERRULED,
                speaker.words().name(action) + ": " + why);
    }

    /** Back to the verdict. */
    public void follow(UUID surfaceId, int seenVersion) {
        Flat flat = requireSurface(surfaceId);
        VisitRow row = requireVisit(flat, surfaceId);
        if (row.overruledAction == null) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        row.overruledAction = null;
        row.overruledWhy = null;
        visits.saveAndFlush(row);
        history.note(Subject.surface(flat.id(), surfaceId), EventKind.VERDICT_FOLLOWED, "");
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

package lumko.app.walk;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import lumko.app.account.Access;
import lumko.app.catalogue.Paint;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.reading.PaintJudged;
import lumko.core.job.BuildUp;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The two questions about the paint of a surface: what is on it, and what goes on it. */
@Service
@Transactional
public class Confirming {
    private final Visits visits;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    Confirming(Visits visits, Houses houses, History history, Access access, Speaker speaker) {
        this.visits = visits;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    // ---- what is on it

    /** @throws NotFoundException if it is like a surface of another flat */
    public void isOnIt(UUID surfaceId, OnIt onIt, int seenVersion) {
        Flat flat = visits.requireSurface(surfaceId);
        onIt.like()
                .filter(like -> like.equals(surfaceId) || flat.surface(like).isEmpty())
                .ifPresent(like -> {
                    throw new NotFoundException();
                });
        VisitRow row = visits.of(flat, surfaceId).row(surfaceId);
        if (row.onIt().equals(Optional.of(onIt))) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        put(flat, row, onIt);
    }

    private void put(Flat flat, VisitRow row, OnIt onIt) {
        row.put(onIt);
        row.answeredBy = access.member().personId();
        visits.save(List.of(row));
        String what = onIt.raw()
                .map(speaker.words()::name)
                .or(() -> onIt.like().map(like -> flat.labelOf(like, speaker.words())))
                .map(more -> ": " + more)
                .orElse("");
        history.note(
                Subject.surface(flat.id(), row.surfaceId),
                EventKind.PAINT_ANSWERED,
                speaker.words().name(onIt.answer()) + what);
    }

    /**
     * The record is right: for every surface of the room or of the flat that has a paint on record and that nobody has
     * answered for yet.
     *
     * @return how many surfaces that are
     */
    public int agree(UUID surfaceId, Reach reach) {
        Flat flat = visits.requireSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow();
        Visits.OfFlat known = visits.of(flat, surfaceId);
        List<VisitRow> open = reach.of(flat, surface)
                .filter(each -> each.topCoat().flatMap(Coat::paint).isPresent())
                .map(each -> known.row(each.id()))
                .filter(row -> row.paintAnswer == null)
                .toList();
        open.forEach(row -> put(flat, row, OnIt.of(PaintAnswer.RECORD_AGREES)));
        return open.size();
    }

    /** In a turnover, what is on a surface is answered by who has judged it by a reading, whatever was answered before. */
    @EventListener
    public void isOnIt(PaintJudged judged) {
        UUID surfaceId = judged.surfaceId();
        Flat flat = houses.flatOfSurface(surfaceId);
        if (flat.turnover().isPresent()) {
            int seen = visits.of(flat, surfaceId).row(surfaceId).version();
            isOnIt(surfaceId, OnIt.of(judged.isKnown() ? PaintAnswer.RECORD_AGREES : PaintAnswer.NOT_SURE), seen);
        }
    }

    // ---- what goes on

    /**
     * Chooses what goes on a surface, or on all of its kind in the room or the flat.
     *
     * @param next empty for the same again
     */
    public void goesOn(UUID surfaceId, Optional<Next> next, Reach reach, int seenVersion) {
        Flat flat = visits.requireSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow();
        Visits.OfFlat known = visits.of(flat, surfaceId);
        List<Surface> meant =
                reach.of(flat, surface).filter(each -> each.isLike(surface)).toList();
        List<VisitRow> changed = meant.stream()
                .map(each -> known.row(each.id()))
                .filter(row -> !row.goesOn(next))
                .toList();
        if (changed.isEmpty()) {
            return; // sent again, and arrived the first time
        }
        known.row(surfaceId).checkSeen(seenVersion);
        changed.forEach(row -> row.put(next));
        next.map(Next::paint)
                .ifPresent(paint -> meant.stream()
                        .filter(each -> each.topCoat().flatMap(Coat::paint).equals(Optional.of(paint)))
                        .map(each -> known.row(each.id()))
                        .forEach(sameAsRecorded()));
        visits.save(changed);
        String said = next.map(Next::paint)
                .map(Paint::name)
                .orElseGet(() -> speaker.words().say("walk.sameAgain"));
        changed.forEach(row -> history.note(Subject.surface(flat.id(), row.surfaceId), EventKind.PAINT_CHOSEN, said));
    }

    /**
     * Decides in how many coats the paint goes on a surface, or on all of its kind in the room or the flat.
     *
     * @param coats empty for as many as the house puts on
     */
    public void coats(UUID surfaceId, Optional<BuildUp> coats, Reach reach, int seenVersion) {
        Flat flat = visits.requireSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow();
        Visits.OfFlat known = visits.of(flat, surfaceId);
        List<VisitRow> changed = reach.of(flat, surface)
                .filter(each -> each.isLike(surface))
                .map(each -> known.row(each.id()))
                .filter(row -> !row.coats().equals(coats))
                .toList();
        if (changed.isEmpty()) {
            return; // sent again, and arrived the first time
        }
        known.row(surfaceId).checkSeen(seenVersion);
        changed.forEach(row -> row.putCoats(coats));
        visits.save(changed);
        String said = new CoatsWords(speaker.words()).of(coats);
        changed.forEach(row -> history.note(Subject.surface(flat.id(), row.surfaceId), EventKind.COATS_CHOSEN, said));
    }

    /** Who stands at a wall with the very paint of its record and chooses it has found the record right. */
    private Consumer<VisitRow> sameAsRecorded() {
        return row -> {
            if (row.paintAnswer == null) {
                row.put(OnIt.of(PaintAnswer.RECORD_AGREES));
                row.answeredBy = access.member().personId();
            }
        };
    }
}

package lumko.app.walk;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Houses;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.RefusedException;
import lumko.app.platform.Speaker;
import lumko.core.fault.Condition;
import lumko.core.fault.Measures;
import lumko.core.geometry.Wall;
import lumko.core.repair.Mark;
import lumko.core.repair.Method;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Marks set, measured, taken away and put back. */
@Service
@Transactional
public class Marking {
    private final MarkRepository marks;
    private final Walks walks;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Marking(
            MarkRepository marks,
            Walks walks,
            Houses houses,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.marks = marks;
        this.walks = walks;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /**
     * Sets a mark. Sending the same mark again changes nothing, also when it has been taken away since: devices repeat what
     * they are not sure has arrived.
     *
     * @param id made on the device
     * @throws IllegalArgumentException if the place is not on the wall or a measure is outside its range
     */
    public void set(UUID id, UUID surfaceId, Mark mark) {
        setAll(surfaceId, Map.of(id, mark), EventKind.MARK_SET);
    }

    /** Sets several marks of one stroke at once; they are taken back together. */
    public void sweep(UUID surfaceId, Map<UUID, Mark> swept) {
        setAll(surfaceId, swept, EventKind.MARKS_SWEPT);
    }

    /**
     * Sets the open marks of one surface at the same heights and distances on another. The same copy sent again changes nothing.
     *
     * @param copyId made on the device; the copies have their ids from it
     * @return how many lie on it; the others are left out
     */
    public int copy(UUID copyId, UUID fromSurfaceId, UUID toSurfaceId) {
        Houses.Standing to = requireWall(toSurfaceId);
        if (!houses.flatIdOf(fromSurfaceId).equals(to.flatId())) {
            throw new NotFoundException();
        }
        Wall target = to.surface().asWall();
        Map<UUID, Mark> copies = new LinkedHashMap<>();
        for (PlacedMark placed : walks.openMarks(List.of(fromSurfaceId)).getOrDefault(fromSurfaceId, List.of())) {
            if (placed.mark().isOn(target)) {
                copies.put(UUID.nameUUIDFromBytes((copyId + "/" + placed.id()).getBytes(UTF_8)), placed.mark());
            }
        }
        setAll(toSurfaceId, copies, EventKind.MARKS_COPIED);
        return copies.size();
    }

    private void setAll(UUID surfaceId, Map<UUID, Mark> wanted, EventKind kind) {
        Houses.Standing standing = requireWall(surfaceId);
        houses.lock(surfaceId);
        Wall wall = standing.surface().asWall();
        wanted.values().forEach(mark -> mark.checkOn(wall));
        Instant now = clock.instant();
        List<MarkRow> rows = new ArrayList<>();
        Map<UUID, MarkRow> known =
                marks.findAllById(wanted.keySet()).stream().collect(Collectors.toMap(MarkRow::id, row -> row));
        wanted.forEach((id, mark) -> {
            if (known.containsKey(id)) {
                if (!known.get(id).surfaceId.equals(surfaceId)) {
                    throw new NotFoundException();
                }
                return;
            }
            MarkRow row = new MarkRow(id, surfaceId);
            row.put(mark);
            row.setBy = access.member().personId();
            row.setAt = now;
            rows.add(row);
        });
        marks.saveAllAndFlush(rows);
        if (rows.size() == 1) {
            noteMark(
                    standing.flatId(),
                    rows.getFirst(),
                    kind,
                    words(rows.getFirst().mark()));
        } else if (!rows.isEmpty()) {
            history.note(
                    Subject.surface(standing.flatId(), surfaceId),
                    kind,
                    rows.size() + " × " + speaker.words().name(rows.getFirst().kind));
        }
    }

    private String words(Mark mark) {
        return new MarkWords(speaker.words()).of(mark);
    }

    private void noteMark(UUID flatId, MarkRow row, EventKind kind, String detail) {
        history.note(Subject.mark(flatId, row.surfaceId, row.id()), kind, detail);
    }

    /**
     * Gives a mark other measures.
     *
     * @throws lumko.app.platform.ChangedMeanwhileException if somebody changed it after it was shown
     */
    public void measure(UUID markId, Measures measures, int seenVersion) {
        change(
                markId,
                seenVersion,
                EventKind.MARK_MEASURED,
                mark -> new Mark(
                        mark.place(),
                        mark.fault().kind().of(measures, mark.fault().condition()),
                        mark.wanted()));
    }

    /** Notes the state of a mark's edge, backing, sides or number. */
    public void condition(UUID markId, UnaryOperator<Condition> changed, int seenVersion) {
        change(
                markId,
                seenVersion,
                EventKind.MARK_CONDITION,
                mark -> new Mark(
                        mark.place(),
                        mark.fault()
                                .kind()
                                .of(
                                        mark.fault().measures(),
                                        changed.apply(mark.fault().condition())),
                        mark.wanted()));
    }

    /** Makes a mark good in another way than the usual one, or in the usual one again. */
    public void method(UUID markId, Optional<Method> method, int seenVersion) {
        method.ifPresent(wanted -> {
            List<Method> fitting = walks.repaired(markId).fitting();
            if (!fitting.contains(wanted)) {
                throw new RefusedException("refused.way");
            }
        });
        change(markId, seenVersion, EventKind.MARK_METHOD, mark -> new Mark(mark.place(), mark.fault(), method));
    }

    private void change(UUID markId, int seenVersion, EventKind kind, UnaryOperator<Mark> changed) {
        MarkRow row = requireOpenMark(markId);
        Mark mark = changed.apply(row.mark());
        if (mark.equals(row.mark())) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        row.put(mark);
        noteMark(houses.flatIdOf(row.surfaceId), row, kind, words(mark));
    }

    /** Takes a mark away; it can be put back. */
    public void remove(UUID markId) {
        removeAll(List.of(requireMark(markId)));
    }

    public void restore(UUID markId) {
        restoreAll(List.of(requireMark(markId)));
    }

    /**
     * Takes a mark away that one has set oneself, and with it those set in the same stroke. It names the mark it means, so that
     * sending it again does not take away another.
     */
    public void undo(UUID markId) {
        MarkRow meant = requireMark(markId);
        removeAll(
                marks
                        .findBySurfaceIdInAndRemovedAtIsNullAndMadeGoodOnIsNullOrderBySetAtAscIdAsc(
                                List.of(meant.surfaceId))
                        .stream()
                        .filter(row -> row.setAt.equals(meant.setAt))
                        .filter(row -> row.setBy.equals(access.member().personId()))
                        .toList());
    }

    /** Puts a mark back that was taken away, and with it those taken away in the same stroke. */
    public void putBack(UUID markId) {
        MarkRow meant = requireMark(markId);
        Optional<Instant> removedAt = Optional.ofNullable(meant.removedAt);
        restoreAll(marks.findBySurfaceIdAndRemovedAtIsNotNullOrderByRemovedAtDesc(meant.surfaceId).stream()
                .filter(row -> removedAt.equals(Optional.ofNullable(row.removedAt)))
                .toList());
    }

    private void removeAll(List<MarkRow> rows) {
        if (rows.isEmpty()) {
            return;
        }
        Instant now = clock.instant();
        UUID flatId = houses.flatIdOf(rows.getFirst().surfaceId);
        for (MarkRow row : rows) {
            if (row.isOpen()) {
                row.removedAt = now;
                row.removedBy = access.member().personId();
                noteMark(flatId, row, EventKind.MARK_REMOVED, words(row.mark()));
            }
        }
    }

    private void restoreAll(List<MarkRow> rows) {
        if (rows.isEmpty()) {
            return;
        }
        UUID flatId = houses.flatIdOf(rows.getFirst().surfaceId);
        for (MarkRow row : rows) {
            if (row.removedAt == null) {
                continue;
            }
            row.removedAt = null;
            row.removedBy = null;
            noteMark(flatId, row, EventKind.MARK_RESTORED, words(row.mark()));
        }
    }

    /** Notes that marks have been made good. */
    public void makeGood(Collection<UUID> markIds, LocalDate on) {
        noteEach(markIds, EventKind.MARK_MADE_GOOD, row -> row.madeGoodOn = on);
    }

    /** Opens marks again that a sheet had made good. */
    public void openAgain(Collection<UUID> markIds) {
        noteEach(markIds, EventKind.MARK_OPEN_AGAIN, row -> row.madeGoodOn = null);
    }

    private void noteEach(Collection<UUID> markIds, EventKind kind, Consumer<MarkRow> change) {
        List<MarkRow> rows = marks.findAllById(markIds);
        if (!rows.isEmpty()) {
            UUID flatId = houses.flatIdOf(rows.getFirst().surfaceId);
            rows.forEach(row -> {
                change.accept(row);
                noteMark(flatId, row, kind, words(row.mark()));
            });
        }
    }

    private Houses.Standing requireWall(UUID surfaceId) {
        Houses.Standing standing = houses.standing(surfaceId);
        access.requireRecordsOf(standing.house().id(), standing.house().name());
        standing.surface().wall().orElseThrow(NotFoundException::new);
        return standing;
    }

    private MarkRow requireMark(UUID markId) {
        UUID surfaceId = walks.wallOf(markId);
        requireWall(surfaceId);
        houses.lock(surfaceId);
        return marks.findById(markId).orElseThrow(NotFoundException::new);
    }

    private MarkRow requireOpenMark(UUID markId) {
        MarkRow row = requireMark(markId);
        if (!row.isOpen()) {
            throw new ChangedMeanwhileException();
        }
        return row;
    }
}

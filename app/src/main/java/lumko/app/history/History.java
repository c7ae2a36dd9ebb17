package lumko.app.history;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.account.People;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done, by whom and when, of a flat, a surface or a mark. */
@Service
@Transactional
public class History {
    /** So many entries are read at once. */
    public static final int PAGE = 100;

    private static final int LONGEST_DETAIL = 250;

    private final EventRepository events;
    private final Access access;
    private final People people;
    private final Clock clock;

    History(EventRepository events, Access access, People people, Clock clock) {
        this.events = events;
        this.access = access;
        this.people = people;
        this.clock = clock;
    }

    /**
     * Writes down what was just done.
     *
     * @param detail in the words of the moment; cut where it is longer than can be kept
     */
    public void note(Subject subject, EventKind kind, String detail) {
        EventRow row = new EventRow(
                subject, kind, detail.length() <= LONGEST_DETAIL ? detail : detail.substring(0, LONGEST_DETAIL));
        row.doneBy = access.member().personId();
        row.doneAt = clock.instant();
        events.save(row);
    }

    /** Whether something of some kinds was done after a moment. */
    @Transactional(readOnly = true)
    public boolean hasSince(Instant moment, Collection<EventKind> kinds) {
        return events.existsByDoneAtAfterAndKindIn(moment, kinds);
    }

    /** The latest of a flat and everything in it before a moment, latest first. */
    @Transactional(readOnly = true)
    public List<Event> ofFlat(UUID flatId, Instant before) {
        return shown(events.findByFlatIdAndDoneAtBeforeOrderByDoneAtDescIdDesc(flatId, before, Limit.of(PAGE)));
    }

    /** The latest of what is no flat's before a moment, latest first. */
    @Transactional(readOnly = true)
    public List<Event> ofOrganisation(Instant before) {
        return shown(events.findByFlatIdIsNullAndDoneAtBeforeOrderByDoneAtDescIdDesc(before, Limit.of(PAGE)));
    }

    @Transactional(readOnly = true)
    public List<Event> ofSurface(UUID surfaceId) {
        return shown(events.findBySurfaceIdOrderByDoneAtDescIdDesc(surfaceId, Limit.of(PAGE)));
    }

    @Transactional(readOnly = true)
    public List<Event> ofMark(UUID markId) {
        return shown(events.findByMarkIdOrderByDoneAtDescIdDesc(markId, Limit.of(PAGE)));
    }

    private List<Event> shown(List<EventRow> rows) {
        Map<UUID, String> names = people.names();
        return rows.stream()
                .map(row -> new Event(
                        row.kind,
                        row.detail,
                        Optional.ofNullable(row.surfaceId),
                        names.getOrDefault(row.doneBy, ""),
                        row.doneAt))
                .toList();
    }
}

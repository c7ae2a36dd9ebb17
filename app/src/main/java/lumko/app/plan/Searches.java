package lumko.app.plan;

import java.time.Clock;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Searches asked for and stopped. */
@Service
@Transactional
class Searches {
    /** After these a plan has to be looked at again. */
    private static final Set<EventKind> MOVES_A_PLAN = EnumSet.of(
            EventKind.SHEET_MADE,
            EventKind.SHEET_GIVEN_UP,
            EventKind.FAULTS_ADDED,
            EventKind.COAT_ADDED,
            EventKind.TICKED,
            EventKind.TICKED_EARLY,
            EventKind.UNTICKED,
            EventKind.AIR_NOTED,
            EventKind.PAINT_AWAITED,
            EventKind.PERSON_CHANGED,
            EventKind.PERSON_LEFT,
            EventKind.PERSON_BACK,
            // while a search runs that has read what stood before
            EventKind.PLAN_SETTLED,
            EventKind.SHEET_CLOSED,
            EventKind.SHEET_REOPENED,
            EventKind.DATES_SET,
            EventKind.LET_AGAIN);

    private final SearchRepository searches;
    private final SearchQueue queue;
    private final History history;
    private final Access access;
    private final Clock clock;

    Searches(SearchRepository searches, SearchQueue queue, History history, Access access, Clock clock) {
        this.searches = searches;
        this.queue = queue;
        this.history = history;
        this.access = access;
        this.clock = clock;
    }

    /** Asks for a search, unless one is waiting or running already. */
    public UUID ask() {
        Optional<SearchRow> open = searches.findByEndedAtIsNull();
        if (open.isPresent()) {
            return open.get().id();
        }
        SearchRow search = new SearchRow(access.member().personId(), clock.instant());
        searches.saveAndFlush(search);
        queue.add(search.id(), search.askedBy);
        return search.id();
    }

    /** Whether something has been done since the last search that moves a plan. */
    @Transactional(readOnly = true)
    public boolean isOvertaken() {
        Instant last = searches.findFirstByOrderByAskedAtDesc()
                .map(search -> search.askedAt)
                .orElse(Instant.EPOCH);
        return history.hasSince(last, MOVES_A_PLAN);
    }

    /** Ends a search; what it has offered already stays offered. */
    public void stop() {
        access.requireLead();
        searches.findByEndedAtIsNull().ifPresent(search -> search.end(SearchRow.State.STOPPED, clock.instant()));
    }
}

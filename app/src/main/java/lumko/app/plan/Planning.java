package lumko.app.plan;

import java.time.Clock;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.figure.Figures;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Houses;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.core.turnover.FlatWork;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans asked for, taken, taken back; who or when is settled. */
@Service
@Transactional
public class Planning {
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
    private final PlanRepository plans;
    private final PieceRepository pieces;
    private final LockRepository locks;
    private final HeaterRepository heaters;
    private final Houses houses;
    private final Figures figures;
    private final SearchQueue queue;
    private final PlanSearch planSearch;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Planning(
            SearchRepository searches,
            PlanRepository plans,
            PieceRepository pieces,
            LockRepository locks,
            HeaterRepository heaters,
            Houses houses,
            Figures figures,
            SearchQueue queue,
            PlanSearch planSearch,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.searches = searches;
        this.plans = plans;
        this.pieces = pieces;
        this.locks = locks;
        this.heaters = heaters;
        this.houses = houses;
        this.figures = figures;
        this.queue = queue;
        this.planSearch = planSearch;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
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

    /** A first plan, at once and in force: for a record that is entered as a whole. */
    public void begin() {
        access.requireLead();
        SearchRow search = new SearchRow(access.member().personId(), clock.instant());
        searches.saveAndFlush(search);
        planSearch.run(search.id());
        plans.findAllByStateOrderByChanges(PlanState.OFFERED).stream()
                .findFirst()
                .ifPresent(plan -> take(plan.id()));
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

    /**
     * From now on people work by another plan.
     *
     * @throws ChangedMeanwhileException if it was made against a plan that is not in force any more
     */
    public void take(UUID planId) {
        access.requireLead();
        PlanRow taken = plans.findById(planId)
                .filter(plan -> plan.state == PlanState.OFFERED)
                .orElseThrow(ChangedMeanwhileException::new);
        Optional<PlanRow> inForce = plans.findByState(PlanState.IN_FORCE);
        if (!inForce.map(PlanRow::id).equals(Optional.ofNullable(taken.baseId))) {
            throw new ChangedMeanwhileException();
        }
        inForce.ifPresent(before -> before.state = PlanState.PAST);
        plans.flush();
        putInForce(taken);
        plans.findAllByStateOrderByChanges(PlanState.OFFERED).forEach(plans::delete);
        // one can go back once; what was before that nobody asks for
        plans.findAllByStateOrderByChanges(PlanState.PAST).stream()
                .filter(past -> !past.id().equals(taken.baseId))
                .forEach(plans::delete);
        pieces.findByPlanIdOrderByBeginsAt(planId).stream()
                .map(piece -> piece.flatId)
                .distinct()
                .forEach(flat -> history.note(
                        Subject.flat(flat),
                        EventKind.PLAN_TAKEN,
                        speaker.words().say("manner." + taken.manner)));
    }

    private void putInForce(PlanRow plan) {
        plan.state = PlanState.IN_FORCE;
        plan.takenAt = clock.instant();
        plan.takenBy = access.member().personId();
        plans.saveAndFlush(plan);
    }

    /** The plan before is in force again. */
    public void takeBack() {
        access.requireLead();
        PlanRow now = plans.findByState(PlanState.IN_FORCE).orElseThrow(NotFoundException::new);
        PlanRow before = Optional.ofNullable(now.baseId)
                .flatMap(plans::findById)
                .orElseThrow(() -> new NotNowException("denied.noPlanBefore"));
        plans.findAllByStateOrderByChanges(PlanState.OFFERED).forEach(plans::delete);
        now.state = PlanState.PAST;
        plans.flush();
        putInForce(before);
    }

    /**
     * Settles who does a piece of work, or when, or both; plans from then on keep to it.
     *
     * @throws NotNowException if nothing was said
     */
    public void settle(String key, Optional<UUID> person, Optional<Instant> begins) {
        access.requireLead();
        if (person.isEmpty() && begins.isEmpty()) {
            throw new NotNowException("denied.nothingSettled");
        }
        PieceRow piece = piece(key);
        locks.findByKey(key).ifPresent(locks::delete);
        locks.flush();
        LockRow lock = new LockRow(piece.turnoverId, key);
        lock.personId = person.orElse(null);
        lock.beginsAt = begins.orElse(null);
        lock.settledBy = access.member().personId();
        lock.settledAt = clock.instant();
        locks.save(lock);
        history.note(Subject.flat(piece.flatId), EventKind.PLAN_SETTLED, piece.kind);
        ask();
    }

    /**
     * Puts a heater into a flat, or takes it out.
     *
     * @throws NotNowException if there are none
     */
    public void heat(UUID flatId, boolean isHeated) {
        access.requireLead();
        if (isHeated && !FlatWork.things(figures.catalogue()).containsKey(FlatWork.HEATER)) {
            throw new NotNowException("denied.noHeaters");
        }
        UUID turnoverId = houses.flat(flatId)
                .turnover()
                .orElseThrow(NotFoundException::new)
                .id();
        Optional<HeaterRow> before = heaters.findByTurnoverId(turnoverId);
        if (before.isPresent() == isHeated) {
            return;
        }
        before.ifPresentOrElse(
                heaters::delete,
                () -> heaters.save(new HeaterRow(turnoverId, access.member().personId(), clock.instant())));
        history.note(
                Subject.flat(flatId),
                EventKind.PLAN_SETTLED,
                speaker.words().say(isHeated ? "plan.heaterIn" : "plan.heaterOut"));
        ask();
    }

    public void letFree(String key) {
        access.requireLead();
        locks.findByKey(key).ifPresent(locks::delete);
        ask();
    }

    private PieceRow piece(String key) {
        PlanRow inForce = plans.findByState(PlanState.IN_FORCE).orElseThrow(NotFoundException::new);
        return pieces.findByPlanIdAndKey(inForce.id(), key).orElseThrow(NotFoundException::new);
    }
}

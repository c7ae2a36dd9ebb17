package lumko.app.plan;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans taken and taken back. */
@Service
@Transactional
public class Planning {
    private final SearchRepository searches;
    private final PlanRepository plans;
    private final PieceRepository pieces;
    private final PlanSearch planSearch;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Planning(
            SearchRepository searches,
            PlanRepository plans,
            PieceRepository pieces,
            PlanSearch planSearch,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.searches = searches;
        this.plans = plans;
        this.pieces = pieces;
        this.planSearch = planSearch;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
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
        pieces.findByPlanIdOrderByBeginsAtAscKeyAsc(planId).stream()
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
}

package lumko.app.plan;

import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.People;
import lumko.core.plan.Cost;
import lumko.core.plan.Plan;
import lumko.core.plan.Planner;
import lumko.core.plan.Workload;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Searches for plans, outside of any request and of any transaction: what stands is read, what is found is written down. What is in
 * force stays so; what comes of it as things stand is told anew.
 */
@Component
class PlanSearch {
    private static final Logger LOG = LoggerFactory.getLogger(PlanSearch.class);
    private static final int THREADS = 2;
    /** Why a search came to nothing, as the page says it. */
    private static final String NO_PLACE = "NO_PLACE";

    private static final String BROKEN = "BROKEN";
    /** So many weighted minutes less late are worth more changes (ASSUMPTION). */
    private static final int WORTH_MOVING_MIN = 30;

    private final SearchRepository searches;
    private final PlanRepository plans;
    private final WorkAheadReader reader;
    private final Offers offers;
    private final People people;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Duration each;

    /**
     * @param seconds how long each manner of plan is searched for
     */
    PlanSearch(
            SearchRepository searches,
            PlanRepository plans,
            WorkAheadReader reader,
            Offers offers,
            People people,
            TransactionTemplate transaction,
            Clock clock,
            @Value("${lumko.plan.seconds}") double seconds) {
        this.searches = searches;
        this.plans = plans;
        this.reader = reader;
        this.offers = offers;
        this.people = people;
        this.transaction = transaction;
        this.clock = clock;
        this.each = Duration.ofMillis(Math.round(seconds * 1000));
    }

    /** What a search starts from. */
    private record Start(WorkAhead ahead, Optional<UUID> inForce, Map<UUID, String> names) {}

    /** Runs a search that was asked for. One that is over is left alone; one that broke off is begun anew. */
    void run(UUID searchId) {
        Optional<Start> start = begin(searchId);
        if (start.isEmpty()) {
            return;
        }
        try {
            boolean isWhole = start.get().ahead().isEmpty() || search(searchId, start.get());
            end(searchId, isWhole ? SearchRow.State.DONE : SearchRow.State.STOPPED, "");
        } catch (RuntimeException broken) {
            LOG.error("the search for a plan has broken off", broken);
            end(searchId, SearchRow.State.FAILED, BROKEN);
        }
    }

    /** Empty if it is over, or another copy has just begun it. */
    private Optional<Start> begin(UUID searchId) {
        try {
            return transaction.execute(status -> searches.findById(searchId)
                    .filter(search -> search.endedAt == null)
                    .map(search -> {
                        search.state = SearchRow.State.RUNNING;
                        search.percent = 1;
                        Optional<PlanRow> inForce = plans.findByState(PlanState.IN_FORCE);
                        return new Start(reader.read(inForce), inForce.map(PlanRow::id), people.names());
                    }));
        } catch (OptimisticLockingFailureException begunElsewhere) {
            return Optional.empty();
        }
    }

    private void end(UUID searchId, SearchRow.State how, String problem) {
        transaction.executeWithoutResult(status -> searches.findById(searchId)
                .filter(search -> search.endedAt == null)
                .ifPresent(search -> {
                    search.problem = problem;
                    search.end(how, clock.instant());
                }));
    }

    /** Tells how far it is; false if somebody stopped it. */
    private boolean goesOn(UUID searchId, double share) {
        return Boolean.TRUE.equals(transaction.execute(status -> searches.findById(searchId)
                .filter(search -> search.endedAt == null)
                .map(search -> {
                    search.percent = (int) Math.clamp(Math.round(share * 100), 1, 99);
                    return true;
                })
                .orElse(false)));
    }

    private boolean search(UUID searchId, Start start) {
        List<Manner> manners = start.inForce().isPresent() ? List.of(Manner.values()) : List.of(Manner.ON_TIME);
        forget();
        if (start.inForce().isPresent()) {
            retell(start);
        }
        List<Plan> found = new ArrayList<>();
        boolean goesOn = true;
        for (int i = 0; i < manners.size() && goesOn; i++) {
            Manner manner = manners.get(i);
            double before = (double) i / manners.size();
            Workload load = start.ahead().load().priced(manner.change());
            Optional<Plan> plan = new Planner(load)
                    .within(
                            each,
                            System::nanoTime,
                            THREADS,
                            1,
                            best -> goesOn(searchId, before + best.progress() / manners.size()));
            if (plan.isEmpty()) {
                end(searchId, SearchRow.State.FAILED, NO_PLACE);
                return false;
            }
            if (isWorthOffering(load, plan.get(), found, start)) {
                found.add(plan.get());
                offer(start, plan.get(), manner);
            }
            goesOn = goesOn(searchId, (i + 1.0) / manners.size());
        }
        return goesOn;
    }

    /** Offers of a search before are not offered any more: things have gone on. */
    private void forget() {
        transaction.executeWithoutResult(
                status -> plans.deleteAll(plans.findAllByStateOrderByChanges(PlanState.OFFERED)));
    }

    private void retell(Start start) {
        Planner.asItGoes(start.ahead().load()).ifPresent(asItGoes -> {
            Offers.Reckoned reckoned = offers.reckon(start.ahead(), asItGoes, true, start.names());
            transaction.executeWithoutResult(status -> start.inForce()
                    .flatMap(plans::findById)
                    .filter(plan -> plan.state == PlanState.IN_FORCE)
                    .ifPresent(plan -> offers.retell(plan, reckoned)));
        });
    }

    /** Only what differs from what was offered already, and from what stands. */
    private static boolean isWorthOffering(Workload load, Plan plan, List<Plan> found, Start start) {
        if (found.contains(plan)) {
            return false;
        }
        if (start.inForce().isEmpty()) {
            return true;
        }
        boolean isStanding = load.steps().stream().allMatch(step -> step.was().isPresent());
        for (int s = 0; isStanding && s < plan.size(); s++) {
            Workload.Was was = load.steps().get(s).was().orElseThrow();
            isStanding = was.start() == plan.start(s)
                    && was.painter().equals(load.painters().get(plan.painter(s)).id());
        }
        if (isStanding) {
            return false;
        }
        Cost cost = Cost.of(load, plan);
        return found.stream().map(other -> Cost.of(load, other)).allMatch(other -> isWorthMoving(cost, other));
    }

    /** Whether more changes bring something that somebody would notice: less that is late, fewer days of a painter. */
    private static boolean isWorthMoving(Cost cost, Cost other) {
        return cost.weightedLate() + WORTH_MOVING_MIN <= other.weightedLate()
                || cost.weightedLate() <= other.weightedLate() && cost.painterDays() < other.painterDays();
    }

    private void offer(Start start, Plan plan, Manner manner) {
        Offers.Reckoned reckoned =
                offers.reckon(start.ahead(), plan, start.inForce().isEmpty(), start.names());
        transaction.executeWithoutResult(status -> offers.offer(reckoned, manner, start.inForce()));
    }
}

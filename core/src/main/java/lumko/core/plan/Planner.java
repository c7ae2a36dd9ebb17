package lumko.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.LongSupplier;
import java.util.stream.Stream;
import lumko.core.plan.Rules.Breach;

/**
 * Finds who does what when. The best plan so far can always be used; none breaks a rule, nor is one made from nothing ever dearer
 * than the foreman's.
 */
public final class Planner {
    /** How many plans are made from nothing before the search begins. */
    private static final int STARTS = 20;
    /** How much of the time they may take. */
    private static final double STARTING = 0.1;
    /** How often searches side by side go on from the best of them. */
    private static final int ROUNDS = 12;
    /** How much dearer a trial may be at first: where a plan is sought, and where one in force is to stay. */
    private static final double WARM = 3000;

    private static final double COOL = 200;
    /** What a change costs that nobody would make to be in time. */
    private static final double UNTHINKABLE = 1e9;
    /** Trials of who gives way to what was not planned: after as many more hardly anything comes out otherwise. */
    private static final int GIVING_WAY = 300;
    /** A seed's own way for each of the searches side by side. */
    private static final long APART = 0x9E3779B97F4A7C15L;

    private final Workload load;
    private final Net net;
    private final boolean hasPlanInForce;

    /** Where the steps of a workload know the plan in force, that is made whole and gone on from. */
    public Planner(Workload load) {
        this.load = load;
        net = new Net(load);
        hasPlanInForce = load.steps().stream().anyMatch(step -> step.was().isPresent());
    }

    /** What a search has come to. */
    public record Best(Plan plan, Cost cost, double progress) {}

    /** Is told of the best plan so far from time to time, and may end the search. */
    public interface Watch {
        Watch NOBODY = best -> true;

        /** Whether the search goes on. */
        boolean goesOn(Best best);
    }

    /** The cheapest of the foreman's orders; empty where hours or locks leave no place for something. */
    public Optional<Plan> foreman() {
        return cheapest(new Foreman(net).plans());
    }

    /**
     * What becomes of the plan in force: made whole again, with what nobody had planned put where it is least late. Within a day one
     * thing gives way to another; nothing changes hands or day that does not have to.
     *
     * @return empty where hours or locks leave no place for something
     */
    public static Optional<Plan> asItGoes(Workload load) {
        return new Planner(load.priced(UNTHINKABLE)).iterations(GIVING_WAY, 1);
    }

    /** The plan in force made whole again, without a search; empty if it cannot be, or there is none. */
    public Optional<Plan> repaired() {
        return cheapest(repairs());
    }

    /** The first moves least. */
    private List<Plan> repairs() {
        if (!hasPlanInForce) {
            return List.of();
        }
        Repair repair = new Repair(net);
        return Stream.of(repair.byGaps(), repair.byGivingWay(), repair.byPushing())
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Plan> cheapest(List<Plan> plans) {
        return plans.stream()
                .filter(plan -> Rules.broken(load, plan).isEmpty())
                .min(Comparator.comparingDouble(plan -> Cost.of(load, plan).total()));
    }

    /** Plans to begin with: the cheapest, and what the search goes on from if that is another. */
    private List<Plan> starts() {
        List<Plan> repairs = repairs();
        // a foreman who begins anew moves everything: not where a plan is in force and can be made whole
        List<Plan> all = repairs.isEmpty() ? new Foreman(net).plans() : repairs;
        return Stream.concat(cheapest(all).stream(), repairs.stream().limit(1)).toList();
    }

    /**
     * Tries so many times, alone: the same seed gives the same plan.
     *
     * @return empty where hours or locks leave no place for something
     */
    public Optional<Plan> iterations(long count, long seed) {
        List<Plan> starts = starts();
        Search search = search(seed, starts, STARTS);
        if (search.isEmpty()) {
            return Optional.empty();
        }
        for (long i = 0; i < count; i++) {
            search.step((double) i / count);
        }
        return checked(search.bestPlan());
    }

    /**
     * Searches for so long, on several threads: not reproducible.
     *
     * @param clock nanoseconds that go by, from any moment on
     * @return empty where hours or locks leave no place for something
     */
    public Optional<Plan> within(Duration time, LongSupplier clock, int threads, long seed, Watch watch) {
        long begun = clock.getAsLong();
        LongSupplier gone = () -> clock.getAsLong() - begun;
        List<Plan> starts = starts();
        double all = time.toNanos();
        try (ExecutorService hands = Executors.newFixedThreadPool(threads)) {
            List<Search> searches = together(
                    hands,
                    threads,
                    i -> search(seed + i * APART, starts, gone.getAsLong() < STARTING * all ? STARTS : 0));
            Search best = best(searches);
            for (int round = 1; round <= ROUNDS && !best.isEmpty(); round++) {
                double until = (double) round / ROUNDS;
                together(hands, threads, i -> run(searches.get(i), gone, all, until));
                best = best(searches);
                for (Search other : searches) {
                    if (other != best) {
                        other.adopt(best.bestPlan());
                    }
                }
                Plan plan = best.bestPlan();
                if (!watch.goesOn(new Best(plan, Cost.of(load, plan), until))) {
                    break;
                }
            }
            return best.isEmpty() ? Optional.empty() : checked(best.bestPlan());
        }
    }

    private static Search run(Search search, LongSupplier gone, double all, double until) {
        double progress = gone.getAsLong() / all;
        while (progress < until) {
            search.step(progress);
            progress = gone.getAsLong() / all;
        }
        return search;
    }

    private Search search(long seed, List<Plan> from, int fromNothing) {
        Search search = new Search(net, hasPlanInForce ? COOL : WARM, seed);
        from.forEach(search::adopt);
        for (int i = 0; i < fromNothing && !hasPlanInForce; i++) {
            search.start();
        }
        if (search.isEmpty()) {
            search.start();
        } else if (!hasPlanInForce) {
            search.adopt(search.bestPlan());
        }
        return search;
    }

    private static Search best(List<Search> searches) {
        return searches.stream().min(Comparator.comparingDouble(Search::best)).orElseThrow();
    }

    private Optional<Plan> checked(Plan plan) {
        List<Breach> broken = Rules.broken(load, plan);
        if (!broken.isEmpty()) {
            throw new IllegalStateException("the search has made a plan that breaks " + broken.getFirst());
        }
        return Optional.of(plan);
    }

    private interface Part {
        Search run(int number);
    }

    private static List<Search> together(ExecutorService hands, int threads, Part part) {
        List<Callable<Search>> parts = new ArrayList<>();
        for (int i = 0; i < threads; i++) {
            int number = i;
            parts.add(() -> part.run(number));
        }
        List<Search> done = new ArrayList<>();
        try {
            for (Future<Search> each : hands.invokeAll(parts)) {
                done.add(each.get());
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("the search was interrupted", interrupted);
        } catch (ExecutionException broken) {
            throw new IllegalStateException("the search has broken off", broken.getCause());
        }
        return done;
    }
}

package lumko.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.io.File;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Small plans against a solver that proves its answer the least possible: lateness alone counts, nobody is on the way. It knows nothing
 * of the search but the workload.
 */
class OptimalTest {
    private static final double MOST_SECONDS = 10;

    @BeforeAll
    static void load() {
        Loader.loadNativeLibraries();
    }

    /** The solver leaves what it unpacked behind. */
    @AfterAll
    static void sweep() {
        File[] left = new File(System.getProperty("java.io.tmpdir"))
                .listFiles((dir, name) -> name.startsWith("ortools-java"));
        for (File folder : Optional.ofNullable(left).orElse(new File[0])) {
            delete(folder);
        }
    }

    private static void delete(File file) {
        Optional.ofNullable(file.listFiles())
                .ifPresent(inside -> Arrays.stream(inside).forEach(OptimalTest::delete));
        file.delete();
    }

    /** Two flats of two rooms that are wanted at once, two painters: only lateness counts, houses lie wall to wall. */
    private static Workload plain(long seed) {
        Workload random = Flats.random(seed, 2, 2);
        int houses = random.travel().size();
        List<Integer> none = Collections.nCopies(houses, 0);
        List<Workload.Flat> flats = random.flats().stream()
                .map(flat -> new Workload.Flat(
                        flat.id(),
                        flat.building(),
                        0,
                        Flats.DAY,
                        flat.weight(),
                        0,
                        List.of(),
                        flat.rooms().subList(0, 2),
                        List.of()))
                .toList();
        List<Workload.Painter> painters = random.painters().stream()
                .map(painter -> new Workload.Painter(
                        painter.id(), painter.skills(), painter.hours().subList(0, 14), painter.at()))
                .toList();
        return new Workload(
                painters,
                flats,
                Collections.nCopies(houses, none),
                0,
                new Workload.Weights(1, 0, 0, 0, 0, 0, 0),
                Map.of());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 3, 6, 9, 11, 12})
    void noLessLatenessIsPossible(long seed) {
        Workload load = plain(seed);
        Plan plan = new Planner(load).iterations(4000, 1).orElseThrow();
        assertThat(Cost.of(load, plan).weightedLate()).isEqualTo(least(load));
    }

    private static long least(Workload load) {
        CpModel model = new CpModel();
        Map<String, IntVar> start = new HashMap<>();
        Map<String, List<IntervalVar>> of = new HashMap<>();
        int horizon = 0;
        for (Workload.Painter painter : load.painters()) {
            horizon = Math.max(horizon, painter.hours().getLast().to());
        }
        LinearExprBuilder sum = LinearExpr.newBuilder();
        for (Workload.Flat flat : load.flats()) {
            IntVar late = model.newIntVar(0, 4L * horizon, flat.id());
            sum.addTerm(late, flat.weight());
            for (Workload.Room room : flat.rooms()) {
                for (int i = 0; i < room.steps().size(); i++) {
                    Workload.Step step = room.steps().get(i);
                    IntVar begins = model.newIntVar(Math.max(flat.release(), step.earliest()), horizon, step.id());
                    start.put(step.id(), begins);
                    place(model, load, step, begins, of);
                    if (i > 0) {
                        Workload.Step before = room.steps().get(i - 1);
                        IntVar earlier = start.get(before.id());
                        model.addGreaterOrEqual(
                                begins, LinearExpr.affine(earlier, 1, before.minutes() + (long) before.lagMin()));
                        before.lagMax()
                                .ifPresent(most -> model.addLessOrEqual(
                                        begins, LinearExpr.affine(earlier, 1, before.minutes() + (long) most)));
                    }
                }
                Workload.Step last = room.steps().getLast();
                model.addGreaterOrEqual(
                        late,
                        LinearExpr.affine(start.get(last.id()), 1, last.minutes() + (long) last.lagMin() - flat.due()));
            }
        }
        of.values().forEach(model::addNoOverlap);
        model.minimize(sum);
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(MOST_SECONDS).setNumWorkers(2);
        assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
        return Math.round(solver.objectiveValue());
    }

    /** One painter, one span of his hours. */
    private static void place(
            CpModel model, Workload load, Workload.Step step, IntVar begins, Map<String, List<IntervalVar>> of) {
        List<BoolVar> ways = new ArrayList<>();
        for (Workload.Painter painter : load.painters()) {
            if (!painter.can(step)) {
                continue;
            }
            for (Span span : painter.hours()) {
                if (span.minutes() < step.minutes()) {
                    continue;
                }
                BoolVar here = model.newBoolVar(step.id() + painter.id() + span.from());
                model.addGreaterOrEqual(begins, span.from()).onlyEnforceIf(here);
                model.addLessOrEqual(begins, span.to() - step.minutes()).onlyEnforceIf(here);
                of.computeIfAbsent(painter.id(), id -> new ArrayList<>())
                        .add(model.newOptionalFixedSizeIntervalVar(begins, step.minutes(), here, step.id()));
                ways.add(here);
            }
        }
        model.addExactlyOne(ways.toArray(BoolVar[]::new));
    }
}

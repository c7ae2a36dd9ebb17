package lumko.core.judge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import lumko.core.colour.Srgb;
import lumko.core.drying.Climate;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;
import lumko.core.step.Site;
import lumko.core.wall.RoomKind;
import lumko.core.wall.Spot;
import lumko.core.wall.Texture;
import lumko.core.wall.Wall;
import lumko.core.wall.WindowLight;
import lumko.core.work.Action;
import lumko.core.work.WallTask;
import lumko.core.work.Work;
import lumko.core.work.WorkPlanner;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/** How long the core takes for a verdict, and for the plan of a flat with forty marks; run by ./lumko bench. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Tag("bench")
public class JudgeSpeedTest {
    @Param({"1", "6", "20"})
    public int marks = 6;

    private final Judge judge = new Judge(Catalogue.starting());
    private final WorkPlanner planner = new WorkPlanner(Catalogue.starting());
    private WallCase wall = wall(6);
    private List<WallTask> flat = List.of();

    @Setup
    public void prepare() {
        wall = wall(marks);
        List<WallTask> tasks = new ArrayList<>();
        for (int n = 0; n < 10; n++) {
            tasks.add(new WallTask(
                    "wall" + n, wall.wall(), wall(4).marks(), n % 2 == 0 ? Action.DAB : Action.ROLL, "oat"));
        }
        flat = tasks;
    }

    private static WallCase wall(int count) {
        List<Mark> marks = new ArrayList<>();
        for (int n = 0; n < count; n++) {
            marks.add(
                    new Mark(Spot.ofMillimetres(200 + 180 * n, 400 + 70 * n), FaultKind.values()[n % 5].usualFault()));
        }
        return new WallCase(
                new Wall(Length.ofMetres(4.2), Length.ofMetres(2.55), Texture.SMOOTH, List.of(), List.of()),
                marks,
                Optional.of(new Film(Srgb.ofHex("#e6dece").lab(), 3.5, 1.4)),
                PaintBasis.SAME_BATCH,
                WindowLight.FROM_RIGHT,
                RoomKind.BEDROOM,
                new Site(1911, false),
                Climate.REFERENCE,
                OptionalInt.of(9));
    }

    @Benchmark
    public Verdict verdict() {
        return judge.judge(wall);
    }

    @Benchmark
    public Work planOfTenWallsAndFortyMarks() {
        return planner.plan(flat, new Site(1911, false));
    }

    @Test
    void run() throws RunnerException {
        new Runner(new OptionsBuilder()
                        .include(JudgeSpeedTest.class.getSimpleName())
                        .forks(1)
                        .warmupIterations(3)
                        .warmupTime(TimeValue.seconds(1))
                        .measurementIterations(5)
                        .measurementTime(TimeValue.seconds(1))
                        .build())
                .run();
    }
}

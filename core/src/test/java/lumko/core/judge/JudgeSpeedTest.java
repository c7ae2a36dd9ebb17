package lumko.core.judge;

import static lumko.core.job.Given.*;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import lumko.core.activity.WorkGraph;
import lumko.core.colour.Srgb;
import lumko.core.drying.Climate;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.GoesOn;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.job.Work;
import lumko.core.paint.Binder;
import lumko.core.quantity.Length;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import lumko.core.repair.Mark;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;
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
    private final JobPlanner planner = new JobPlanner(Catalogue.starting());
    private SurfaceCase wall = wall(6);
    private Job flat = job(OLD_HOUSE);

    @Setup
    public void prepare() {
        wall = wall(marks);
        List<Face> faces = new ArrayList<>();
        for (int n = 0; n < 10; n++) {
            faces.add(face("wall" + n, 4).with(n % 2 == 0 ? Action.DAB : Action.ROLL));
        }
        flat = job(OLD_HOUSE, faces.toArray(Face[]::new));
    }

    private static Face face(String key, int count) {
        List<Mark> marks = new ArrayList<>();
        for (int n = 0; n < count; n++) {
            marks.add(
                    new Mark(Spot.ofMillimetres(200 + 180 * n, 400 + 70 * n), FaultKind.values()[n % 5].usualFault()));
        }
        Film film = Film.of(Binder.WATERBORNE, 3.5, Srgb.ofHex("#e6dece").lab());
        return Face.wall(
                key,
                "r",
                new Wall(Length.ofMetres(4.2), Length.ofMetres(2.55), Texture.SMOOTH, List.of(), List.of()),
                painted("oat", film, 1.4),
                GoesOn.same("oat", film, PaintBasis.SAME_BATCH),
                places(key, marks.toArray(Mark[]::new)));
    }

    private static SurfaceCase wall(int count) {
        return new SurfaceCase(
                face("w", count), room(), OLD_HOUSE, WindowLight.FROM_RIGHT, Climate.REFERENCE, OptionalInt.of(9));
    }

    @Benchmark
    public Verdict verdict() {
        return judge.judge(wall);
    }

    @Benchmark
    public WorkGraph planOfTenWallsAndFortyMarks() {
        return planner.plan(flat).by(Work.View.SURFACE);
    }

    @Benchmark
    public Schedule scheduleOfTenWallsAndFortyMarks() {
        return Schedule.of(planner.plan(flat).by(Work.View.SURFACE), 1, new Air(Climate.REFERENCE, FIGURES));
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

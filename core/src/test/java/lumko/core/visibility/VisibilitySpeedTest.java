package lumko.core.visibility;

import java.util.concurrent.TimeUnit;
import lumko.core.colour.Lab;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/** How long it takes to tell whether a touch-up shows; run by ./lumko bench. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Tag("bench")
public class VisibilitySpeedTest {
    private static final int SIDE = 512;

    private final Scene scene = new Scene(
            new Patch(40, 60, TouchUpTool.BRUSH, 30, 0.1, false, true),
            Paints.of(new Lab(86, 0, 8), new Lab(85, 0, 8), 4, 4, 21),
            TouchUpTool.ROLLER,
            Light.raking(0, 12));
    private final Visibility visibility = new Visibility(scene);

    /** Straight on, and along the wall, where as many samples to a degree are fewer across. */
    @Benchmark
    public double sceneOf512FrontAndAlong() {
        int across = (int) Math.ceil(SIDE * View.ALONG.cosine());
        return visibility.score(View.FRONT, 1, 0, SIDE, SIDE) + visibility.score(View.ALONG, 1, 0, across, SIDE);
    }

    /** As a handle of the bench asks for it. */
    @Benchmark
    public double scoreAtOneMetre() {
        return visibility.score(View.FRONT, 1, 0);
    }

    @Benchmark
    public double vanishingDistance() {
        return visibility.goneFrom(View.FRONT, 0, Visibility.LOOKED_FOR);
    }

    @Test
    void measured() throws RunnerException {
        new Runner(new OptionsBuilder()
                        .include(VisibilitySpeedTest.class.getName())
                        .forks(1)
                        .jvmArgsAppend("-XX:ActiveProcessorCount=1")
                        .warmupIterations(3)
                        .warmupTime(TimeValue.seconds(2))
                        .measurementIterations(3)
                        .measurementTime(TimeValue.seconds(2))
                        .build())
                .run();
    }
}

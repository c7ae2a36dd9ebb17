package lumko.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.NearestColours;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.paint.Binder;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/** How long colours take: the nearest of a million, a spectrum to Lab, a recipe; run by ./lumko bench. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Tag("bench")
public class ColourSpeedTest {
    private static final int MILLION = 1_000_000;

    private final Spectrum spectrum = SmoothReflectance.of(new Lab(86, 1, 9), Colorimetry.DAYLIGHT);
    private final RecipeFinder finder = new RecipeFinder(Dispenser.pigments());
    private final RecipeFinder.Order order = new RecipeFinder.Order(Map.of(Dispenser.WHITE_BASE, 1.0), 2500, 0.1, 5);
    private NearestColours index = new NearestColours(List.of());
    private List<Lab> wanted = List.of();
    private List<BoxMixer.Available> tins = List.of();
    private int next;

    @Setup
    public void prepare() {
        Random random = new Random(1);
        List<Lab> colours = new ArrayList<>();
        for (int n = 0; n < MILLION; n++) {
            colours.add(any(random));
        }
        index = new NearestColours(colours);
        List<Lab> some = new ArrayList<>();
        for (int n = 0; n < 1000; n++) {
            some.add(any(random));
        }
        wanted = some;
        List<BoxMixer.Available> store = new ArrayList<>();
        for (int n = 0; n < 40; n++) {
            Spectrum colour = SmoothReflectance.of(any(random), Colorimetry.DAYLIGHT);
            store.add(new BoxMixer.Available("t" + n, colour, 0.3 + 4 * random.nextDouble(), Binder.WATERBORNE, 4));
        }
        tins = store;
    }

    /** As wall colours lie: mostly light and weak, some strong, blues among them. */
    private static Lab any(Random random) {
        double chroma = Math.abs(random.nextGaussian()) * 28;
        double hue = random.nextDouble() * 2 * Math.PI;
        return new Lab(
                Math.max(5, Math.min(99, 70 + random.nextGaussian() * 20)),
                chroma * Math.cos(hue),
                chroma * Math.sin(hue));
    }

    @Benchmark
    public List<NearestColours.Found> nearestTenOfAMillion() {
        next = (next + 1) % wanted.size();
        return index.nearest(wanted.get(next), 10);
    }

    @Benchmark
    public Lab spectrumToLab() {
        return Colorimetry.DAYLIGHT.lab(spectrum);
    }

    @Benchmark
    public RecipeFinder.Recipe recipeOfUpToFive() {
        return finder.find(Target.of(spectrum), order);
    }

    /** Left-overs of forty colours, as many litres as a room takes. */
    @Benchmark
    public BoxMixer.Mix mixOfFortyTins() {
        return BoxMixer.nearest(Target.of(spectrum), tins, 6, BoxMixer.Way.BY_LADLE);
    }

    @Test
    void run() throws RunnerException {
        new Runner(new OptionsBuilder()
                        .include(ColourSpeedTest.class.getSimpleName())
                        .forks(1)
                        .jvmArgs("-Xmx1g")
                        .warmupIterations(3)
                        .warmupTime(TimeValue.seconds(2))
                        .measurementIterations(5)
                        .measurementTime(TimeValue.seconds(2))
                        .build())
                .run();
    }
}

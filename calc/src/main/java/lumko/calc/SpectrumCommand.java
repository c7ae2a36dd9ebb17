package lumko.calc;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Illuminant;
import lumko.core.colour.Lab;
import lumko.core.colour.Observer;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Xyz;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Tristimulus values of reflectances. */
@Command(
        name = "spectrum",
        description = {
            "Colour of reflectances: reads id and r400,r410,…,r700 (factors 0–1; r380–r730 are used where they are there)",
            "and adds x,y,z,l,a,b. Y of the perfect diffuser is 100; by ASTM E308."
        },
        footer = {
            "",
            "Example:",
            "  (printf id; printf ',r%d' $(seq 400 10 700); printf '\\ngrey'; printf ',0.5%.0s' $(seq 31); echo)"
                    + " | ./lumko calc spectrum --illuminant D65 --observer 10"
        },
        mixinStandardHelpOptions = true)
final class SpectrumCommand implements Callable<Integer> {
    private static final List<String> NEEDED = bands(400, 700);

    @Mixin
    private final Table table = new Table();

    @Option(names = "--illuminant", paramLabel = "D65|D50|A|F11", description = "the light; D65 without it")
    private Illuminant illuminant = Illuminant.D65;

    @Option(names = "--observer", paramLabel = "2|10", description = "the eye; 10 without it")
    private int observer = 10;

    static List<String> bands(int from, int to) {
        return IntStream.rangeClosed(from / 10, to / 10)
                .mapToObj(ten -> "r" + ten * 10)
                .toList();
    }

    @Override
    public Integer call() throws Exception {
        if (observer != 2 && observer != 10) {
            throw new RefusedException(0, "", "--observer " + observer, "2 or 10");
        }
        Colorimetry seen = Colorimetry.of(illuminant, observer == 2 ? Observer.DEGREES_2 : Observer.DEGREES_10);
        List<String> needed = new ArrayList<>(List.of("id"));
        needed.addAll(NEEDED);
        table.extendBy(needed, List.of("x", "y", "z", "l", "a", "b"), columns -> {
            int from = columns.contains("r380") && columns.contains("r390") ? 380 : 400;
            int to = columns.containsAll(bands(710, 730)) ? 730 : 700;
            List<String> names = bands(from, to);
            return row -> {
                double[] factors = names.stream()
                        .mapToDouble(name -> row.number(name, Spectrum.FACTOR))
                        .toArray();
                Spectrum spectrum = Spectrum.of(from, factors);
                Xyz xyz = seen.xyz(spectrum);
                Lab lab = seen.lab(spectrum);
                return Stream.of(xyz.x(), xyz.y(), xyz.z(), lab.lightness(), lab.a(), lab.b())
                        .map(String::valueOf)
                        .toList();
            };
        });
        return 0;
    }
}

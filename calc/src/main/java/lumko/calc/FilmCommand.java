package lumko.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import lumko.core.film.Colorant;
import lumko.core.film.Mixture;
import lumko.core.film.Surface;
import lumko.core.quantity.Limits;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Reflectance of films. */
@Command(
        name = "film",
        description = {
            "What is seen of a film: reads id,thickness_um,parts,substrate, where parts is name:share;name:share (mass shares,",
            "sum 1) and substrate the internal reflectance under it, 0–1, or inf for a film that hides completely,",
            "and adds r400,…,r700 and contrast_ratio (Y over black / Y over white, D65, 10°; empty for inf)."
        },
        footer = {
            "",
            "Example:",
            "  printf 'id,thickness_um,parts,substrate\\n1,40,white base:0.99;black PBk7:0.01,0\\n' | ./lumko calc film"
        },
        mixinStandardHelpOptions = true)
final class FilmCommand implements Callable<Integer> {
    private static final Limits THICKNESS = new Limits("thickness", 0, 1e6, "µm");
    private static final Limits SUBSTRATE = new Limits("substrate", 0, 1, "");

    @Mixin
    private final Table table = new Table();

    @Mixin
    private final ColorantFile colorants = new ColorantFile();

    @Option(
            names = "--saunderson",
            paramLabel = "k1,k2",
            arity = "0..1",
            fallbackValue = "0.04,0.6",
            description = "correct for the surface, 0.04,0.6 if no numbers are given; no correction without it")
    private Optional<String> saunderson = Optional.empty();

    @Override
    public Integer call() throws Exception {
        Map<String, Colorant> known = colorants.read();
        Surface surface = saunderson.map(FilmCommand::surface).orElse(Surface.NONE);
        List<String> added = new ArrayList<>(SpectrumCommand.bands(400, 700));
        added.add("contrast_ratio");
        table.extend(List.of("id", "thickness_um", "parts", "substrate"), added, row -> {
            Mixture mixture = row.attempt("parts", () -> Mixture.of(shares(row.text("parts"), known)));
            boolean hides = row.text("substrate").equals("inf");
            double thickness = hides ? Double.POSITIVE_INFINITY : row.number("thickness_um", THICKNESS);
            double backing = hides ? 0 : row.number("substrate", SUBSTRATE);
            List<String> values = new ArrayList<>();
            for (double factor : mixture.reflectance(thickness, backing, surface)) {
                values.add(String.valueOf(factor));
            }
            values.add(hides ? "" : String.valueOf(mixture.contrastRatio(thickness, surface)));
            return values;
        });
        return 0;
    }

    private static Surface surface(String numbers) {
        String[] parts = numbers.split(",");
        try {
            return new Surface(Double.parseDouble(parts[0]), Double.parseDouble(parts[1]));
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException refused) {
            throw new RefusedException(
                    0, "", "--saunderson " + numbers, "two numbers from 0 to below 1, k1,k2", refused);
        }
    }

    static Map<Colorant, Double> shares(String parts, Map<String, Colorant> known) {
        Map<Colorant, Double> shares = new LinkedHashMap<>();
        for (String part : parts.split(";")) {
            int colon = part.lastIndexOf(':');
            if (colon < 1) {
                throw new IllegalArgumentException("parts are written name:share;name:share");
            }
            shares.merge(
                    ColorantFile.named(known, part.substring(0, colon).strip()),
                    Double.parseDouble(part.substring(colon + 1).strip()),
                    Double::sum);
        }
        return shares;
    }
}

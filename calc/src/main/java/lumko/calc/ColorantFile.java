package lumko.calc;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import lumko.core.colour.Spectrum;
import lumko.core.film.Colorant;
import lumko.core.film.Dispenser;
import lumko.core.film.RecipeFinder;
import lumko.core.quantity.Limits;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import picocli.CommandLine.Option;

/** A table of colorants: name, kind (K or S, per µm) and a column for each band from 400 to 700. */
final class ColorantFile {
    @Option(
            names = "--colorants",
            paramLabel = "FILE",
            description = "name,kind,400,410,…,700 with kind K or S per µm; those of Lumko without it")
    private Optional<Path> file = Optional.empty();

    /** The colorants by name. */
    Map<String, Colorant> read() throws IOException {
        if (file.isEmpty()) {
            return RecipeFinder.byName(Dispenser.all());
        }
        Map<String, double[]> k = new LinkedHashMap<>();
        Map<String, double[]> s = new LinkedHashMap<>();
        try (CSVParser parser = CSVParser.parse(
                file.get(),
                StandardCharsets.UTF_8,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .setIgnoreEmptyLines(true)
                        .get())) {
            for (CSVRecord cells : parser) {
                Table.Row row = new Table.Row(cells, parser.getCurrentLineNumber());
                double[] values = new double[Spectrum.BANDS];
                for (int band = 0; band < values.length; band++) {
                    values[band] = row.number(
                            String.valueOf(Spectrum.START + Spectrum.STEP * band), new Limits("", 0, 1e6, "per µm"));
                }
                switch (row.text("kind")) {
                    case "K" -> k.put(row.text("name"), values);
                    case "S" -> s.put(row.text("name"), values);
                    default -> throw new RefusedException(row.line(), "kind", row.text("kind"), "K or S");
                }
            }
        }
        Map<String, Colorant> colorants = new LinkedHashMap<>();
        k.forEach((name, absorption) -> {
            double[] scattering = s.get(name);
            if (scattering == null) {
                throw new RefusedException(0, "kind", name, "a row of kind S for it as well");
            }
            colorants.put(name, new Colorant(name, absorption, scattering));
        });
        return colorants;
    }

    /** What a name stands for. */
    static Colorant named(Map<String, Colorant> colorants, String name) {
        Colorant colorant = colorants.get(name);
        if (colorant == null) {
            throw new IllegalArgumentException(
                    "“" + name + "” is no colorant; there are " + String.join(", ", colorants.keySet()));
        }
        return colorant;
    }
}

package lumko.app.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.quantity.OutOfRangeException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** A maker-neutral list of colours as CSV: name, code, and hex, or l,a,b (daylight, 10°), or r400…r700. */
final class ColourTable {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setRecordSeparator("\n")
            .get();

    private ColourTable() {}

    static ColourFile read(byte[] bytes) {
        try (CSVParser parser = CSVParser.parse(ColourFile.text(bytes), FORMAT)) {
            List<String> columns = parser.getHeaderNames();
            if (!columns.contains("name")) {
                throw new BadFileException(1, "the header needs name, and hex or l,a,b or r400…r700");
            }
            List<String> bands = IntStream.rangeClosed(40, 70)
                    .mapToObj(ten -> "r" + ten * 10)
                    .toList();
            List<Sample> samples = new ArrayList<>();
            for (CSVRecord row : parser) {
                int line = (int) parser.getCurrentLineNumber();
                if (samples.size() >= ColourFile.MOST_SAMPLES) {
                    throw new BadFileException(line, "more than " + ColourFile.MOST_SAMPLES + " colours");
                }
                if (!row.isConsistent()) {
                    throw new BadFileException(line, row.size() + " cells for " + columns.size() + " columns");
                }
                String code = columns.contains("code") ? row.get("code") : "";
                samples.add(new Sample(
                        row.get("name"), code, spectrum(row, columns, bands, line), lab(row, columns, line)));
            }
            return new ColourFile(samples, false);
        } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
            throw new BadFileException(0, "this is no table by RFC 4180");
        }
    }

    private static Optional<Spectrum> spectrum(CSVRecord row, List<String> columns, List<String> bands, int line) {
        if (!columns.containsAll(bands)) {
            return Optional.empty();
        }
        try {
            return Optional.of(Spectrum.of(
                    Spectrum.START,
                    bands.stream().mapToDouble(band -> number(row, band, line)).toArray()));
        } catch (OutOfRangeException outside) {
            throw new BadFileException(line, String.valueOf(outside.getMessage()));
        }
    }

    private static Optional<Lab> lab(CSVRecord row, List<String> columns, int line) {
        if (columns.containsAll(List.of("l", "a", "b"))) {
            return Optional.of(new Lab(number(row, "l", line), number(row, "a", line), number(row, "b", line)));
        }
        if (!columns.contains("hex")) {
            return Optional.empty();
        }
        try {
            return Optional.of(Srgb.ofHex(row.get("hex").strip()).lab());
        } catch (IllegalArgumentException refused) {
            throw new BadFileException(line, String.valueOf(refused.getMessage()));
        }
    }

    private static double number(CSVRecord row, String column, int line) {
        try {
            double value = Double.parseDouble(row.get(column).strip());
            if (Double.isFinite(value) && Math.abs(value) <= 500) {
                return value;
            }
        } catch (NumberFormatException notANumber) {
            throw new BadFileException(line, "column " + column + ": “" + row.get(column) + "” is no number");
        }
        throw new BadFileException(line, "column " + column + ": “" + row.get(column) + "” is no number that can be");
    }

    static String write(List<Sample> samples) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(
                out, CSVFormat.RFC4180.builder().setRecordSeparator("\n").get())) {
            List<Object> header = new ArrayList<>(List.of("name", "code", "l", "a", "b"));
            IntStream.rangeClosed(40, 70).forEach(ten -> header.add("r" + ten * 10));
            printer.printRecord(header);
            for (Sample sample : samples) {
                Lab lab = Colorimetry.DAYLIGHT.lab(sample.reflectance());
                List<Object> row =
                        new ArrayList<>(List.of(sample.name(), sample.code(), lab.lightness(), lab.a(), lab.b()));
                for (double factor : sample.reflectance().visible()) {
                    row.add(factor);
                }
                printer.printRecord(row);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toString();
    }
}

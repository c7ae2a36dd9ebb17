package lumko.app.formats;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lumko.app.platform.Csv;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.quantity.OutOfRangeException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A maker-neutral list of colours as CSV: name, code, and hex, or l,a,b (daylight, 10°), or r400…r700. */
public final class ColourTable {
    private static final int FIRST = 360;
    private static final int LAST = 830;
    private static final int LAST_USUAL = 700;

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
            List<Sample> samples = new ArrayList<>();
            for (CSVRecord row : parser) {
                int line = (int) parser.getCurrentLineNumber();
                if (samples.size() >= ColourFile.MOST_SAMPLES) {
                    throw new BadFileException(line, "more than " + ColourFile.MOST_SAMPLES + " colours");
                }
                if (!row.isConsistent()) {
                    throw new BadFileException(
                            line,
                            "this row has " + row.size() + " cells, the first row names " + columns.size()
                                    + " columns");
                }
                samples.add(new Sample(
                        text(row, "name"),
                        text(row, "code"),
                        text(row, "maker"),
                        text(row, "formula"),
                        spectrum(row, line),
                        lab(row, columns, line),
                        screen(row, line)));
            }
            return new ColourFile(samples, false);
        } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
            throw new BadFileException(0, "this is no table by RFC 4180");
        }
    }

    /** The bands of a row without a gap around 400 nm; nothing where that cell is empty. */
    private static Optional<Spectrum> spectrum(CSVRecord row, int line) {
        int from = Spectrum.START;
        while (from > FIRST && !text(row, band(from - Spectrum.STEP)).isEmpty()) {
            from -= Spectrum.STEP;
        }
        List<Double> factors = new ArrayList<>();
        for (int nm = from; nm <= LAST && !text(row, band(nm)).isEmpty(); nm += Spectrum.STEP) {
            factors.add(number(row, band(nm), line));
        }
        if (factors.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(Spectrum.of(
                    from, factors.stream().mapToDouble(Double::doubleValue).toArray()));
        } catch (OutOfRangeException outside) {
            throw new BadFileException(line, String.valueOf(outside.getMessage()));
        }
    }

    private static String band(int nanometres) {
        return "r" + nanometres;
    }

    private static int end(Spectrum spectrum) {
        return spectrum.start() + Spectrum.STEP * (spectrum.bands() - 1);
    }

    private static Optional<Lab> lab(CSVRecord row, List<String> columns, int line) {
        return columns.containsAll(List.of("l", "a", "b")) && !text(row, "l").isEmpty()
                ? Optional.of(
                        FileNumber.lab(number(row, "l", line), number(row, "a", line), number(row, "b", line), line))
                : Optional.empty();
    }

    private static Optional<Srgb> screen(CSVRecord row, int line) {
        String hex = text(row, "hex");
        if (hex.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(Srgb.ofHex(hex));
        } catch (IllegalArgumentException refused) {
            throw new BadFileException(line, String.valueOf(refused.getMessage()));
        }
    }

    private static String text(CSVRecord row, String column) {
        return row.isMapped(column) ? Csv.text(row.get(column).strip()) : "";
    }

    private static double number(CSVRecord row, String column, int line) {
        return FileNumber.of(row.get(column), "column " + column + ": ", line);
    }

    public static String write(List<Sample> samples) {
        StringBuilder out = new StringBuilder();
        try {
            Csv csv = new Csv(out);
            List<Spectrum> spectra = samples.stream()
                    .flatMap(sample -> sample.spectrum().stream())
                    .toList();
            int from = spectra.stream().mapToInt(Spectrum::start).min().orElse(Spectrum.START);
            int to = spectra.stream().mapToInt(ColourTable::end).max().orElse(LAST_USUAL);
            List<Object> header = new ArrayList<>(List.of("name", "code", "maker", "formula", "hex", "l", "a", "b"));
            for (int nm = from; nm <= to; nm += Spectrum.STEP) {
                header.add(band(nm));
            }
            csv.row(header);
            for (Sample sample : samples) {
                List<Object> row = new ArrayList<>(List.of(
                        sample.name(),
                        sample.code(),
                        sample.maker(),
                        sample.formula(),
                        sample.screen().map(Srgb::hex).orElse("")));
                Lab lab = sample.seen();
                row.addAll(
                        sample.screen().isPresent() ? List.of("", "", "") : List.of(lab.lightness(), lab.a(), lab.b()));
                for (int nm = from; nm <= to; nm += Spectrum.STEP) {
                    int at = nm;
                    row.add(sample.spectrum()
                            .filter(known -> known.start() <= at && at <= end(known))
                            .<Object>map(known -> known.at((at - known.start()) / Spectrum.STEP))
                            .orElse(""));
                }
                csv.row(row);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toString();
    }
}

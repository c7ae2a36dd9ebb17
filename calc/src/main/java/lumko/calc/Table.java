package lumko.calc;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lumko.core.quantity.Limits;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import picocli.CommandLine.Option;

/**
 * A table read and a table written, row by row: RFC 4180, UTF-8, comma, a header row. Columns are found by name, others are
 * passed through. Nothing is written unless every row could be taken.
 */
final class Table {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setRecordSeparator("\n")
            .get();

    @Option(names = "--in", paramLabel = "FILE", description = "the table to read; standard input without it")
    private Optional<Path> in = Optional.empty();

    @Option(names = "--out", paramLabel = "FILE", description = "the table to write; standard output without it")
    private Optional<Path> out = Optional.empty();

    /** What is read of the header before the rows: the names of its columns. */
    interface Columns {
        /** The values added to a row. */
        Function<Row, List<String>> of(List<String> columns);
    }

    /** A row with its line, for saying where something is wrong. */
    record Row(CSVRecord cells, long line) {
        String text(String column) {
            return cells.get(column).strip();
        }

        /** A number from low to high. */
        double number(String column, Limits limits) {
            String allowed = "%s–%s %s"
                    .formatted(plain(limits.low()), plain(limits.high()), limits.unit())
                    .strip();
            double value = number(column, allowed);
            if (!(value >= limits.low() && value <= limits.high())) {
                throw new RefusedException(line, column, text(column), allowed);
            }
            return value;
        }

        private static String plain(double value) {
            return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
        }

        /** Runs something in the core; what it refuses is said of this column. */
        <T> T attempt(String column, java.util.function.Supplier<T> inCore) {
            try {
                return inCore.get();
            } catch (RefusedException refused) {
                throw refused;
            } catch (IllegalArgumentException refused) {
                throw new RefusedException(line, column, text(column), String.valueOf(refused.getMessage()), refused);
            }
        }

        double number(String column, String allowed) {
            try {
                double value = Double.parseDouble(text(column));
                if (Double.isFinite(value)) {
                    return value;
                }
            } catch (NumberFormatException notANumber) {
                throw new RefusedException(line, column, text(column), allowed, notANumber);
            }
            throw new RefusedException(line, column, text(column), allowed);
        }
    }

    /**
     * Adds columns to every row.
     *
     * @param needed columns that must be there
     * @param added names of the columns that are written
     * @param calculate the values of the added columns of a row
     */
    void extend(List<String> needed, List<String> added, Function<Row, List<String>> calculate) throws IOException {
        extendBy(needed, added, columns -> calculate);
    }

    /** The same, where what is calculated depends on which columns there are. */
    void extendBy(List<String> needed, List<String> added, Columns by) throws IOException {
        Path draft = Files.createTempFile("calc", ".csv");
        try {
            try (CSVParser parser = CSVParser.parse(reader(), FORMAT);
                    CSVPrinter printer = new CSVPrinter(
                            Files.newBufferedWriter(draft),
                            CSVFormat.RFC4180.builder().setRecordSeparator("\n").get())) {
                List<String> columns = parser.getHeaderNames();
                for (String column : needed) {
                    if (!columns.contains(column)) {
                        throw new RefusedException(
                                1, column, String.join(",", columns), "a header with " + String.join(",", needed));
                    }
                }
                List<String> kept = columns.stream()
                        .filter(column -> !added.contains(column))
                        .toList();
                List<String> header = new ArrayList<>(kept);
                header.addAll(added);
                printer.printRecord(header);
                Function<Row, List<String>> calculate = by.of(columns);
                for (CSVRecord cells : parser) {
                    Row row = new Row(cells, parser.getCurrentLineNumber());
                    if (!cells.isConsistent()) {
                        throw new RefusedException(
                                row.line(),
                                "",
                                cells.size() + " cells",
                                columns.size() + " cells, as many as the header has");
                    }
                    List<String> values =
                            new ArrayList<>(kept.stream().map(cells::get).toList());
                    values.addAll(calculate.apply(row));
                    printer.printRecord(values);
                }
            } catch (RefusedException refused) {
                throw refused;
            } catch (IOException | UncheckedIOException broken) {
                throw unreadable(broken);
            } catch (IllegalArgumentException twice) {
                throw new RefusedException(1, "", String.valueOf(twice.getMessage()), "each column once");
            }
            if (out.isPresent()) {
                Files.move(draft, out.get(), StandardCopyOption.REPLACE_EXISTING);
            } else {
                Files.copy(draft, System.out);
                System.out.flush();
            }
        } finally {
            Files.deleteIfExists(draft);
        }
    }

    private static RefusedException unreadable(Exception broken) {
        Throwable cause = broken instanceof UncheckedIOException unchecked ? unchecked.getCause() : broken;
        return cause instanceof CharacterCodingException
                ? new RefusedException(0, "", "bytes that are no UTF-8", "UTF-8")
                : new RefusedException(0, "", String.valueOf(broken.getMessage()), "a table by RFC 4180");
    }

    private Reader reader() throws IOException {
        InputStream bytes = in.isPresent() ? Files.newInputStream(in.get()) : System.in;
        BufferedReader reader = new BufferedReader(new InputStreamReader(
                bytes,
                StandardCharsets.UTF_8
                        .newDecoder()
                        .onMalformedInput(CodingErrorAction.REPORT)
                        .onUnmappableCharacter(CodingErrorAction.REPORT)));
        reader.mark(1);
        int first = reader.read();
        if (first != '\uFEFF' && first >= 0) {
            reader.reset();
        }
        return reader;
    }
}

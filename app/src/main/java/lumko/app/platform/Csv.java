package lumko.app.platform;

import java.io.IOException;
import java.io.Reader;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.QuoteMode;

/**
 * Tables as CSV by RFC 4180. A text that a spreadsheet would take for a formula gets an apostrophe in front, which
 * {@link #text(String)} takes away again; so does one that begins with an apostrophe, and nothing is lost on the way.
 */
public final class Csv {
    private static final Pattern TAKEN_FOR_A_FORMULA = Pattern.compile("^[=+\\-@\\t\\r'].*", Pattern.DOTALL);
    private static final CSVFormat FORMAT =
            CSVFormat.RFC4180.builder().setRecordSeparator("\n").get();

    /** What is between quotes is there, be it empty; nothing at all is nothing known. */
    private static final CSVFormat WITH_UNKNOWN = CSVFormat.RFC4180
            .builder()
            .setRecordSeparator("\n")
            .setQuoteMode(QuoteMode.ALL_NON_NULL)
            .setNullString("")
            .get();

    private final CSVPrinter printer;

    /** @param out not closed */
    public Csv(Appendable out) throws IOException {
        this(out, FORMAT);
    }

    private Csv(Appendable out, CSVFormat format) throws IOException {
        printer = new CSVPrinter(out, format);
    }

    /** Tells what is empty from what nobody knows: a cell that is null is written as nothing, a text always between quotes. */
    public static Csv withUnknown(Appendable out) throws IOException {
        return new Csv(out, WITH_UNKNOWN);
    }

    /**
     * Reads such a table, row by row, its columns by the names in the first line. Cells are as they were written: see
     * {@link #text(String)}.
     *
     * @param in not closed
     */
    public static Stream<CSVRecord> readWithUnknown(Reader in) throws IOException {
        return WITH_UNKNOWN.builder().setHeader().setSkipHeaderRecord(true).get().parse(in).stream();
    }

    /** Numbers stay numbers, whatever their sign. */
    public void row(Iterable<?> cells) throws IOException {
        row(StreamSupport.stream(cells.spliterator(), false));
    }

    public void row(Stream<?> cells) throws IOException {
        printer.printRecord(
                cells.map(cell -> cell == null || cell instanceof Number ? cell : harmless(String.valueOf(cell))));
    }

    private static String harmless(String text) {
        return TAKEN_FOR_A_FORMULA.matcher(text).matches() ? "'" + text : text;
    }

    /** A cell as it was before it was made harmless. */
    public static String text(String cell) {
        return cell.startsWith("'")
                        && TAKEN_FOR_A_FORMULA.matcher(cell.substring(1)).matches()
                ? cell.substring(1)
                : cell;
    }
}

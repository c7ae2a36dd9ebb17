package lumko.app.tables;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lumko.app.formats.BadFileException;
import lumko.app.formats.ColourFile;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;

/**
 * A table out of a file: CSV with commas, semicolons or tabs, or the first sheet of a spreadsheet (.xlsx). The first line that has
 * anything in it names the columns. Files are hostile until read: rows, columns and what a ZIP unpacks to are bounded.
 *
 * @param lines the rows that have anything in them
 */
record TableFile(List<String> header, List<Line> lines) {
    static final int MOST_MEGABYTES = 3;
    static final int MOST_ROWS = 3000;
    private static final int MOST_COLUMNS = 60;
    private static final long MOST_UNPACKED = 60_000_000;
    private static final ReadingOptions WITH_FORMATS = new ReadingOptions(true, false);
    private static final Pattern DATE_FORMAT = Pattern.compile("[dy]");

    /**
     * A row as it stands in the file.
     *
     * @param number of its line, counted from 1
     * @param cells as many as there are columns
     */
    record Line(int number, List<String> cells) {}

    /** @throws BadFileException if it is no table, or too large */
    static TableFile read(byte[] bytes) {
        List<Line> lines = isZip(bytes) ? spreadsheet(bytes) : csv(bytes);
        if (lines.isEmpty()) {
            throw new BadFileException(1, "there is nothing in this table");
        }
        List<String> header =
                lines.getFirst().cells().stream().map(String::strip).toList();
        if (header.size() > MOST_COLUMNS) {
            throw new BadFileException(
                    lines.getFirst().number(),
                    "a table can have " + MOST_COLUMNS + " columns, this has " + header.size());
        }
        return new TableFile(
                header,
                lines.stream()
                        .skip(1)
                        .map(line -> new Line(line.number(), fitted(line.cells(), header.size())))
                        .toList());
    }

    private static List<String> fitted(List<String> cells, int columns) {
        return Stream.concat(cells.stream(), Stream.generate(() -> ""))
                .limit(columns)
                .toList();
    }

    private static boolean isZip(byte[] bytes) {
        return bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K';
    }

    private static List<Line> csv(byte[] bytes) {
        String text = ColourFile.text(bytes);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(true)
                .get();
        List<Line> lines = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            parser.forEach(row -> add(lines, (int) parser.getCurrentLineNumber(), row.toList()));
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new BadFileException(lines.size() + 1, "a quotation mark is not closed here");
        }
        return lines;
    }

    /** What stands most often in the first line: a spreadsheet saves with what its country does. */
    private static char delimiter(String text) {
        String first = text.lines().findFirst().orElse("");
        return Stream.of(',', ';', '\t')
                .max(Comparator.comparingLong(
                        sign -> first.chars().filter(letter -> letter == sign).count()))
                .orElse(',');
    }

    private static void add(List<Line> lines, int number, List<String> cells) {
        if (cells.stream().allMatch(String::isBlank)) {
            return;
        }
        if (lines.size() > MOST_ROWS) {
            throw new BadFileException(number, "a table can have " + MOST_ROWS + " rows: take it in by parts");
        }
        lines.add(new Line(number, List.copyOf(cells)));
    }

    private static List<Line> spreadsheet(byte[] bytes) {
        checkUnpacked(bytes);
        List<Line> lines = new ArrayList<>();
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(bytes), WITH_FORMATS);
                Stream<Row> rows = book.getFirstSheet().openStream()) {
            rows.forEach(row -> add(lines, row.getRowNum(), cells(row)));
        } catch (IOException | ExcelReaderException | NoSuchElementException broken) {
            throw new BadFileException(0, "this is no spreadsheet (.xlsx) that can be read");
        }
        return lines;
    }

    /** A small ZIP can unpack to more than there is memory. */
    private static void checkUnpacked(byte[] bytes) {
        long unpacked = 0;
        byte[] buffer = new byte[8192];
        try (ZipFile zip = ZipFile.builder().setByteArray(bytes).get()) {
            for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
                try (InputStream in = zip.getInputStream(entry)) {
                    for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                        unpacked += read;
                        if (unpacked > MOST_UNPACKED) {
                            throw new BadFileException(0, "this spreadsheet unpacks to more than can be read");
                        }
                    }
                }
            }
        } catch (IOException broken) {
            throw new BadFileException(0, "this is no spreadsheet (.xlsx) that can be read");
        }
    }

    private static List<String> cells(Row row) {
        List<String> cells = new ArrayList<>();
        for (int column = 0; column < Math.min(row.getCellCount(), MOST_COLUMNS + 1); column++) {
            cells.add(row.getOptionalCell(column).map(TableFile::text).orElse(""));
        }
        return cells;
    }

    private static String text(Cell cell) {
        if (cell.getType() != CellType.NUMBER) {
            return Optional.ofNullable(cell.getText()).orElse("");
        }
        boolean isDate = Optional.ofNullable(cell.getDataFormatString())
                .filter(format ->
                        DATE_FORMAT.matcher(format.toLowerCase(Locale.ROOT)).find())
                .isPresent();
        if (isDate) {
            try {
                LocalDateTime moment = cell.asDate();
                return moment.toLocalDate().toString();
            } catch (DateTimeException | ExcelReaderException none) {
                return cell.getText();
            }
        }
        return new BigDecimal(cell.asNumber().toString()).stripTrailingZeros().toPlainString();
    }
}

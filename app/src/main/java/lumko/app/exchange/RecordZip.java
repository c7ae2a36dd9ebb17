package lumko.app.exchange;

import java.io.BufferedWriter;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import lumko.app.formats.BadFileException;
import lumko.app.platform.Csv;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A whole record as a ZIP: first {@code schema.csv} with the version of the tables, then a file for each table in their order. */
final class RecordZip {
    private static final String SCHEMA = "schema";
    private static final String ENDING = ".csv";

    /** What a column holds, as far as a cell of a table does not say it. */
    enum Kind {
        TEXT,
        NUMBER,
        YES_OR_NO,
        LIST;

        /** @param type as the database calls it */
        static Kind of(String type) {
            return switch (type) {
                case "ARRAY" -> LIST;
                case "boolean" -> YES_OR_NO;
                case "integer", "bigint", "smallint", "double precision", "real", "numeric" -> NUMBER;
                default -> TEXT;
            };
        }
    }

    private RecordZip() {}

    /** @param rows hands all rows of a table to whoever asks */
    static void write(
            OutputStream out, List<String> tables, Function<String, Consumer<Consumer<Stream<JsonNode>>>> rows) {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
                Writer text = new BufferedWriter(new OutputStreamWriter(zip, StandardCharsets.UTF_8))) {
            zip.putNextEntry(new ZipEntry(SCHEMA + ENDING));
            Csv schema = Csv.withUnknown(text);
            schema.row(Stream.of(SCHEMA));
            schema.row(Stream.of(RecordFormat.NOW));
            text.flush();
            zip.closeEntry();
            for (String table : tables) {
                zip.putNextEntry(new ZipEntry(table + ENDING));
                rows.apply(table).accept(each -> write(each, text));
                text.flush();
                zip.closeEntry();
            }
        } catch (IOException unwritten) {
            throw new UncheckedIOException(unwritten);
        }
    }

    /** All rows of a table have the same columns: the first names them. */
    private static void write(Stream<JsonNode> rows, Writer text) {
        try {
            Csv csv = Csv.withUnknown(text);
            boolean isFirst = true;
            for (Iterator<JsonNode> each = rows.iterator(); each.hasNext(); isFirst = false) {
                JsonNode row = each.next();
                if (isFirst) {
                    csv.row(row.propertyNames());
                }
                List<@Nullable Object> cells = new ArrayList<>();
                row.valueStream().forEach(value -> cells.add(cell(value)));
                csv.row(cells);
            }
        } catch (IOException unwritten) {
            throw new UncheckedIOException(unwritten);
        }
    }

    private static @Nullable Object cell(JsonNode value) {
        if (value.isNull()) {
            return null;
        }
        return value.isNumber() ? value.numberValue() : value.isValueNode() ? value.asString() : value.toString();
    }

    /** Reads one file after the other. */
    static final class In implements AutoCloseable {
        private final ZipInputStream zip;
        private final JsonMapper json;
        private @Nullable ZipEntry entry;

        In(InputStream in, JsonMapper json) {
            zip = new ZipInputStream(in, StandardCharsets.UTF_8);
            this.json = json;
        }

        /**
         * The version of its tables, as it is written.
         *
         * @throws BadFileException if it does not begin with it
         */
        String schema() {
            next();
            if (entry == null || !entry.getName().equals(SCHEMA + ENDING)) {
                throw new BadFileException(
                        0,
                        "this ZIP does not begin with schema.csv: it is no record, or one that was written before schema 14");
            }
            try (Stream<CSVRecord> rows = Csv.readWithUnknown(text())) {
                return rows.findFirst().map(row -> row.get(0)).orElse("");
            } catch (IOException | UncheckedIOException broken) {
                throw broken(SCHEMA, broken);
            }
        }

        /**
         * Hands on all rows of the next table.
         *
         * @param kinds what the columns of the table hold; a column that is not there any more is handed on as text
         * @throws BadFileException if it is another table, or cannot be read
         */
        void each(String table, Map<String, Kind> kinds, Consumer<JsonNode> row) {
            next();
            if (entry == null || !entry.getName().equals(table + ENDING)) {
                throw new BadFileException(0, "the table “" + table + "” is missing or out of order");
            }
            try (Stream<CSVRecord> rows = Csv.readWithUnknown(text())) {
                rows.forEach(record -> row.accept(object(record, table, kinds)));
            } catch (IOException | UncheckedIOException broken) {
                throw broken(table, broken);
            }
        }

        private void next() {
            try {
                entry = zip.getNextEntry();
            } catch (ZipException broken) {
                throw new BadFileException(0, "this ZIP is broken");
            } catch (IOException unread) {
                throw new UncheckedIOException(unread);
            }
        }

        /** The text of a file; closing it leaves the ZIP open. */
        private Reader text() {
            return new FilterReader(new InputStreamReader(zip, StandardCharsets.UTF_8)) {
                @Override
                public void close() {
                    // the next file comes from the same ZIP
                }
            };
        }

        private static BadFileException broken(String table, Exception why) {
            return new BadFileException(0, "the table “" + table + "” is no CSV: " + why.getMessage());
        }

        private ObjectNode object(CSVRecord record, String table, Map<String, Kind> kinds) {
            ObjectNode object = json.createObjectNode();
            record.toMap()
                    .forEach((column, cell) -> object.set(
                            column,
                            value(Optional.ofNullable(cell), kinds.getOrDefault(column, Kind.TEXT), record, table)));
            return object;
        }

        private JsonNode value(Optional<String> cell, Kind kind, CSVRecord record, String table) {
            if (cell.isEmpty()) {
                return json.nullNode();
            }
            String written = Csv.text(cell.get());
            try {
                return switch (kind) {
                    case TEXT -> json.getNodeFactory().stringNode(written);
                    case NUMBER -> json.getNodeFactory().numberNode(new BigDecimal(written));
                    case YES_OR_NO -> json.getNodeFactory().booleanNode(Boolean.parseBoolean(written));
                    case LIST -> json.readTree(written);
                };
            } catch (NumberFormatException | JacksonException broken) {
                throw new BadFileException(
                        (int) record.getRecordNumber() + 1,
                        "the table “" + table + "” has “" + written + "” where it cannot be");
            }
        }

        @Override
        public void close() throws IOException {
            zip.close();
        }
    }
}

package lumko.app.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import lumko.app.platform.Csv;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;

/**
 * A table of the record that goes out as CSV or as JSON, column by column the same and row by row as it is read. Its columns are
 * told in docs/exchange.md.
 *
 * @param rows gone through once; texts and numbers
 */
record RecordTable(List<String> columns, Stream<List<Object>> rows) {
    /** @param out not closed */
    void writeCsv(OutputStream out) {
        try {
            Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            Csv csv = new Csv(text);
            csv.row(columns);
            for (List<Object> row : (Iterable<List<Object>>) rows::iterator) {
                csv.row(row);
            }
            text.flush();
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    /** A list of objects with the columns as names. */
    void writeJson(OutputStream out, JsonMapper json) {
        try (JsonGenerator document = json.createGenerator(out)) {
            document.writeStartArray();
            rows.forEach(row -> {
                document.writeStartObject();
                Iterator<Object> cells = row.iterator();
                columns.forEach(column -> document.writePOJOProperty(column, cells.next()));
                document.writeEndObject();
            });
            document.writeEndArray();
        }
    }
}

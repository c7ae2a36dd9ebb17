package lumko.app.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lumko.app.platform.Csv;

/** A table of the record that goes out as CSV or as JSON, column by column the same. Its columns are told in docs/exchange.md. */
record RecordTable(List<String> columns, List<List<Object>> rows) {
    String csv() {
        StringBuilder out = new StringBuilder();
        try {
            Csv csv = new Csv(out);
            csv.row(columns);
            for (List<Object> row : rows) {
                csv.row(row);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toString();
    }

    /** A list of objects with the columns as names. */
    List<Map<String, Object>> objects() {
        return rows.stream()
                .map(row -> {
                    Map<String, Object> object = new LinkedHashMap<>();
                    for (int i = 0; i < columns.size(); i++) {
                        object.put(columns.get(i), row.get(i));
                    }
                    return object;
                })
                .toList();
    }
}

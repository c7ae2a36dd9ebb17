package lumko.app.backup;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Map;
import java.util.TreeMap;

/**
 * What is in a database: of each table how many rows, and a sum over them that another order does not change but any other value
 * does.
 */
record Fingerprint(Map<String, String> tables) {
    Fingerprint {
        tables = new TreeMap<>(tables);
    }

    static Fingerprint of(Connection connection) throws SQLException {
        Map<String, String> tables = new TreeMap<>();
        for (String table : Database.strings(
                connection,
                "select quote_ident(tablename) from pg_tables where schemaname = current_schema() order by 1")) {
            tables.put(
                    table,
                    Database.strings(
                                    connection,
                                    "select count(*) || ' ' || coalesce(sum(hashtextextended(t::text, 0)::numeric), 0) from "
                                            + table + " t")
                            .getFirst());
        }
        return new Fingerprint(tables);
    }

    long rows() {
        return tables.values().stream()
                .mapToLong(table -> Long.parseLong(table.substring(0, table.indexOf(' '))))
                .sum();
    }

    /** The tables that are not the same in another. */
    String differences(Fingerprint other) {
        Map<String, String> all = new TreeMap<>(tables);
        all.putAll(other.tables);
        return String.join(
                ", ",
                all.keySet().stream()
                        .filter(table -> !tables.getOrDefault(table, "").equals(other.tables.getOrDefault(table, "")))
                        .toList());
    }
}

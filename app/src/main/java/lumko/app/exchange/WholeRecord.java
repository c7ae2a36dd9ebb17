package lumko.app.exchange;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.IntSupplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.formats.BadFileException;
import lumko.app.platform.NotNowException;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Everything an organisation has on record, table by table as the database keeps it, and back into an empty organisation.
 * Passwords stay here: people who come back with a record are names in its history, without a way in. Rows pass through
 * a few hundred at a time, however large the record. Written as SQL because a column that is added must never be left out;
 * every statement names the organisation.
 */
@Service
@Transactional
class WholeRecord {
    /** Every table of an organisation, those that others point at first. */
    static final List<String> TABLES = List.of(
            "person",
            "house",
            "person_house",
            "flat",
            "turnover",
            "room",
            "surface",
            "wall_feature",
            "colour",
            "product",
            "product_size",
            "tin",
            "mark",
            "wall_visit",
            "room_finding",
            "place_answer",
            "sheet",
            "sheet_wall",
            "sheet_mark",
            "sheet_step",
            "sheet_use",
            "sheet_precedence",
            "sheet_caution",
            "sheet_note",
            "sheet_tin",
            "prediction",
            "look",
            "learnt",
            "coat",
            "own_figure",
            "practice_choice",
            "reading",
            "reading_shot",
            "kept_result",
            "house_hours",
            "person_day",
            "plan",
            "plan_piece",
            "plan_flat",
            "plan_lock",
            "plan_heater",
            "event");

    private static final int BATCH = 500;
    private static final String SECRET = "password_hash";
    private static final String SECRET_ONCE = "password_once";

    /** Columns that the database fills from others. */
    private static final String FOLLOWS = "top_product_id,top_colour_id,top_tin_id,top_applied_on";

    /** How a ZIP begins. */
    private static final byte[] ZIP = {'P', 'K', 3, 4};

    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final Access access;
    private final PasswordEncoder passwords;

    WholeRecord(JdbcClient jdbc, JsonMapper json, Access access, PasswordEncoder passwords) {
        this.jdbc = jdbc;
        this.json = json;
        this.access = access;
        this.passwords = passwords;
    }

    // ---- out

    /** Writes the record of one moment as one document: its schema, the organisation, and a list of rows for each table. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void write(OutputStream out) {
        access.requireLead();
        try (JsonGenerator document = json.createGenerator(out)) {
            document.writeStartObject();
            document.writeStringProperty("schema", String.valueOf(RecordFormat.NOW));
            document.writeName("organisation");
            document.writeRawValue(
                    jdbc.sql("select (to_jsonb(o) - 'id' - 'version')::text from organisation o where id = :id")
                            .param("id", organisation())
                            .query(String.class)
                            .single());
            document.writeObjectPropertyStart("tables");
            for (String table : TABLES) {
                document.writeArrayPropertyStart(table);
                rows(table, rows -> rows.forEach(document::writeRawValue));
                document.writeEndArray();
            }
            document.writeEndObject();
            document.writeEndObject();
        }
    }

    /** Writes the same as CSV, a file for each table, in a ZIP. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void writeTables(OutputStream out) {
        access.requireLead();
        RecordZip.write(out, TABLES, table -> reader -> rows(table, rows -> reader.accept(rows.map(json::readTree))));
    }

    private void rows(String table, Consumer<Stream<String>> reader) {
        try (Stream<String> rows = jdbc
                .sql("select (to_jsonb(t) - 'organisation_id' - '" + SECRET + "' - '{" + SECRET_ONCE + "," + FOLLOWS
                        + "}'::text[])::text from " + table
                        + " t where organisation_id = :id order by to_jsonb(t) ->> 'id'")
                .withFetchSize(BATCH)
                .param("id", organisation())
                .query((row, number) -> row.getString(1))
                .stream()) {
            reader.accept(rows);
        }
    }

    // ---- in

    /** Whether nothing but people is on record, so that a record can be taken in. */
    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return TABLES.stream()
                .filter(table -> !table.equals("person"))
                .noneMatch(table -> jdbc.sql("select exists (select 1 from " + table + " where organisation_id = :id)")
                        .param("id", organisation())
                        .query(Boolean.class)
                        .single());
    }

    /**
     * Takes a record in, under new ids. The organisation keeps the name, units and time zone it was founded with.
     *
     * @return how many rows were taken
     * @throws NotNowException if anything is on record already
     * @throws BadFileException if it is no such document, or holds what cannot be
     */
    public int take(InputStream in) {
        access.requireLead();
        if (!isEmpty()) {
            throw new NotNowException("denied.recordNotEmpty");
        }
        BufferedInputStream file = new BufferedInputStream(in);
        if (isZip(file)) {
            return takeZip(file);
        }
        try (JsonParser document = json.createParser(file)) {
            return take(document);
        } catch (JacksonException broken) {
            int line = Optional.ofNullable(broken.getLocation())
                    .map(TokenStreamLocation::getLineNr)
                    .orElse(0);
            throw new BadFileException(line, "this is no JSON");
        }
    }

    private static boolean isZip(BufferedInputStream file) {
        try {
            file.mark(ZIP.length);
            byte[] first = file.readNBytes(ZIP.length);
            file.reset();
            return Arrays.equals(first, ZIP);
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
    }

    private int takeZip(InputStream file) {
        try (RecordZip.In zip = new RecordZip.In(file, json)) {
            int version = RecordFormat.read(zip.schema());
            return takeTables(version, (table, row) -> zip.each(table, kinds(table), row));
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
    }

    private Map<String, RecordZip.Kind> kinds(String table) {
        return jdbc
                .sql("""
                        select column_name, data_type from information_schema.columns
                        where table_schema = current_schema() and table_name = :table""")
                .param("table", table)
                .query((row, number) ->
                        Map.entry(row.getString("column_name"), RecordZip.Kind.of(row.getString("data_type"))))
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** Where the rows of a record come from. */
    private interface Tables {
        /** Hands on every row of the next table. */
        void each(String table, Consumer<JsonNode> row);
    }

    private int take(JsonParser document) {
        String written = "";
        int count = 0;
        document.nextToken();
        for (String name = document.nextName(); name != null; name = document.nextName()) {
            document.nextToken();
            if (name.equals("schema")) {
                written = document.getString();
            } else if (name.equals("tables")) {
                count = takeTables(RecordFormat.read(written), (table, row) -> each(document, table, row));
            } else {
                document.skipChildren();
            }
        }
        RecordFormat.read(written);
        return count;
    }

    private static void each(JsonParser document, String table, Consumer<JsonNode> row) {
        if (!table.equals(document.nextName()) || document.nextToken() != JsonToken.START_ARRAY) {
            throw new BadFileException(
                    document.currentLocation().getLineNr(), "the table “" + table + "” is missing or out of order");
        }
        while (document.nextToken() != JsonToken.END_ARRAY) {
            row.accept(document.readValueAsTree());
        }
    }

    private int takeTables(int version, Tables in) {
        UUID salt = UUID.randomUUID();
        AtomicInteger count = new AtomicInteger();
        List<String> tables = TABLES.stream()
                .filter(table -> RecordFormat.has(version, table))
                .toList();
        for (String table : tables) {
            // rows may point at later ones of their table
            jdbc.sql("set constraints all deferred").update();
            ArrayNode batch = json.createArrayNode();
            in.each(table, written -> {
                row(table, version, written).ifPresent(batch::add);
                if (batch.size() == BATCH) {
                    count.addAndGet(insert(table, batch, salt));
                    batch.removeAll();
                }
            });
            count.addAndGet(insert(table, batch, salt));
            refuseBroken(table, () -> jdbc.sql("set constraints all immediate").update());
        }
        RecordFormat.conclusion(version)
                .ifPresent(sql -> jdbc.sql(sql)
                        .param("organisation", organisation())
                        .query((row, n) -> n)
                        .list());
        return count.get();
    }

    private Optional<ObjectNode> row(String table, int version, JsonNode row) {
        if (!(row instanceof ObjectNode asWritten)) {
            throw new BadFileException(0, "a row of the table “" + table + "” is no object");
        }
        return RecordFormat.now(version, table, asWritten).map(object -> ours(table, object));
    }

    private ObjectNode ours(String table, ObjectNode object) {
        object.put("organisation_id", organisation().toString());
        if (table.equals("person")) {
            object.put(SECRET, passwords.encode(UUID.randomUUID().toString()));
            object.put(SECRET_ONCE, false);
            object.put("login", "record-" + UUID.randomUUID());
            object.put("active", false);
        }
        return object;
    }

    private int insert(String table, ArrayNode rows, UUID salt) {
        String own = organisation().toString();
        String renamed =
                ID.matcher(rows.toString()).replaceAll(id -> id.group().equals(own) ? own : newId(salt, id.group()));
        return refuseBroken(
                table,
                () -> jdbc.sql("insert into " + table + " select * from jsonb_populate_recordset(null::" + table
                                + ", cast(:rows as jsonb))")
                        .param("rows", renamed)
                        .update());
    }

    private static int refuseBroken(String table, IntSupplier statement) {
        try {
            return statement.getAsInt();
        } catch (DataAccessException refused) {
            throw new BadFileException(
                    0,
                    "the table “" + table + "” holds something that cannot be: "
                            + Objects.requireNonNullElse(
                                            refused.getMostSpecificCause().getMessage(), "")
                                    .lines()
                                    .findFirst()
                                    .orElse(""));
        }
    }

    /** Ids of the record would meet their likes where it came from: each gets another, the same wherever it is named. */
    private static String newId(UUID salt, String id) {
        return UUID.nameUUIDFromBytes((salt + id).getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    private UUID organisation() {
        return access.member().organisationId();
    }
}

package lumko.app.grown;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Fills a database that has the demo with another organisation as large as one cares to make it. Every flat is the demo's best
 * recorded one with the rooms of one where work was done beside them; what was done is there several times over, years apart, and one
 * flat in twenty stands empty with its marks open. Ids follow from those of the demo, so that all that hangs together still does.
 */
final class Grown {
    /** How much of everything; a flat comes to some 42 surfaces, 130 coats, 63 marks, two sheets and 170 events. */
    record Size(int houses, int flatsPerHouse, int colours, int productsTimes, int tins) {
        static final Size LARGE = new Size(100, 30, 20_000, 20, 2_000);
    }

    /** The password of all its people. */
    static final String PASSWORD = "grown up to be large";

    private static final int BAYS = 6;

    /** Tables of a flat, each with how its rows are found from the flat they belong to. */
    private static final Map<String, String> OF_A_FLAT = Map.ofEntries(
            Map.entry("room", "r.flat_id"),
            Map.entry("surface", "(select x.flat_id from room x where x.id = r.room_id)"),
            Map.entry("wall_feature", flatOfSurface()),
            Map.entry("coat", flatOfSurface()),
            Map.entry("turnover", "r.flat_id"),
            Map.entry("wall_visit", flatOfSurface()),
            Map.entry("place_answer", flatOfSurface()),
            Map.entry("mark", flatOfSurface()),
            Map.entry("room_finding", "(select x.flat_id from room x where x.id = r.room_id)"),
            Map.entry("reading", flatOfSurface()),
            Map.entry(
                    "reading_shot",
                    "(select m.flat_id from reading x join surface s on s.id = x.surface_id join room m on m.id ="
                            + " s.room_id where x.id = r.reading_id)"),
            Map.entry("sheet", "r.flat_id"),
            Map.entry("sheet_wall", flatOfSheet()),
            Map.entry("sheet_mark", flatOfSheet()),
            Map.entry("sheet_step", flatOfSheet()),
            Map.entry(
                    "sheet_use",
                    "(select h.flat_id from sheet_step x join sheet h on h.id = x.sheet_id where x.id = r.step_id)"),
            Map.entry("sheet_precedence", flatOfSheet()),
            Map.entry("sheet_caution", flatOfSheet()),
            Map.entry("sheet_note", flatOfSheet()),
            Map.entry("sheet_tin", flatOfSheet()),
            Map.entry("prediction", flatOfSheet()),
            Map.entry("look", flatOfSheet()),
            Map.entry("event", "r.flat_id"));

    private static final List<String> STRUCTURE = List.of("room", "surface", "wall_feature");
    private static final List<String> DONE = List.of(
            "turnover",
            "mark",
            "wall_visit",
            "place_answer",
            "room_finding",
            "reading",
            "reading_shot",
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
            "event");

    /** Columns that name something of the whole organisation: people, products, colours, tins. */
    private static final Set<String> SHARED = Set.of(
            "product_id",
            "colour_id",
            "tin_id",
            "more_tins",
            "merged_into",
            "substitute_id",
            "made_by",
            "closed_by",
            "set_by",
            "done_by",
            "noted_by",
            "read_by",
            "ticked_by",
            "answered_by",
            "applied_by",
            "begun_by",
            "outcome_by",
            "person_id");

    /** Columns that name something of the flat as it was built. */
    private static final Set<String> BUILT = Set.of("room_id", "surface_id", "as_surface_id", "rooms", "surfaces");

    private final Connection connection;
    private final String demo;
    private final String own;

    private Grown(Connection connection, String demo, String own) {
        this.connection = connection;
        this.demo = demo;
        this.own = own;
    }

    private static String flatOfSurface() {
        return "(select m.flat_id from surface x join room m on m.id = x.room_id where x.id = r.surface_id)";
    }

    private static String flatOfSheet() {
        return "(select x.flat_id from sheet x where x.id = r.sheet_id)";
    }

    /**
     * Makes the organisation. Whoever has the login {@code mirela} in the demo has {@code mirela-NAME} in it.
     * It takes a minute to make a large one.
     *
     * @param name a word that no other of them has
     */
    static void organisation(Connection connection, String name, Size size) throws SQLException {
        String demo = text(connection, "select organisation_id from person where login = 'mirela'");
        String own = text(connection, "select md5('" + name + "')::uuid");
        Grown grown = new Grown(connection, demo, own);
        grown.shared(name, size);
        connection.setAutoCommit(false);
        grown.run("set local synchronous_commit = off");
        grown.houses(size);
        // checked all at once at the end, which takes a tenth of the time
        List<ForeignKey> keys = grown.foreignKeys();
        for (ForeignKey key : keys) {
            grown.run("alter table %s drop constraint %s".formatted(key.table, key.name));
        }
        grown.run("alter table coat disable trigger layer_changed");
        grown.copy("built", "R7", "", 0, STRUCTURE, "true");
        grown.copy("built", "S", "", 0, STRUCTURE, "true");
        grown.copy("past", "R7", "p", 1000, List.of("turnover", "mark", "event"), "true");
        for (int past = 1; past <= 2; past++) {
            grown.copy("past", "S", "s" + past, 365 * past, DONE, "true");
        }
        for (String layer : List.of("R7", "S")) {
            grown.copy("built", layer, "", 0, List.of("coat"), "true");
        }
        grown.copy(
                "open",
                "R7",
                "o",
                0,
                List.of("turnover", "mark", "wall_visit", "room_finding", "event"),
                "c.stands_empty");
        grown.run("alter table coat enable trigger layer_changed");
        grown.run("""
                update surface s set top_product_id = c.product_id, top_colour_id = c.colour_id, top_tin_id = c.tin_id,
                  top_applied_on = c.applied_on
                from (select distinct on (surface_id) * from coat where organisation_id = '%s'
                    and layer in ('FINISH', 'UNKNOWN', 'PANEL_FINISH', 'VARNISH') order by surface_id, position desc) c
                where c.surface_id = s.id""".formatted(own));
        for (ForeignKey key : keys) {
            grown.run("alter table %s add constraint %s %s".formatted(key.table, key.name, key.definition));
        }
        connection.commit();
        connection.setAutoCommit(true);
        grown.run("analyze");
    }

    private record ForeignKey(String table, String name, String definition) {}

    /** Of the tables of a flat. */
    private List<ForeignKey> foreignKeys() throws SQLException {
        List<ForeignKey> keys = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(
                        "select conrelid::regclass, conname, pg_get_constraintdef(oid) from pg_constraint where contype = 'f'")) {
            while (row.next()) {
                if (OF_A_FLAT.containsKey(row.getString(1))) {
                    keys.add(new ForeignKey(row.getString(1), row.getString(2), row.getString(3)));
                }
            }
        }
        return keys;
    }

    /** People, products, colours, tins: those of the demo and as many more as are asked for. */
    private void shared(String name, Size size) throws SQLException {
        insert("organisation", Map.of("id", q(own), "name", "'Grown ' || " + q(name)), "r.id = " + q(demo));
        insert(
                "person",
                Map.of("login", "r.login || '-' || " + q(name), "password_hash", q("{noop}" + PASSWORD)),
                ofDemo());
        insert("colour", Map.of(), ofDemo());
        insert("product", Map.of(), ofDemo());
        for (int n = 2; n <= size.productsTimes; n++) {
            insert(
                    "product",
                    Map.of("id", "md5(r.id::text || " + q(own + n) + ")::uuid", "name", "r.name || ' " + n + "'"),
                    ofDemo());
        }
        insert("product_size", Map.of(), ofDemo());
        // every one its own spectrum: one of the demo's, stretched a little in its own way
        run("""
                insert into colour (%1$s) select %2$s from colour r, generate_series(1, %3$d) n
                where r.organisation_id = '%4$s' and r.factors is not null and n %% 7 = (select count(*) from colour o
                  where o.organisation_id = '%4$s' and o.factors is not null and o.name < r.name) %% 7""".formatted(
                        columns("colour"),
                        expressions(
                                "colour",
                                Map.of(
                                        "id",
                                        "md5(r.id::text || " + q(own) + " || n)::uuid",
                                        "name",
                                        "'Shade ' || n || ' ' || r.name",
                                        "code",
                                        "'S' || n",
                                        "factors",
                                        "(select array_agg(least(1, f * (0.3 + 0.7 * abs(sin(n * 0.37))) + 0.05 * abs(sin(n + i * 0.2))) order by i)"
                                                + " from unnest(r.factors) with ordinality u(f, i))")),
                        size.colours - 9,
                        demo));
        insert("tin", Map.of(), ofDemo());
        run("insert into tin (%s) select %s from tin r, generate_series(1, %d) n where r.organisation_id = '%s'"
                .formatted(
                        columns("tin"),
                        expressions(
                                "tin",
                                Map.of(
                                        "id", "md5(r.id::text || " + q(own) + " || n)::uuid",
                                        "label", "n || '-' || r.label",
                                        "left_l", "case when n % 3 = 0 then r.left_l else 0 end")),
                        size.tins / 38,
                        demo));
    }

    private void houses(Size size) throws SQLException {
        run("""
                insert into house (id, organisation_id, name, built_year, roof, textured_coating, position, version)
                select md5('%1$s' || h)::uuid, '%1$s', 'House ' || h, 1900 + h, 'FLAT', false, h, 0 from generate_series(1, %2$d) h""".formatted(own, size.houses));
        run("""
                create temp table grown_copy on commit drop as
                with worked as (select f.id, row_number() over (order by f.number) - 1 as turn, count(*) over () as of
                  from flat f where f.organisation_id = '%1$s' and exists (select from sheet s where s.flat_id = f.id)),
                best as (select m.flat_id from surface s join room m on m.id = s.room_id where s.organisation_id = '%1$s'
                  group by 1 order by count(*) desc limit 1)
                select md5('%1$s%2$s' || h || '-' || n)::uuid as flat_id, h, n, t.template, t.layer,
                  (h + n) %% 20 = 2 as stands_empty
                from generate_series(1, %3$d) h, generate_series(1, %4$d) n,
                  lateral (select flat_id as template, 'R7' as layer from best
                    union all select id, 'S' from worked where worked.turn = (h + n) %% worked.of) t""".formatted(demo, own, size.houses, size.flatsPerHouse));
        run("""
                insert into flat (id, organisation_id, house_id, number, floor, bay, version)
                select flat_id, '%1$s', md5('%1$s' || h)::uuid, n, (n - 1) / %2$d, (n - 1) %% %2$d, 0
                from grown_copy where layer = 'R7'""".formatted(own, BAYS));
    }

    /** What a template has of some tables, for every flat made from it, so many days ago. */
    private void copy(String how, String layer, String salt, int daysAgo, List<String> tables, String where)
            throws SQLException {
        for (String table : tables) {
            Map<String, String> own = new HashMap<>();
            for (Column column : columnsOf(table)) {
                String expression = expression(table, column, salt);
                if (daysAgo > 0 && Set.of("timestamptz", "date").contains(column.type)) {
                    expression = "(%s - interval '%d days')::%s".formatted(expression, daysAgo, column.type);
                }
                own.put(column.name, expression);
            }
            if (how.equals("past")) {
                switch (table) {
                    case "turnover" -> own.put("ended_on", "r.keys_back_on - " + (daysAgo - 9));
                    case "sheet" -> {
                        own.put("closed_at", "r.made_at - interval '" + (daysAgo - 4) + " days'");
                        own.put("seen", "'NOT_SEEN'");
                        own.put("closed_by", "md5(r.made_by::text || '" + this.own + "')::uuid");
                    }
                    case "sheet_step" -> own.put("took_minutes", "r.minutes * (0.7 + 0.6 * random())");
                    case "mark" -> own.put("made_good_on", "(r.set_at - interval '" + (daysAgo - 5) + " days')::date");
                    case "reading" -> own.put("done_at", "r.begun_at - interval '" + daysAgo + " days'");
                    default -> {}
                }
            }
            run(
                    "insert into %s (%s) select %s from %s r join grown_copy c on c.layer = '%s' and c.template = %s where %s"
                            .formatted(
                                    table,
                                    columns(table),
                                    expressions(table, own),
                                    table,
                                    layer,
                                    OF_A_FLAT.get(table),
                                    where));
        }
    }

    private String expression(String table, Column column, String salt) {
        String name = column.name;
        String all = "'" + own + "'";
        String flat = "c.flat_id::text";
        if (name.equals("organisation_id")) {
            return all;
        }
        if (name.equals("flat_id")) {
            return "c.flat_id";
        }
        String with;
        if (SHARED.contains(name)) {
            with = all;
        } else if (BUILT.contains(name) || (STRUCTURE.contains(table) || table.equals("coat")) && name.equals("id")) {
            with = flat;
        } else if (table.equals("coat") && name.equals("sheet_id")) {
            with = flat + " || 's1'";
        } else {
            with = flat + " || '" + salt + "'";
        }
        return switch (column.type) {
            case "uuid" -> "md5(r.%s::text || %s)::uuid".formatted(name, with);
            case "_uuid" ->
                "(select coalesce(array_agg(md5(u::text || %s)::uuid), '{}') from unnest(r.%s) u)"
                        .formatted(with, name);
            default -> "r." + quoted(name);
        };
    }

    private String ofDemo() {
        return "r.organisation_id = " + q(demo);
    }

    /** Rows of a table of the whole organisation, with new ids. */
    private void insert(String table, Map<String, String> own, String where) throws SQLException {
        run("insert into %s (%s) select %s from %s r where %s"
                .formatted(table, columns(table), expressions(table, own), table, where));
    }

    private record Column(String name, String type) {}

    private List<Column> columnsOf(String table) throws SQLException {
        List<Column> columns = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(
                        "select column_name, udt_name from information_schema.columns where table_schema = 'public' and is_generated = 'NEVER'"
                                + " and table_name = '" + table + "' order by ordinal_position")) {
            while (row.next()) {
                columns.add(new Column(row.getString(1), row.getString(2)));
            }
        }
        return columns;
    }

    private String columns(String table) throws SQLException {
        return String.join(
                ", ", columnsOf(table).stream().map(each -> quoted(each.name)).toList());
    }

    private String expressions(String table, Map<String, String> own) throws SQLException {
        List<String> all = new ArrayList<>();
        for (Column column : columnsOf(table)) {
            String expression = own.get(column.name);
            if (expression == null) {
                expression = column.name.equals("organisation_id")
                        ? q(this.own)
                        : column.type.equals("uuid")
                                ? "md5(r.%s::text || '%s')::uuid".formatted(column.name, this.own)
                                : "r." + quoted(column.name);
            }
            all.add(expression);
        }
        return String.join(", ", all);
    }

    private static String quoted(String column) {
        return "\"" + column + "\"";
    }

    private static String q(String text) {
        return "'" + text + "'";
    }

    private void run(String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private static String text(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getString(1);
        }
    }
}

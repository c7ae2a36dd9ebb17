package lumko.app.grown;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.Map;

/** The pages that everybody looks at, of one organisation, each with an address where most is on record. */
final class GrownPages {
    private static final String FLAT = """
            select r.flat_id from mark m join surface s on s.id = m.surface_id join room r on r.id = s.room_id
              join turnover t on t.flat_id = r.flat_id and t.ended_on is null
            where m.organisation_id = (select organisation_id from person where login = '%s')
            group by 1 order by count(*) desc, 1 limit 1""";

    private GrownPages() {}

    /** By name the addresses of the pages for whoever has a login. */
    static Map<String, String> of(Connection connection, String login) throws SQLException {
        String flat = one(connection, FLAT.formatted(login));
        String wall = one(connection, """
                        select s.id from mark m join surface s on s.id = m.surface_id join room r on r.id = s.room_id
                        where r.flat_id = '%s' and s.kind = 'WALL' and m.made_good_on is null and m.removed_at is null
                        group by 1 order by count(*) desc, 1 limit 1""".formatted(flat));
        String sheet = one(connection, """
                        select id from sheet where closed_at is not null and organisation_id =
                          (select organisation_id from person where login = '%s') order by made_at desc, id limit 1""".formatted(login));
        String colour = one(connection, """
                        select id from colour where name = 'Oat Husk' and organisation_id =
                          (select organisation_id from person where login = '%s')""".formatted(login));
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("front", "/");
        pages.put("flat", "/flats/" + flat);
        pages.put("coat stack", "/flats/" + flat + "?surface=" + wall);
        pages.put("walk", "/walls/" + wall + "/walk");
        pages.put("reading", "/walls/" + wall + "/reading");
        pages.put("sheet", "/sheets/" + sheet);
        pages.put("bench", "/bench?one=" + colour);
        pages.put("find", "/find?q=oat");
        pages.put("find a flat", "/find?q=flat+7");
        pages.put("not identified", "/find");
        pages.put("colour", "/colours/" + colour);
        pages.put("products and colours", "/paints");
        pages.put("store", "/store");
        pages.put("practice", "/practice");
        pages.put("history", "/flats/" + flat + "/history");
        pages.put("minutes", "/minutes");
        pages.put("figures", "/figures");
        pages.put("people", "/people");
        pages.put("plan", "/plan");
        pages.put("days", "/plan/days");
        pages.put("exchange", "/exchange");
        return pages;
    }

    private static String one(Connection connection, String sql) throws SQLException {
        try (var statement = connection.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getString(1);
        }
    }
}

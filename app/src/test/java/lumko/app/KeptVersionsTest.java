package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import lumko.app.account.Member;
import lumko.app.platform.UnitSystem;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What earlier versions left behind: a dump of each schema that was ever landed, with the demo in it, and a whole record as it
 * was written out. Whatever has changed since, this version starts from both. A migration that has landed is never changed.
 */
class KeptVersionsTest extends ApplicationTest {
    @Autowired
    JsonMapper json;

    private static String kept(String name) {
        InputStream packed = KeptVersionsTest.class.getResourceAsStream("/kept/" + name);
        try (InputStream in = new GZIPInputStream(java.util.Objects.requireNonNull(packed))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    private static TestDatabase.Access restored(int schema) throws SQLException {
        TestDatabase.Access access = TestDatabase.another(
                "kept_" + schema + "_" + UUID.randomUUID().toString().substring(0, 8));
        try (var connection = DriverManager.getConnection(access.url(), access.user(), access.password());
                var statement = connection.createStatement()) {
            statement.execute(kept("schema-" + schema + ".sql.gz"));
        }
        return access;
    }

    /** The last; those before are slow. */
    @ParameterizedTest
    @ValueSource(ints = 17)
    void startsFromTheDatabaseOfAnEarlierVersion(int schema) throws SQLException {
        starts(schema);
    }

    @Tag("slow")
    @ParameterizedTest
    @ValueSource(ints = {5, 7, 13, 14, 15, 16})
    void startsFromTheDatabaseOfTheVersionsBefore(int schema) throws SQLException {
        starts(schema);
    }

    private static void starts(int schema) throws SQLException {
        TestDatabase.Access access = restored(schema);
        try (var application = new SpringApplicationBuilder(LumkoApplication.class)
                .run(
                        "--lumko.demo=true",
                        "--server.port=0",
                        "--spring.datasource.url=" + access.url(),
                        "--spring.datasource.username=" + access.user(),
                        "--spring.datasource.password=" + access.password())) {
            int port = ((ServletWebServerApplicationContext) application)
                    .getWebServer()
                    .getPort();
            SignedInClient lead = SignedInClient.of(port, "mirela");
            String front = lead.get("/").body();
            assertThat(front).contains("Ropewalk Court", "Brickfield House");
            String flat = first(front, "href=\"(/flats/[0-9a-f-]+)\"");
            assertThat(lead.get(flat).statusCode()).isEqualTo(200);
            int sheets = 0;
            Matcher flats = Pattern.compile("href=\"(/flats/[0-9a-f-]+)\"").matcher(front);
            while (flats.find()) {
                Matcher sheet = Pattern.compile("href=\"(/sheets/[0-9a-f-]+)\"")
                        .matcher(lead.get(flats.group(1)).body());
                while (sheet.find()) {
                    assertThat(lead.get(sheet.group(1)).statusCode()).isEqualTo(200);
                    sheets++;
                }
            }
            assertThat(sheets).as("sheets of the demo").isGreaterThan(3);
            String walk = first(lead.get(flat).body(), "href=\"(/walls/[0-9a-f-]+/walk)\"");
            assertThat(lead.get(walk).statusCode()).isEqualTo(200);
        }
    }

    private static String first(String page, String pattern) {
        Matcher matcher = Pattern.compile(pattern).matcher(page);
        assertThat(matcher.find()).as(pattern).isTrue();
        return matcher.group(1);
    }

    /** What a sheet comes to: its minutes, its litres, what is ticked and when, in the order it is read. */
    private static String sheets(TestDatabase.Access access) throws SQLException {
        try (var connection = DriverManager.getConnection(access.url(), access.user(), access.password());
                var statement = connection.createStatement();
                var rows = statement.executeQuery("""
                        select string_agg(concat_ws(' ', kind, minutes, litres, ticked_at), E'\n' order by sheet_id, first)
                        from (select step.sheet_id, kind, ticked_at, min(position) as first,
                            round(sum(minutes)::numeric, 3) as minutes, round(sum(used.litres)::numeric, 5) as litres
                          from public.sheet_step step
                          left join (select step_id, sum(litres) as litres from public.sheet_use group by 1) used
                            on used.step_id = step.id
                          group by step.sheet_id, kind, ticked_at, paint) kinds""")) {
            rows.next();
            return rows.getString(1);
        }
    }

    @Test
    void sheetsFromBeforeAreNotPlannedAgain() throws SQLException {
        TestDatabase.Access access = restored(5);
        String before = sheets(access);
        Flyway.configure()
                .dataSource(access.url(), access.user(), access.password())
                .load()
                .migrate();
        assertThat(before).contains("ROLL_AGAIN", "2026-");
        assertThat(sheets(access)).isEqualTo(before);
        try (var connection = DriverManager.getConnection(access.url(), access.user(), access.password());
                var statement = connection.createStatement();
                var rows = statement.executeQuery("""
                        select count(*) from public.sheet_step
                        where cardinality(rooms) > 1 and kind in ('FILL', 'CUT_IN', 'ROLL')""")) {
            rows.next();
            assertThat(rows.getInt(1)).as("steps of several rooms").isZero();
        }
    }

    private SignedInClient newcomer() {
        Member lead = accounts.found(
                "Moved from elsewhere",
                UnitSystem.METRIC,
                "Europe/London",
                "Ruth Falk",
                "ruth-" + UUID.randomUUID(),
                "long enough to be safe");
        SignedInClient client = SignedInClient.nobody(port);
        client.signIn(lead.login(), "long enough to be safe");
        client.renewToken();
        return client;
    }

    @ParameterizedTest
    @ValueSource(ints = 17)
    void takesInTheWholeRecordOfAnEarlierVersion(int schema) {
        takesIn(schema);
    }

    @Tag("slow")
    @ParameterizedTest
    @ValueSource(ints = {5, 7, 13, 14, 15, 16})
    void takesInTheWholeRecordOfTheVersionsBefore(int schema) {
        takesIn(schema);
    }

    private void takesIn(int schema) {
        String document = kept("record-" + schema + ".json.gz");
        SignedInClient client = newcomer();
        assertThat(client.upload("/exchange/record", "file", document.getBytes(StandardCharsets.UTF_8))
                        .body())
                .contains("The record is here:");
        isAllThere(client, document);
    }

    /** The same record as tables: the ZIP is taken back in since 14. */
    @Test
    @Tag("slow")
    void takesInTheTablesOfAnEarlierVersion() throws IOException {
        SignedInClient client = newcomer();
        try (InputStream zip =
                java.util.Objects.requireNonNull(getClass().getResourceAsStream("/kept/record-14.zip"))) {
            assertThat(client.upload("/exchange/record", "file", zip.readAllBytes())
                            .body())
                    .contains("The record is here:");
        }
        isAllThere(client, kept("record-14.json.gz"));
    }

    private void isAllThere(SignedInClient client, String document) {
        JsonNode before = json.readTree(document).at("/tables");
        JsonNode after =
                json.readTree(client.get("/exchange/lumko-record.json").body()).at("/tables");
        for (String table : before.propertyNames()) {
            int own = table.equals("person") ? 1 : 0;
            assertThat(after.get(table).size())
                    .as(table)
                    .isGreaterThanOrEqualTo(before.get(table).size() + own);
        }
        assertThat(client.get("/").body()).contains("Ropewalk Court");
    }
}

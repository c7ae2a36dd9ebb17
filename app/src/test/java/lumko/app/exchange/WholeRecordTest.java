package lumko.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import lumko.app.ApplicationTest;
import lumko.app.account.Accounts;
import lumko.app.account.Member;
import lumko.app.platform.UnitSystem;
import lumko.core.colour.Srgb;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class WholeRecordTest extends ApplicationTest {
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

    @Autowired
    WholeRecord whole;

    @Autowired
    JdbcClient jdbc;

    @Autowired
    Accounts accounts;

    @Autowired
    JsonMapper json;

    private Member another() {
        return accounts.found(
                "Another house",
                UnitSystem.METRIC,
                "Europe/London",
                "Ruth Falk",
                "ruth-" + UUID.randomUUID(),
                "long enough to be safe");
    }

    private JsonNode document() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        whole.write(out);
        return json.readTree(out.toByteArray());
    }

    private MvcTestResult send(Member member, String document) {
        return mvc.post()
                .multipart()
                .uri("/exchange/record")
                .file(new MockMultipartFile(
                        "file", "record", "application/json", document.getBytes(StandardCharsets.UTF_8)))
                .with(user(member))
                .with(csrf())
                .exchange();
    }

    @Test
    void noTableIsForgotten() {
        List<String> tables = jdbc.sql("""
                        select table_name from information_schema.columns
                        where column_name = 'organisation_id' and table_schema = current_schema()""").query(String.class).list();
        // secrets are not handed on, nor searches that only this copy runs, numbers of states it was in, files that
        // wait
        tables.removeAll(List.of("calendar_link", "plan_search", "reference_revision", "table_import", "guest_link"));
        assertThat(WholeRecord.TABLES).containsExactlyInAnyOrderElementsOf(tables);
    }

    @Test
    void comesBackTheSameInAnotherOrganisation() {
        JsonNode out = asLead(this::document);
        assertThat(out.toString()).doesNotContain("password_hash", "{bcrypt}", "organisation_id");
        Member member = another();
        assertThat(send(member, out.toString())).hasStatusOk().bodyText().contains("The record is here:");
        JsonNode again = as(member, this::document);
        for (String table : WholeRecord.TABLES) {
            if (!table.equals("person")) {
                assertThat(rows(again, table)).as(table).isEqualTo(rows(out, table));
            }
        }
        assertThat(again.at("/tables/person")).hasSize(out.at("/tables/person").size() + 1);
        assertThat(mvc.get().uri("/").with(user(member))).bodyText().contains("Ropewalk Court");
        assertThat(send(member, out.toString())).hasStatus(409).bodyText().contains("nothing on record yet");
    }

    /** The rows of a table without regard to their ids and to the order these put them in. */
    private static Map<String, Integer> rows(JsonNode document, String table) {
        Map<String, Integer> rows = new HashMap<>();
        for (JsonNode row : document.at("/tables/" + table)) {
            rows.merge(ID.matcher(row.toString()).replaceAll("id"), 1, Integer::sum);
        }
        return rows;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ | This is no JSON",
                "[] | this record has schema “”",
                "{\"schema\":\"1\"} | this record has schema “1”",
                "{\"schema\":\"SAME\",\"tables\":{}} | The table “person” is missing",
                "{\"schema\":\"SAME\",\"tables\":{\"person\":[7]}} | is no object",
                "{\"schema\":\"SAME\",\"tables\":{\"person\":[{\"id\":\"x\"}]}} | The table “person” holds something that cannot be"
            })
    void whatIsNoRecordIsRefusedInASentence(String document, String sentence) {
        Member member = another();
        String schema = asLead(this::document).path("schema").asString();
        assertThat(send(member, document.replace("SAME", schema)))
                .hasStatus(422)
                .bodyText()
                .containsIgnoringCase(sentence);
        assertThat(as(member, whole::isEmpty)).isTrue();
    }

    @Test
    void oneImpossibleRowAndNothingIsTaken() {
        ObjectNode out = (ObjectNode) asLead(this::document);
        ((ObjectNode) out.at("/tables/room/0")).put("height_mm", -3);
        Member member = another();
        assertThat(send(member, out.toString())).hasStatus(422).bodyText().contains("The table “room” holds");
        assertThat(as(member, whole::isEmpty)).isTrue();
    }

    /** More rows than go in at once, the first pointing at the last. */
    @Test
    @Tag("slow")
    void rowsMayPointAtLaterOnesOfTheirTable() {
        ObjectNode out = (ObjectNode) asLead(this::document);
        ArrayNode colours = (ArrayNode) out.at("/tables/colour");
        ObjectNode first = (ObjectNode) colours.get(0);
        for (int n = 0; n < 600; n++) {
            colours.add(first.deepCopy().put("id", UUID.randomUUID().toString()).put("name", "More " + n));
        }
        first.put("merged_into", colours.get(colours.size() - 1).get("id").asString());
        Member member = another();
        assertThat(send(member, out.toString())).hasStatusOk();
        assertThat(as(member, this::document).at("/tables/colour")).hasSize(colours.size());
        first.put("merged_into", UUID.randomUUID().toString());
        Member later = another();
        assertThat(send(later, out.toString())).hasStatus(422).bodyText().contains("The table “colour” holds");
        assertThat(as(later, whole::isEmpty)).isTrue();
    }

    @Test
    void isForTheLead() {
        assertThat(mvc.get().uri("/exchange/lumko-record.json").with(user(member("jonas"))))
                .hasStatus(403);
        assertThat(send(member("jonas"), "{}")).hasStatus(403);
    }

    @Test
    void asTablesInAZip() throws IOException {
        byte[] zip = mvc.get()
                .uri("/exchange/lumko-record.zip")
                .with(user(member("mirela")))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
        List<String> names = new ArrayList<>();
        String tins = "";
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
                if (entry.getName().equals("tin.csv")) {
                    tins = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                }
            }
        }
        assertThat(names)
                .startsWith("schema.csv", "person.csv")
                .hasSize(1 + WholeRecord.TABLES.size())
                .contains("coat.csv", "reading_shot.csv");
        assertThat(tins).contains("label", "0401");
    }

    private byte[] zip() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        asLead(() -> {
            whole.writeTables(out);
            return out;
        });
        return out.toByteArray();
    }

    private MvcTestResult send(Member member, byte[] zip) {
        return mvc.post()
                .multipart()
                .uri("/exchange/record")
                .file(new MockMultipartFile("file", "record.zip", "application/zip", zip))
                .with(user(member))
                .with(csrf())
                .exchange();
    }

    /** What is empty and what nobody knows are two things, lists and what a spreadsheet would compute come back too. */
    @Test
    void theZipComesBackTheSame() {
        asLead(() -> paints.addColour("=1+1 \"quoted\", 'apostrophe", "'-2", "", "", Srgb.ofHex("#e0d8c8")));
        JsonNode out = asLead(this::document);
        Member member = another();
        assertThat(send(member, zip())).hasStatusOk().bodyText().contains("The record is here:");
        JsonNode again = as(member, this::document);
        for (String table : WholeRecord.TABLES) {
            if (!table.equals("person")) {
                assertThat(rows(again, table)).as(table).isEqualTo(rows(out, table));
            }
        }
        assertThat(as(member, () -> paints.book().colourNamed("=1+1 \"quoted\", 'apostrophe")))
                .hasValueSatisfying(colour -> assertThat(colour.code()).isEqualTo("'-2"));
    }

    private static byte[] zip(Map<String, String> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "tin.csv | label | does not begin with schema.csv",
                "schema.csv | schema;99 | this record has schema “99”",
                "schema.csv | schema;18 | The table “person” is missing"
            })
    void aZipThatIsNoRecordIsRefusedInASentence(String file, String content, String sentence) throws IOException {
        Member member = another();
        assertThat(send(member, zip(Map.of(file, content.replace(";", "\n")))))
                .hasStatus(422)
                .bodyText()
                .containsIgnoringCase(sentence);
        assertThat(as(member, whole::isEmpty)).isTrue();
    }

    @Test
    void aBrokenCellNamesItsTableAndLine() throws IOException {
        Map<String, String> files = new LinkedHashMap<>();
        files.put("schema.csv", "schema\n18\n");
        files.put("person.csv", "\"id\",\"version\"\n\"x\",\"seven\"\n");
        assertThat(send(another(), zip(files)))
                .hasStatus(422)
                .bodyText()
                .contains("Line 2: the table “person” has “seven” where it cannot be.");
        byte[] whole = zip();
        assertThat(send(another(), Arrays.copyOf(whole, whole.length / 2))).hasStatus(422);
    }
}

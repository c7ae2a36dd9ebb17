package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import lumko.app.platform.UnitSystem;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Every form that can be found by following links is sent with nonsense in each of its fields, over the real server: a new form
 * is fuzzed by itself. It is done in an organisation of its own, and nothing of another may change by it.
 */
class FuzzTest extends ApplicationTest {
    private static final long SEED = 20_260_304;
    /** So many pages of a kind are looked at for forms. */
    private int alike = 1;

    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");
    /** Words that are meant for those who wrote the program. */
    private static final Pattern INNER =
            Pattern.compile("Invalid UUID|For input string|\\bjava\\.|Exception|constraint|duplicate key|"
                    + "\\bSQL\\b|relation \"|\\(\\)|(?<!\\+)\\bNaN\\b|\\bnull\\b|\\?\\?|Failed to convert|hibernate");

    private static final List<String> NONSENSE = List.of(
            "",
            " ",
            "\u0000",
            "a\u0000b",
            "\r\nSet-Cookie: a=b",
            "/bench?x=\r\ny",
            "abc\u202Edef",
            "\u200B\u200B",
            "\u0007bell",
            "'\"><script>alert(1)</script>",
            "-1",
            "0",
            "1e400",
            "1d",
            "0x1p3",
            // with a sign, so that what is called so by now is told from what a page reckoned
            "+NaN",
            "Infinity",
            "99999999999999999999",
            "1,5",
            "½",
            "٣",
            "1/2",
            "not-an-id",
            "1-1-1-1-1",
            "00000000-0000-0000-0000-000000000000",
            "2026-02-31",
            "0001-01-01",
            "99999-01-01",
            "25:61",
            "x".repeat(300),
            "ü".repeat(5000),
            "=1+1",
            "../../etc/passwd",
            "%",
            "yes",
            "TRUE",
            "[]",
            "{}",
            "#zzzzzz",
            ":",
            "::",
            "a:b:c:d");

    @Autowired
    JdbcClient jdbc;

    private SignedInClient client;
    private final Map<String, Integer> seen = new HashMap<>();
    private final Map<String, Form> forms = new LinkedHashMap<>();
    private final Map<String, String> paths = new TreeMap<>();
    private final List<String> wrong = new ArrayList<>();
    private int sent;

    /** Names and passwords that were nonsense slow nobody else down. */
    @AfterEach
    void forgetFailures() {
        jdbc.sql("delete from sign_in_failure").update();
    }

    /** A form as a page has it. */
    private record Form(String page, String method, String action, boolean isFile, Map<String, String> fields) {}

    private static String pattern(String path) {
        return ID.matcher(path.replaceAll("\\?.*|#.*", ""))
                .replaceAll("{id}")
                .replaceAll("[A-Z][A-Z_]{2,}", "{NAME}")
                .replaceAll("\\d+", "{n}");
    }

    private void enter() {
        byte[] record = SignedInClient.of(port, "mirela")
                .bytes("/exchange/lumko-record.json")
                .body();
        String login = "fuzz-" + UUID.randomUUID();
        accounts.found("Fuzzed", UnitSystem.METRIC, "Europe/London", "Ida Fuhr", login, "long enough to be safe");
        client = SignedInClient.nobody(port);
        client.signIn(login, "long enough to be safe");
        client.renewToken();
        assertThat(client.upload("/exchange/record", "file", record).statusCode())
                .isEqualTo(200);
    }

    private void crawl() {
        Queue<String> open = new ArrayDeque<>(List.of("/"));
        while (!open.isEmpty()) {
            String path = open.remove();
            HttpResponse<String> answer = client.get(path);
            check("GET " + path, answer);
            if (!answer.headers().firstValue("Content-Type").orElse("").startsWith("text/html")) {
                continue;
            }
            Document page = Jsoup.parse(answer.body());
            for (Element form : page.select("form, [hx-post]")) {
                read(path, form);
            }
            for (Element link : page.select("a[href^=/], [hx-get^=/]")) {
                String to = link.hasAttr("href") ? link.attr("href") : link.attr("hx-get");
                if (!to.contains("logout") && seen.merge(pattern(to), 1, Integer::sum) <= alike) {
                    paths.putIfAbsent(pattern(to), to);
                    open.add(to);
                }
            }
        }
    }

    private void read(String page, Element form) {
        String action = form.hasAttr("hx-post") ? form.attr("hx-post") : form.attr("action");
        String method = form.hasAttr("hx-post") ? "post" : form.attr("method").toLowerCase();
        if (action.isEmpty() || action.contains("logout")) {
            return;
        }
        Map<String, String> fields = new LinkedHashMap<>();
        boolean isFile = false;
        for (Element field : form.select("input[name], select[name], textarea[name], button[name]")) {
            isFile |= field.attr("type").equals("file");
            String value = field.tagName().equals("select")
                    ? field.select("option").stream()
                            .map(Element::val)
                            .filter(v -> !v.isEmpty())
                            .findFirst()
                            .orElse("")
                    : field.tagName().equals("textarea") ? field.text() : field.attr("value");
            fields.putIfAbsent(field.attr("name"), value);
        }
        fields.remove("_csrf");
        String key = method + " " + pattern(action) + " " + fields.keySet();
        forms.putIfAbsent(key, new Form(page, method, action, isFile, fields));
    }

    private void send(Form form, Map<String, String> fields, String what) {
        sent++;
        HttpResponse<String> answer = form.method().equals("get")
                ? client.get(form.action() + "?" + SignedInClient.encoded(fields))
                : client.post(form.action(), fields);
        check(form.method() + " " + pattern(form.action()) + " " + what, answer, fields.values());
    }

    private void check(String what, HttpResponse<String> answer) {
        check(what, answer, List.of());
    }

    /** What was sent may be said again. */
    private void check(String what, HttpResponse<String> answer, Collection<String> said) {
        String text = answer.headers().firstValue("Content-Type").orElse("").startsWith("text/html")
                ? withoutNames(Jsoup.parse(answer.body()))
                : "";
        for (String each : said) {
            text = each.isBlank() ? text : text.replace("“" + each + "”", "").replace("was " + each, "");
        }
        if (answer.statusCode() >= 500) {
            wrong.add(what + " → " + answer.statusCode());
        } else if (answer.statusCode() >= 400 && text.isBlank()) {
            wrong.add(what + " → " + answer.statusCode() + " without a word");
        } else if (INNER.matcher(text).find()) {
            var found = INNER.matcher(text);
            found.find();
            wrong.add(what + " → says "
                    + text.substring(Math.max(0, found.start() - 60), Math.min(text.length(), found.end() + 40)));
        }
    }

    /** What a page says but for what is called by some nonsense by now. */
    private static String withoutNames(Document page) {
        page.getAllElements().stream()
                .filter(each ->
                        NONSENSE.contains(each.ownText()) && !each.ownText().isEmpty())
                .forEach(each -> each.text(""));
        return page.text();
    }

    private Map<String, Long> others() {
        Map<String, Long> rows = new TreeMap<>();
        List<String> tables = jdbc.sql("""
                        select table_name from information_schema.columns
                        where column_name = 'organisation_id' and table_schema = current_schema()""").query(String.class).list();
        UUID demo = member("mirela").organisationId();
        for (String table : tables) {
            String print = "select coalesce(sum(hashtextextended(t::text, 0)::numeric % 1000000007), 0)::bigint from "
                    + table + " t where organisation_id = ?";
            rows.put(table, jdbc.sql(print).param(demo).query(Long.class).single());
        }
        return rows;
    }

    private void fuzz(int each) {
        assertThat(forms).hasSizeGreaterThan(45);
        Random random = new Random(SEED);
        for (Form form : forms.values()) {
            if (form.isFile()) {
                continue;
            }
            for (String field : form.fields().keySet()) {
                for (int n = 0; n < each; n++) {
                    String nonsense = NONSENSE.get(random.nextInt(NONSENSE.size()));
                    Map<String, String> fields = new LinkedHashMap<>(form.fields());
                    fields.put(field, nonsense);
                    send(form, fields, field + "=" + shown(nonsense));
                }
            }
            send(form, Map.of(), "nothing");
        }
        for (String path : paths.values()) {
            for (String id : List.of("x", "1-1-1-1-1", "00000000-0000-0000-0000-000000000000")) {
                if (ID.matcher(path).find()) {
                    check("GET " + path + " " + id, client.get(ID.matcher(path).replaceFirst(id)));
                }
            }
        }
    }

    private static String shown(String nonsense) {
        StringBuilder shown = new StringBuilder();
        nonsense.chars()
                .limit(30)
                .forEach(c -> shown.append(c < 32 || c > 126 ? String.format("\\u%04x", c) : (char) c));
        return shown.toString();
    }

    /** Whoever sends it, it is refused or answered in a sentence, and nobody else's rows are touched. */
    private void isAnsweredWell(Runnable nonsense) {
        Map<String, Long> before = others();
        enter();
        crawl();
        nonsense.run();
        assertThat(wrong.stream().distinct().toList()).isEmpty();
        assertThat(others()).isEqualTo(before);
    }

    /** Files first: forms take away what they hang on. */
    @Test
    void nonsenseInFilesAndFormsIsAnsweredInASentence() {
        isAnsweredWell(() -> {
            sendWhatIsNoFile();
            askForWhatIsNoAddress();
            fuzz(1);
        });
    }

    @Test
    @Tag("slow")
    void muchNonsense() {
        alike = 2;
        isAnsweredWell(() -> fuzz(20));
    }

    private void sendWhatIsNoFile() {
        Random random = new Random(SEED);
        List<byte[]> files = new ArrayList<>();
        files.add(new byte[0]);
        byte[] noise = new byte[5000];
        random.nextBytes(noise);
        files.add(noise);
        for (String text : List.of(
                "{",
                "[]",
                "<a>",
                "<?xml version=\"1.0\"?><!DOCTYPE a [<!ENTITY b SYSTEM \"file:///etc/passwd\">]><a>&b;</a>",
                "name;L;a;b\nx;9999;0;0",
                "name,hex\nOat,#zz",
                "CGATS.17\nNUMBER_OF_SETS 1e9\nBEGIN_DATA\n",
                "BEGIN_DATA_FORMAT\nLAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n9999 -500 0\nEND_DATA",
                "PK\u0003\u0004 no zip",
                "\u0000\u0000")) {
            files.add(text.getBytes(StandardCharsets.UTF_8));
        }
        for (Form form : forms.values()) {
            if (!form.isFile()) {
                continue;
            }
            for (byte[] file : files) {
                for (String name : form.fields().keySet()) {
                    check("upload " + pattern(form.action()), client.upload(form.action(), name, file));
                }
            }
            check(
                    "not multipart " + pattern(form.action()),
                    client.post(form.action(), Map.of("file", "x", "photo", "y")));
        }
    }

    private void askForWhatIsNoAddress() {
        for (String path : List.of(
                "/error", "/%00", "/find?q=%ZZ", "/flats/%E0%A4%A", "/login?error=%00&wait=9999999", "/plan?zoom=x")) {
            int status = SignedInClient.raw(port, path);
            if (status >= 500) {
                wrong.add("GET " + path + " → " + status);
            }
        }
    }
}

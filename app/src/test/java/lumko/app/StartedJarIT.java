package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.awaitility.core.ConditionFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What is delivered, started as it is: which beans there are was settled when it was built, and most of them are made only when a
 * page asks for them. The other tests run neither.
 */
class StartedJarIT {
    private static final Pattern LINK = Pattern.compile("(?:href|hx-get)=\"(/[^\"#]*)\"");
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}-[0-9a-f-]{27}");

    /** What is done in the background begins seconds after the first page, whenever there is a processor free for it. */
    private static final ConditionFactory BEHIND_IT = Awaitility.await().atMost(Duration.ofMinutes(2));

    private final TestDatabase.Access database = TestDatabase.another("jar");

    /** One page of each kind that is linked from the first one, and one mark; then the same database without demo and settings. */
    @Test
    void doesAsItsSettingsSayWhenItStarts(@TempDir Path backups) throws Exception {
        Copy copy = Copy.ofJar(
                database,
                "--lumko.demo=true",
                "--lumko.sensor=simulated",
                "--lumko.behind-proxy=true",
                "--lumko.backup.folder=" + backups);
        try {
            copy.awaitFirstPage();
            SignedInClient lead = SignedInClient.of(copy.port(), "mirela");
            assertThat(kindsOfPages(lead)).hasSizeGreaterThan(40);
            String wall = Copy.plainWalls(database).getFirst();
            Map<String, String> nail =
                    Map.of("id", UUID.randomUUID().toString(), "kind", "NAIL_HOLE", "leftMm", "400", "upMm", "1200");
            assertThat(lead.post(wall + "/marks", nail).statusCode()).isEqualTo(200);
            assertThat(lead.get(openSheet()).body()).contains("id=\"sensor\"");
            assertThat(redirectedTo(copy)).startsWith("https://lumko.example/");
            BEHIND_IT.until(this::isBackupPlanned);
        } finally {
            copy.kill();
        }

        Copy plain = Copy.ofJar(database);
        try {
            plain.awaitFirstPage();
            assertThat(SignedInClient.nobody(plain.port()).get("/login").body()).doesNotContain("/demo/enter");
            assertThat(redirectedTo(plain)).doesNotContain("lumko.example");
            BEHIND_IT.until(() -> !isBackupPlanned());
        } finally {
            plain.kill();
        }
    }

    /** Every kind of page that is found by links answers well. */
    private static Set<String> kindsOfPages(SignedInClient client) {
        Set<String> kinds = new HashSet<>(Set.of("/"));
        Deque<String> ahead = new ArrayDeque<>(Set.of("/"));
        while (!ahead.isEmpty()) {
            String path = ahead.remove();
            HttpResponse<String> answer = client.get(path);
            assertThat(answer.statusCode()).as(path).isLessThan(400);
            if (!answer.headers().firstValue("Content-Type").orElse("").startsWith("text/html")) {
                continue;
            }
            Matcher link = LINK.matcher(answer.body());
            while (link.find()) {
                String found = link.group(1).replace("&amp;", "&");
                if (kinds.add(ID.matcher(found).replaceAll("ID").replaceAll("=[^&]*", "="))) {
                    ahead.add(found);
                }
            }
        }
        return kinds;
    }

    private static String redirectedTo(Copy copy) throws IOException, InterruptedException {
        try (HttpClient client = HttpClient.newHttpClient()) {
            HttpRequest asked = HttpRequest.newBuilder(URI.create("http://localhost:" + copy.port() + "/"))
                    .header("Accept", "text/html")
                    .header("X-Forwarded-Proto", "https")
                    .header("X-Forwarded-Host", "lumko.example")
                    .build();
            return client.send(asked, HttpResponse.BodyHandlers.discarding())
                    .headers()
                    .firstValue("Location")
                    .orElseThrow();
        }
    }

    private String openSheet() throws SQLException {
        return "/sheets/" + one("select id::text from sheet where closed_at is null order by id limit 1");
    }

    private boolean isBackupPlanned() throws SQLException {
        return one("select exists(select from scheduled_tasks where task_name = 'daily-backup')::text")
                .equals("true");
    }

    private String one(String sql) throws SQLException {
        try (var connection = DriverManager.getConnection(database.url(), database.user(), database.password());
                var statement = connection.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            assertThat(row.next()).isTrue();
            return row.getString(1);
        }
    }
}

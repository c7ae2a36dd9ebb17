package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Two copies of the application on one database, each a process of its own; one is killed while both are at work. */
@Tag("slow")
class TwoCopiesTest {
    private static final int WRITERS = 4;
    private static final int MARKS_EACH = 60;
    private static final int KILLED_AFTER = 60;

    private final TestDatabase.Access database = TestDatabase.anotherDemo("two_copies");
    private final List<Copy> copies = new ArrayList<>();

    @BeforeEach
    void start() throws Exception {
        copies.add(Copy.of(database));
        copies.add(Copy.of(database));
        for (Copy copy : copies) {
            copy.awaitFirstPage();
        }
    }

    @AfterEach
    void stop() {
        copies.forEach(Copy::kill);
    }

    private static void await(Duration most, Callable<Boolean> condition) {
        Awaitility.await().atMost(most).until(condition);
    }

    private long count(String sql) throws SQLException {
        try (var connection = DriverManager.getConnection(database.url(), database.user(), database.password());
                var statement = connection.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getLong(1);
        }
    }

    @Test
    void whatOneKnowsTheOtherKnowsAndNothingIsLostWithOneOfThem() throws Exception {
        Copy one = copies.get(0);
        Copy other = copies.get(1);
        SignedInClient atOne = SignedInClient.of(one.port(), "mirela");
        // a session is everybody's
        SignedInClient atOther = atOne.at(other.port());
        assertThat(atOther.get("/").body()).contains("Mirela Oduya", "Ropewalk Court");
        aColourAddedHereIsSeenThere(atOne, atOther);
        aTickHereIsToldThere(atOne, atOther);
        List<String> walls = Copy.plainWalls(database);
        long searches = count("select count(*) from plan_search");

        Map<UUID, Boolean> acknowledged = Collections.synchronizedMap(new java.util.HashMap<>());
        AtomicInteger unanswered = new AtomicInteger();
        try (ExecutorService hands = Executors.newFixedThreadPool(WRITERS)) {
            List<Future<?>> writers = new ArrayList<>();
            for (int writer = 0; writer < WRITERS; writer++) {
                int own = writer;
                writers.add(hands.submit(() -> {
                    for (int n = 0; n < MARKS_EACH; n++) {
                        UUID id = UUID.randomUUID();
                        String path = walls.get((own * MARKS_EACH + n) % walls.size()) + "/marks";
                        SignedInClient first = (own + n) % 2 == 0 ? atOne : atOther;
                        if (isSet(first, path, id, unanswered) || isSet(atOther, path, id, unanswered)) {
                            acknowledged.put(id, true);
                        }
                    }
                }));
            }
            await(Duration.ofMinutes(1), () -> acknowledged.size() >= KILLED_AFTER);
            atOne.post("/plan/search", Map.of());
            one.kill();
            for (Future<?> writer : writers) {
                writer.get();
            }
        } catch (ExecutionException failed) {
            throw new AssertionError(failed.getCause());
        }
        assertThat(acknowledged).hasSize(WRITERS * MARKS_EACH);
        String ids = String.join(
                ",", acknowledged.keySet().stream().map(id -> "'" + id + "'").toList());
        assertThat(count("select count(*) from mark where id in (" + ids + ")")).isEqualTo(acknowledged.size());
        assertThat(count("select count(*) from event where kind = 'MARK_SET' and mark_id in (" + ids + ")"))
                .as("each is told once")
                .isEqualTo(acknowledged.size());

        // whoever is left does what was asked for, once
        await(Duration.ofMinutes(2), () -> count("select count(*) from plan_search where ended_at is null") == 0);
        assertThat(count("select count(*) from plan_search")).isEqualTo(searches + 1);
        assertThat(count("select count(*) from plan_search where state <> 'DONE'"))
                .isZero();
        assertThat(atOther.get("/plan").statusCode()).isEqualTo(200);
    }

    private static boolean isSet(SignedInClient client, String path, UUID id, AtomicInteger unanswered) {
        try {
            return client.post(path, Map.of("id", id.toString(), "kind", "NAIL_HOLE", "leftMm", "400", "upMm", "1200"))
                            .statusCode()
                    == 200;
        } catch (UncheckedIOException gone) {
            unanswered.incrementAndGet();
            return false;
        }
    }

    private static void aColourAddedHereIsSeenThere(SignedInClient here, SignedInClient there) {
        assertThat(there.get("/paints").body()).doesNotContain("Ferry Rope");
        HttpResponse<String> added =
                here.post("/paints/colours", Map.of("colourName", "Ferry Rope", "screen", "#c9b58f"));
        assertThat(added.statusCode()).isLessThan(400);
        assertThat(there.get("/paints").body()).contains("Ferry Rope");
    }

    private static void aTickHereIsToldThere(SignedInClient here, SignedInClient there) {
        Matcher sheet = Pattern.compile("href=\"(/sheets/[0-9a-f-]+)\"")
                .matcher(here.get("/").body());
        assertThat(sheet.find()).isTrue();
        String before = there.get(sheet.group(1) + "/pulse").body();
        assertThat(here.post(sheet.group(1) + "/notes", Map.of("note", "the key is with the porter"))
                        .statusCode())
                .isLessThan(400);
        assertThat(there.get(sheet.group(1) + "/pulse").body()).isNotEqualTo(before);
    }
}

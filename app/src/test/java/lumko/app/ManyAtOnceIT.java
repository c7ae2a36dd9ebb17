package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Twenty sessions of people who walk walls and tick steps for a minute, from a cold start on of what is delivered and run, with the
 * cache of a start. How long the answers take is told, not held: it is the machine's speed in that minute.
 */
@Tag("slow")
class ManyAtOnceIT {
    private static final int PEOPLE = 20;
    private static final Duration FOR = Duration.ofSeconds(60);
    /** Between one tap and the next, of one person. */
    private static final Duration THINKING = Duration.ofMillis(800);

    private static final Pattern SHEET = Pattern.compile("href=\"(/sheets/[0-9a-f-]+)\"");
    private static final Pattern STEP = Pattern.compile("(/steps/[0-9a-f-]{36})/(?:tick|read)");

    private final TestDatabase.Access database = TestDatabase.anotherDemo("many_at_once");
    private final List<Double> millis = Collections.synchronizedList(new ArrayList<>());
    private final List<String> refused = Collections.synchronizedList(new ArrayList<>());

    /** A request, timed; what is no answer to it is remembered. */
    private String ask(String what, Supplier<HttpResponse<String>> request) {
        long before = System.nanoTime();
        try {
            HttpResponse<String> answer = request.get();
            millis.add((System.nanoTime() - before) / 1e6);
            if (answer.statusCode() >= 400) {
                refused.add(
                        what + ": " + answer.statusCode() + " " + answer.body().replaceAll("\\s+", " "));
            }
            return answer.body();
        } catch (RuntimeException cut) {
            refused.add(what + ": " + cut);
            return "";
        }
    }

    private void walk(SignedInClient person, List<String> walls, int own, Instant until) throws InterruptedException {
        for (int n = 0; Instant.now().isBefore(until); n++) {
            String wall = walls.get((own + n / 6 * PEOPLE) % walls.size());
            if (n % 6 == 0) {
                ask("wall", () -> person.get(wall + "/walk"));
            } else {
                Map<String, String> mark = Map.of(
                        "id", UUID.randomUUID().toString(),
                        "kind", "NAIL_HOLE",
                        "leftMm", String.valueOf(300 + 60 * (n % 6)),
                        "upMm", String.valueOf(900 + own));
                ask("mark", () -> person.post(wall + "/marks", mark));
            }
            Thread.sleep(THINKING);
        }
    }

    /** Each their own step, ticked and taken back again. */
    private void tick(SignedInClient person, int own, Instant until) throws InterruptedException {
        Matcher sheet = SHEET.matcher(ask("front", () -> person.get("/")));
        assertThat(sheet.find()).isTrue();
        List<String> steps = STEP.matcher(ask("sheet", () -> person.get(sheet.group(1))))
                .results()
                .map(each -> each.group(1))
                .distinct()
                .toList();
        String step = steps.get(own % steps.size());
        ask("read", () -> person.post(step + "/read", Map.of()));
        while (Instant.now().isBefore(until)) {
            ask("tick", () -> person.post(step + "/tick", Map.of("why", "pale all over")));
            Thread.sleep(THINKING);
            ask("untick", () -> person.post(step + "/untick", Map.of()));
            Thread.sleep(THINKING);
            ask("pulse", () -> person.get(sheet.group(1) + "/pulse"));
        }
    }

    private Copy start(Path work) throws IOException, InterruptedException {
        Path folder = work.resolve("lumko");
        run(
                work,
                Copy.javaHome().resolve("bin/java").toString(),
                "-Djarmode=tools",
                "-jar",
                "target/lumko.jar",
                "extract",
                "--destination",
                folder.toString());
        run(
                work,
                "../bin/fast-start.sh",
                folder.toString(),
                work.resolve("cache.log").toString());
        assertThat(folder.resolve("start.aot")).exists();
        return Copy.ofFolder(database, folder);
    }

    private static void run(Path work, String... command) throws IOException, InterruptedException {
        assertThat(Copy.start(List.of(command), work.resolve("prepared.log")).waitFor())
                .describedAs(command[0])
                .isZero();
    }

    @Test
    void nobodyIsTurnedAway(@TempDir Path work) throws Exception {
        Copy cold = start(work);
        try (ExecutorService people = Executors.newFixedThreadPool(PEOPLE)) {
            List<String> walls = Copy.plainWalls(database);
            cold.awaitFirstPage();
            Instant until = Instant.now().plus(FOR);
            List<Future<?>> all = new ArrayList<>();
            for (int each = 0; each < PEOPLE; each++) {
                int own = each;
                all.add(people.submit(() -> {
                    SignedInClient person = SignedInClient.of(cold.port(), "mirela");
                    if (own % 4 == 0) {
                        tick(person, own / 4, until);
                    } else {
                        walk(person, walls, own, until);
                    }
                    return null;
                }));
            }
            for (Future<?> each : all) {
                each.get();
            }
        } finally {
            cold.kill();
        }
        double[] sorted = millis.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        double half = sorted[sorted.length / 2];
        double most = sorted[sorted.length * 95 / 100];
        System.out.printf(
                "%d answers, half within %.0f ms, 95 %% within %.0f ms, %.1f times%n",
                sorted.length, half, most, most / half);
        assertThat(refused).isEmpty();
        assertThat(sorted.length).isGreaterThan(PEOPLE * 20);
    }
}

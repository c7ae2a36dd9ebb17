package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.house.Flat;
import lumko.app.walk.Walks;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What only the real server with its sessions and filters does. */
class OverHttpTest extends ApplicationTest {
    @Autowired
    JsonMapper json;

    @Autowired
    JdbcClient jdbc;

    @Autowired
    People people;

    @Autowired
    Walks walks;

    private SignedInClient as(String login) {
        return SignedInClient.of(port, login);
    }

    @Nested
    class WhatIsServed {
        @Test
        void scriptsAndStylesAreKeptForGoodUnderAnAddressOfTheirOwn() {
            SignedInClient client = as("mirela");
            String page = client.get("/").body();
            String style = page.replaceAll("(?s).*href=\"(/v-[0-9a-f]+/css/app.css)\".*", "$1");
            HttpResponse<String> answer = client.get(style);
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.headers().firstValue("Cache-Control"))
                    .hasValueSatisfying(kept -> assertThat(kept).contains("max-age=31536000", "immutable"));
            String root = style.replace("/css/app.css", "");
            // what a script imports is beside it
            assertThat(client.get(root + "/js/walk/choosing.js").statusCode()).isEqualTo(200);
            assertThat(client.get("/v-0/js/app.js").statusCode()).isEqualTo(404);
        }

        @Test
        void whoTakesAnythingIsAskedToSignIn() {
            HttpResponse<byte[]> answer = SignedInClient.nobody(port).bytes("/");
            assertThat(answer.statusCode()).isEqualTo(302);
            assertThat(answer.headers().firstValue("Location"))
                    .hasValueSatisfying(where -> assertThat(where).endsWith("/login"));
        }
    }

    @Nested
    class OnASlowLine {
        private static final int SLOW = 20;

        /** Somebody who has said how much will come, and has sent half of it. */
        private Socket half() throws IOException {
            Socket socket = new Socket("localhost", port);
            socket.getOutputStream()
                    .write(
                            ("POST /login HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                                            + "Content-Length: 39\r\n\r\nusername=somebody")
                                    .getBytes(StandardCharsets.US_ASCII));
            return socket;
        }

        @Test
        void formsThatArriveInPiecesHoldNobodyUp() throws Exception {
            List<Socket> slow = new ArrayList<>();
            try {
                for (int n = 0; n < SLOW; n++) {
                    slow.add(half());
                }
                Thread.sleep(500);
                SignedInClient quick = as("mirela");
                assertThat(CompletableFuture.supplyAsync(
                                () -> quick.get("/store").statusCode()))
                        .succeedsWithin(Duration.ofSeconds(10))
                        .isEqualTo(200);
                for (Socket each : slow) {
                    each.getOutputStream().write("&password=of-somebodys".getBytes(StandardCharsets.US_ASCII));
                }
                for (Socket each : slow) {
                    String answer = new BufferedReader(
                                    new InputStreamReader(each.getInputStream(), StandardCharsets.US_ASCII))
                            .readLine();
                    assertThat(answer).contains(" 403 ");
                }
            } finally {
                for (Socket each : slow) {
                    each.close();
                }
            }
        }

        @Test
        void whatIsTypedIsReadLetterByLetterAllTheSame() {
            SignedInClient client = as("mirela");
            assertThat(client.post("/houses", Map.of("houseName", "Grün Æ 木", "builtYear", "teatime", "roof", "FLAT"))
                            .body())
                    .contains("Grün Æ 木");
        }
    }

    @Nested
    class TakenWithYou {
        @Test
        void theWholeRecordAsJson() {
            HttpResponse<byte[]> answer = as("mirela").bytes("/exchange/lumko-record.json");
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.headers().firstValue("Content-Disposition"))
                    .hasValueSatisfying(name -> assertThat(name).contains("lumko-record.json"));
            JsonNode document = json.readTree(answer.body());
            assertThat(document.at("/tables/surface")).hasSizeGreaterThan(100);
            assertThat(document.at("/tables/person").toString()).doesNotContain("password");
        }

        @Test
        void theWholeRecordAsTables() throws IOException {
            List<String> names = new ArrayList<>();
            HttpResponse<byte[]> answer = as("mirela").bytes("/exchange/lumko-record.zip");
            assertThat(answer.statusCode()).isEqualTo(200);
            try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(answer.body()))) {
                for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                    names.add(entry.getName());
                    assertThat(entry.getName().equals("surface.csv") ? zip.readAllBytes().length : 1)
                            .isPositive();
                }
            }
            assertThat(names).contains("surface.csv", "mark.csv", "event.csv");
        }

        @ParameterizedTest
        @CsvSource({
            "colours.cgats, NUMBER_OF_SETS",
            "colours.cxf, CxF",
            "colours.csv, Oat Husk",
            "surfaces.csv, Ropewalk Court",
            "surfaces.json, Ropewalk Court",
            "tins.csv, Hearth Matt",
            "tins.json, Hearth Matt"
        })
        void everyOtherExport(String file, String holds) {
            HttpResponse<String> answer = as("jonas").get("/exchange/lumko-" + file);
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.body()).contains(holds);
        }

        @Test
        void theWholeRecordIsTheLeads() {
            assertThat(as("jonas").get("/exchange/lumko-record.json").statusCode())
                    .isEqualTo(403);
        }
    }

    @Nested
    class AMark {
        private Map<String, String> nail(UUID id) {
            return Map.of("id", id.toString(), "kind", "NAIL_HOLE", "leftMm", "900", "upMm", "1500");
        }

        @Test
        void isSetAndTheWallAnswers() {
            Flat flat = freshFlat("Ropewalk Court");
            HttpResponse<String> answer =
                    as("jonas").post("/walls/" + wall(flat, 0).id() + "/marks", nail(UUID.randomUUID()));
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.body()).contains("class=\"live\"", "data-row=");
        }

        /** A device that is not sure whether a mark has arrived sends it again, also while the first is on its way. */
        @Test
        void sentManyTimesAtOnceIsOneMarkAndEachTimeSuccess() throws Exception {
            Flat flat = freshFlat("Ropewalk Court");
            String path = "/walls/" + wall(flat, 0).id() + "/marks";
            SignedInClient jonas = as("jonas");
            UUID id = UUID.randomUUID();
            try (ExecutorService pool = Executors.newFixedThreadPool(6)) {
                List<Callable<Integer>> repeats = new ArrayList<>();
                for (int n = 0; n < 6; n++) {
                    repeats.add(() -> jonas.post(path, nail(id)).statusCode());
                }
                for (Future<Integer> status : pool.invokeAll(repeats)) {
                    assertThat(status.get()).isEqualTo(200);
                }
            }
            assertThat(asLead(() -> walks.wall(wall(flat, 0).id())).marks()).hasSize(1);
        }

        @Test
        void changedTheSameWayAtOnceIsOneChangeAndEachTimeSuccess() throws Exception {
            Flat flat = freshFlat("Ropewalk Court");
            SignedInClient jonas = as("jonas");
            UUID id = UUID.randomUUID();
            jonas.post("/walls/" + wall(flat, 0).id() + "/marks", nail(id));
            Map<String, String> wider = Map.of("version", "0", "acrossMm", "3", "upwardMm", "3", "depthMm", "0");
            try (ExecutorService pool = Executors.newFixedThreadPool(4)) {
                List<Callable<Integer>> repeats = new ArrayList<>();
                for (int n = 0; n < 4; n++) {
                    repeats.add(
                            () -> jonas.post("/marks/" + id + "/measure", wider).statusCode());
                }
                for (Future<Integer> status : pool.invokeAll(repeats)) {
                    assertThat(status.get()).isEqualTo(200);
                }
            }
            assertThat(jonas.post("/marks/" + id + "/measure", Map.of("version", "0", "acrossMm", "2", "depthMm", "0"))
                            .statusCode())
                    .isEqualTo(409);
        }
    }

    @Nested
    class WhoMayStay {
        private String somebody(Role role) {
            String login = "temp-" + UUID.randomUUID();
            asLead(() -> people.add("Tove Brandt", login, "long enough to be safe", role));
            return login;
        }

        private SignedInClient signedIn(String login) {
            SignedInClient client = SignedInClient.nobody(port);
            client.signIn(login, "long enough to be safe");
            assertThat(client.get("/").body()).contains("Tove Brandt");
            return client;
        }

        /** Whoever knew the token of the page before must not act for who has signed in since. */
        @Test
        void aTokenFromBeforeSigningInIsNotGoodAfterwards() {
            assertThat(SignedInClient.entered(port, "mirela")
                            .post("/plan/search", Map.of())
                            .statusCode())
                    .isEqualTo(403);
            String login = somebody(Role.LEAD);
            SignedInClient client = SignedInClient.nobody(port);
            client.signIn(login, "long enough to be safe");
            assertThat(client.post("/plan/search", Map.of()).statusCode()).isEqualTo(403);
            client.renewToken();
            assertThat(client.post("/plan/search", Map.of()).statusCode()).isNotEqualTo(403);
        }

        @ParameterizedTest
        @ValueSource(strings = {"active = false", "password_hash = '{bcrypt}another'"})
        void whoIsDeactivatedOrGotAnotherPasswordIsOutAtOnce(String change) {
            String login = somebody(Role.PAINTER);
            SignedInClient client = signedIn(login);
            jdbc.sql("update person set " + change + " where login = :login")
                    .param("login", login)
                    .update();
            assertThat(client.get("/").headers().firstValue("Location"))
                    .hasValueSatisfying(where -> assertThat(where).endsWith("/login"));
        }

        @Test
        void anotherRoleHoldsFromTheNextRequestOn() {
            String login = somebody(Role.LEAD);
            SignedInClient client = signedIn(login);
            assertThat(client.get("/exchange/lumko-record.json").statusCode()).isEqualTo(200);
            jdbc.sql("update person set role = 'OFFICE' where login = :login")
                    .param("login", login)
                    .update();
            assertThat(client.get("/exchange/lumko-record.json").statusCode()).isEqualTo(403);
        }

        @Test
        void nothingSecretLiesInTheSession() {
            signedIn(somebody(Role.PAINTER));
            List<byte[]> kept = jdbc.sql("select attribute_bytes from spring_session_attributes")
                    .query((row, number) -> row.getBytes(1))
                    .list();
            assertThat(kept)
                    .isNotEmpty()
                    .allSatisfy(bytes -> assertThat(new String(bytes, java.nio.charset.StandardCharsets.ISO_8859_1))
                            .doesNotContain("bcrypt"));
        }
    }

    @Nested
    class AFile {
        @Test
        void ofSomebodyWhoIsNotSignedInIsNotTaken() {
            HttpResponse<String> answer = SignedInClient.nobody(port).upload("/exchange", "file", new byte[100_000]);
            assertThat(answer.statusCode()).isEqualTo(302);
            assertThat(answer.headers().firstValue("Location"))
                    .hasValueSatisfying(where -> assertThat(where).endsWith("/login"));
        }

        @Test
        void ofTheOfficeIsNotTaken() {
            assertThat(as("tobias")
                            .upload("/exchange", "file", "a,b".getBytes())
                            .statusCode())
                    .isEqualTo(403);
        }

        @Test
        void largerThanItMayBeIsNamedWithItsSize() {
            HttpResponse<String> answer = as("jonas").upload("/exchange", "file", new byte[6_200_000]);
            assertThat(answer.statusCode()).isEqualTo(422);
            assertThat(answer.body()).contains("at the most 5 MB, this one has 6.2 MB");
        }

        @Test
        void ofARecordIsTheLeads() {
            assertThat(as("jonas")
                            .upload("/exchange/record", "file", "{}".getBytes())
                            .statusCode())
                    .isEqualTo(403);
        }
    }

    @Test
    void aPageThatStoodOpenGetsANewToken() {
        assertThat(as("jonas").get("/token").body())
                .contains("\"token\"", member("jonas").personId().toString());
        assertThat(SignedInClient.nobody(port).get("/token").headers().firstValue("Location"))
                .hasValueSatisfying(where -> assertThat(where).endsWith("/login"));
    }

    @Test
    void readinessAsksTheDatabase() {
        assertThat(SignedInClient.nobody(port).get("/actuator/health/readiness").body())
                .contains("UP");
        assertThat(environment.getProperty("management.endpoint.health.group.readiness.include"))
                .contains("db");
    }

    @Autowired
    org.springframework.core.env.Environment environment;
}

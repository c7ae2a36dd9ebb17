package lumko.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.account.Member;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.house.OffRecord;
import lumko.app.house.Roof;
import lumko.app.platform.NotNowException;
import lumko.app.platform.UnitSystem;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** In an organisation of its own, over the real server where it is about who is let in. */
class PeopleTest extends ApplicationTest {
    private static final String FIRST = "gulls over the salt works";
    private static final String OWN = "three lamps by the weir";

    @Autowired
    People people;

    @Autowired
    OffRecord offRecord;

    private Member founded() {
        return accounts.found(
                "Quay Trust", UnitSystem.METRIC, "Europe/London", "Ada Marsh", "ada-" + UUID.randomUUID(), FIRST);
    }

    private UUID painter(Member by, String login) {
        return as(by, () -> people.add("Finn Lowe", login, FIRST, Role.PAINTER));
    }

    private People.Colleague colleague(Member by, UUID id) {
        return as(by, people::all).stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private MvcTestResult post(Member by, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(by)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    private static String location(HttpResponse<String> answer) {
        return answer.headers().firstValue("location").orElse("");
    }

    private String happened(Member by) throws Exception {
        return mvc.get().uri("/history").with(user(by)).exchange().getResponse().getContentAsString();
    }

    @Test
    void whoLeavesIsOutAtOnceAndMayComeBack() throws Exception {
        Member ada = founded();
        String login = "finn-" + UUID.randomUUID();
        UUID finn = painter(ada, login);
        SignedInClient client = SignedInClient.nobody(port);
        client.signIn(login, FIRST);
        assertThat(client.get("/").body()).contains("Finn Lowe");
        Map<String, String> leaves = Map.of("name", "Finn Lowe", "role", "PAINTER", "version", "0");
        assertThat(post(ada, "/people/" + finn, leaves)).hasStatus(302);
        assertThat(location(client.get("/"))).endsWith("/login");
        assertThat(location(SignedInClient.nobody(port).signIn(login, FIRST))).endsWith("/login?error");
        // noted beside the answer
        Awaitility.await()
                .untilAsserted(() -> assertThat(happened(ada)).contains("no longer here", "could not sign in"));
        assertThat(post(ada, "/people/" + finn, leaves)).as("seen as it was").hasStatus(409);
        assertThat(post(
                        ada,
                        "/people/" + finn,
                        Map.of("name", "Finn Low", "role", "OFFICE", "active", "yes", "version", "1")))
                .hasStatus(302);
        assertThat(colleague(ada, finn))
                .extracting(People.Colleague::name, People.Colleague::role, People.Colleague::active)
                .containsExactly("Finn Low", Role.OFFICE, true);
        assertThat(happened(ada)).contains("here again", "Finn Lowe, painter → Finn Low, office");
    }

    @Test
    void nobodyTakesThemselvesOutAndSomebodyHasToLead() {
        Member ada = founded();
        String path = "/people/" + ada.personId();
        Map<String, String> paints = Map.of("name", "Ada Marsh", "role", "PAINTER", "active", "yes", "version", "0");
        assertThat(post(ada, path, paints)).hasStatus(409).bodyText().contains("another lead decides");
        assertThat(post(ada, path + "/password", Map.of()))
                .hasStatus(409)
                .bodyText()
                .contains("you choose yourself");
        assertThatThrownBy(() -> as(ada, () -> {
                    people.change(ada.personId(), "Ada Marsh", Role.LEAD, false, 0);
                    return ada;
                }))
                .isInstanceOf(NotNowException.class);
        assertThat(post(ada, path, Map.of("name", "Ada Mersh", "role", "LEAD", "active", "yes", "version", "0")))
                .hasStatus(302);
        assertThat(colleague(ada, ada.personId()))
                .extracting(People.Colleague::name, People.Colleague::role)
                .containsExactly("Ada Mersh", Role.LEAD);
        UUID finn = painter(ada, "finn-" + UUID.randomUUID());
        assertThat(post(
                        ada,
                        "/people/" + finn,
                        Map.of("name", "Finn", "role", "LEAD", "active", "yes", "version", "0")))
                .hasStatus(302);
        Member second = accounts.find(finn).orElseThrow();
        assertThat(post(second, path, Map.of("name", "Ada Mersh", "role", "PAINTER", "active", "yes", "version", "1")))
                .hasStatus(302);
    }

    @Test
    void onlyTheLeadOfTheSameOrganisationChangesAnybody() {
        Member ada = founded();
        UUID finn = painter(ada, "finn-" + UUID.randomUUID());
        Map<String, String> to = Map.of("name", "Nobody", "role", "LEAD", "active", "yes", "version", "0");
        assertThat(post(member("jonas"), "/people/" + finn, to)).hasStatus(403);
        assertThat(post(member("mirela"), "/people/" + finn, to)).hasStatus(404);
        assertThat(post(member("mirela"), "/people/" + finn + "/password", Map.of()))
                .hasStatus(404);
        assertThat(mvc.get().uri("/history").with(user(member("jonas")))).hasStatus(403);
        assertThat(colleague(ada, finn).name()).isEqualTo("Finn Lowe");
    }

    @Test
    void aGivenPasswordOpensNothingButTheChoiceOfAnOwnOne() throws Exception {
        Member ada = founded();
        String login = "finn-" + UUID.randomUUID();
        UUID finn = painter(ada, login);
        SignedInClient before = SignedInClient.nobody(port);
        before.signIn(login, FIRST);
        String page = post(ada, "/people/" + finn + "/password", Map.of())
                .getResponse()
                .getContentAsString();
        Matcher given = Pattern.compile("id=\"given\">([a-z0-9-]{19})<").matcher(page);
        assertThat(given.find()).isTrue();
        assertThat(location(before.get("/"))).as("is out where they were").endsWith("/login");

        SignedInClient client = SignedInClient.nobody(port);
        assertThat(location(client.signIn(login, FIRST))).contains("error");
        client.signIn(login, given.group(1));
        assertThat(location(client.get("/"))).endsWith("/password");
        assertThat(location(client.get("/store"))).endsWith("/password");
        assertThat(client.get("/password").body()).contains("Choose one of your own");
        client.renewTokenOf("/password");
        assertThat(client.post("/password", Map.of("old-password", given.group(1), "password", given.group(1)))
                        .body())
                .contains("choose another");
        assertThat(client.post("/password", Map.of("old-password", FIRST, "password", OWN))
                        .statusCode())
                .isEqualTo(422);
        client.post("/password", Map.of("old-password", given.group(1), "password", OWN));
        assertThat(client.get("/").body()).contains("Finn Lowe");
        assertThat(happened(ada)).contains("one-time password given", "password changed");
    }

    @ParameterizedTest
    @ValueSource(strings = {"passwordpassword", "123456789012", "qwertyuiopas", "password1234"})
    void whatIsTriedFirstIsNoPassword(String easy) {
        Member ada = founded();
        assertThat(post(
                        ada,
                        "/people",
                        Map.of(
                                "name",
                                "Finn Lowe",
                                "login",
                                "f-" + UUID.randomUUID(),
                                "password",
                                easy,
                                "role",
                                "PAINTER")))
                .hasStatus(422)
                .bodyText()
                .contains("among the first that are tried");
    }

    @Test
    void whoWasLetInWithoutAPasswordHasNoneToChange() {
        assertThat(mvc.get().uri("/password").with(user(member("jonas"))))
                .bodyText()
                .contains("You came in without a password");
    }

    private UUID house(Member by, String name) {
        return as(by, () -> recording.addHouse(name, 1962, Roof.FLAT, false));
    }

    private String page(Member by, String path, boolean isUpdate) throws Exception {
        var request = mvc.get().uri(path).with(user(by));
        if (isUpdate) {
            request.header("HX-Request", "true");
        }
        return request.exchange().getResponse().getContentAsString();
    }

    private static int count(String page, String what) {
        return page.split(what, -1).length - 1;
    }

    @Test
    void ofManyHousesItIsToldWhichSomebodyLooksAfterAndTheRestIsAskedFor() throws Exception {
        Member ada = founded();
        UUID finn = painter(ada, "finn-" + UUID.randomUUID());
        UUID first = house(ada, "Quay 1");
        String path = "/people/" + finn + "/houses";
        assertThat(count(page(ada, "/people", false), "name=\"house\"")).isEqualTo(1);
        List<UUID> more =
                IntStream.range(2, 14).mapToObj(n -> house(ada, "Quay " + n)).toList();
        assertThat(page(ada, "/people", false))
                .contains("looks after no house yet")
                .doesNotContain("name=\"house\"");
        assertThat(count(page(ada, path, true), "name=\"house\"")).isEqualTo(13);
        assertThat(count(page(ada, path, false), "name=\"house\""))
                .as("without scripts")
                .isEqualTo(13);
        var save = mvc.post()
                .uri(path)
                .with(user(ada))
                .with(csrf())
                .param("house", more.stream().limit(8).map(UUID::toString).toArray(String[]::new));
        assertThat(save.exchange()).hasStatus(302);
        assertThat(page(ada, "/people", false))
                .contains("looks after Quay 2, Quay 3, Quay 4, Quay 5, Quay 6, Quay 7 and 2 more");
        assertThat(post(ada, path, Map.of("house", first.toString()))).hasStatus(302);
        assertThat(colleague(ada, finn).houses()).containsExactly(first);
        assertThat(happened(ada))
                .contains("Finn Lowe now looks after Quay 1", "Finn Lowe no longer looks after Quay 2, Quay 3");
    }

    @Test
    void aHouseGivenUpStaysWithWhoLookedAfterIt() {
        Member ada = founded();
        UUID finn = painter(ada, "finn-" + UUID.randomUUID());
        UUID left = house(ada, "Old Quay");
        UUID stays = house(ada, "New Quay");
        String path = "/people/" + finn + "/houses";
        assertThat(post(ada, path, Map.of("house", left.toString()))).hasStatus(302);
        as(ada, () -> {
            offRecord.closeHouse(left);
            return left;
        });
        assertThat(post(ada, path, Map.of("house", stays.toString()))).hasStatus(302);
        assertThat(colleague(ada, finn).houses()).containsExactlyInAnyOrder(left, stays);
        assertThat(post(ada, path, Map.of("house", left.toString()))).hasStatus(404);
    }
}

package lumko.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import jakarta.servlet.http.Cookie;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import lumko.app.TestDatabase;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** An empty database and no demo: the first page makes the organisation and its first person, once. */
@SpringBootTest
@AutoConfigureMockMvc
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstRunTest {
    private static final String PASSWORD = "twelve or more";

    @Autowired
    MockMvcTester mvc;

    @Autowired
    Accounts accounts;

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        TestDatabase.Access empty = TestDatabase.another("first");
        registry.add("spring.datasource.url", empty::url);
        registry.add("spring.datasource.username", empty::user);
        registry.add("spring.datasource.password", empty::password);
    }

    private static Map<String, String> answers() {
        return new HashMap<>(Map.of(
                "organisation", "Larch Street Homes",
                "name", "Ilse Marten",
                "login", "ilse",
                "password", PASSWORD,
                "units", "US",
                "zone", "America/New_York"));
    }

    private MvcTestResult found(Map<String, String> fields) {
        var request = mvc.post().uri("/first-run").with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    @Test
    @Order(1)
    void signingInLeadsToTheFirstPage() {
        assertThat(mvc.get().uri("/login")).hasRedirectedUrl("/first-run");
        assertThat(mvc.get().uri("/first-run")).hasStatusOk().bodyText().contains("Begin", "at least 12 characters");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "organisation | ''              | Organisation is missing.",
                "password     | short           | The password needs at least 12 characters.",
                "zone         | Vellin/Harbour  | “Vellin/Harbour” is not a known time zone",
                "units        | CUBITS          | Units must be one of the choices, was “CUBITS”."
            })
    @Order(2)
    void whatCannotBeIsSaidAndNothingIsMade(String field, String value, String sentence) {
        Map<String, String> fields = answers();
        fields.put(field, value);
        assertThat(found(fields)).hasStatus(422).bodyText().contains(sentence).doesNotContain(PASSWORD);
        assertThat(accounts.isFresh()).isTrue();
    }

    @Test
    @Order(3)
    void thenTheLeadIsInAndTheDoorIsShut() {
        MvcTestResult result = found(answers());
        assertThat(result).hasRedirectedUrl("/");
        Cookie session = result.getResponse().getCookies()[0];
        assertThat(mvc.get().uri("/").cookie(session))
                .hasStatusOk()
                .bodyText()
                .contains("No house is on record yet", "Ilse Marten", "Add a house");
        assertThat(accounts.member("ILSE")).satisfies(member -> {
            assertThat(member.role()).isEqualTo(Role.LEAD);
            assertThat(member.toString()).doesNotContain("bcrypt", PASSWORD);
        });
        assertThat(accounts.known("ilse").orElseThrow().passwordHash())
                .startsWith("{bcrypt}")
                .doesNotContain(PASSWORD);
        assertThat(found(answers())).hasRedirectedUrl("/login");
        assertThat(mvc.get().uri("/first-run")).hasRedirectedUrl("/login");
    }

    @Test
    @Order(4)
    void nobodyEntersInOneClickWhereItIsNoDemo() {
        assertThat(mvc.get().uri("/login")).hasStatusOk().bodyText().doesNotContain("Try it as");
        assertThat(mvc.post().uri("/demo/enter").param("login", "mirela").with(csrf()))
                .hasStatus(404);
        assertThat(mvc.post().uri("/demo/enter").param("login", "ilse").with(csrf()))
                .hasStatus(404);
    }

    @Test
    @Order(5)
    void aHouseAFlatAndARoomInFeet() {
        MvcTestResult entered = mvc.post()
                .uri("/login")
                .param("username", "ilse")
                .param("password", PASSWORD)
                .with(csrf())
                .exchange();
        Cookie session = entered.getResponse().getCookies()[0];
        String flats = post(session, "/houses", Map.of("houseName", "Larch 4", "builtYear", "1962", "roof", "FLAT"));
        String flat = post(session, flats + "/flats", Map.of("flatNumber", "1", "floor", "1", "bay", "1"));
        // the next one is offered the next window; what is taken is said where it was typed
        assertThat(mvc.get().uri(flats + "/flats/new").cookie(session))
                .bodyText()
                .contains("name=\"bay\" value=\"2\"");
        assertThat(mvc.post()
                        .uri(flats + "/flats")
                        .param("flatNumber", "1")
                        .param("floor", "1")
                        .param("bay", "1")
                        .cookie(session)
                        .with(csrf()))
                .hasStatus(422)
                .bodyText()
                .contains(
                        "There is a flat 1 in this house already.",
                        "Behind window 1 of that floor is flat 1 already; window 2 is free.");
        post(
                session,
                flat + "/rooms",
                Map.of(
                        "roomName",
                        "Den",
                        "roomKind",
                        "LIVING",
                        "length",
                        "14",
                        "width",
                        "10",
                        "height",
                        "8",
                        "substrate",
                        "GYPSUM_BOARD",
                        "texture",
                        "ORANGE_PEEL"));
        assertThat(mvc.get().uri(flat).cookie(session))
                .hasStatusOk()
                .bodyText()
                .contains("140 ft² floor", "8&#39;0&quot; high", "drywall");
    }

    private String post(Cookie session, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).cookie(session).with(csrf());
        fields.forEach(request::param);
        return Objects.requireNonNull(request.exchange().getResponse().getRedirectedUrl());
    }
}

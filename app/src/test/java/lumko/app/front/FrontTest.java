package lumko.app.front;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lumko.app.ApplicationTest;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.house.House;
import lumko.core.turnover.FlatState;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

class FrontTest extends ApplicationTest {
    @Autowired
    FrontDesk desk;

    @Autowired
    People people;

    @Autowired
    Access access;

    private Map<String, FrontView.WindowDrawing> windows() {
        // other tests add flats until the houses are no picture side by side any more
        return asLead(houses::all).stream()
                .flatMap(house -> asLead(() -> desk.front(Optional.of(house.id()))).facades().stream())
                .distinct()
                .flatMap(facade -> facade.windows().stream()
                        .map(window -> Map.entry(facade.name() + " " + window.number(), window)))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    @ParameterizedTest
    @CsvSource({
        "Ropewalk Court 1, LET, false", "Ropewalk Court 9, NOTICE, false", "Ropewalk Court 3, IN_WORK, false",
        "Ropewalk Court 15, READY, false", "Tern Terrace 2, NOTICE, false", "Tern Terrace 4, IN_WORK, false",
        "Brickfield House 19, EMPTY, false", "Brickfield House 5, EMPTY, false", "Brickfield House 8, CURING, false",
        "Brickfield House 20, NOTICE, false"
    })
    void everyWindowTellsItsState(String flat, FlatState state, boolean late) {
        FrontView.WindowDrawing window = Objects.requireNonNull(windows().get(flat));
        assertThat(window.state()).isEqualTo(state);
        assertThat(window.late()).isEqualTo(late);
    }

    @Test
    void theLateFlatComesFirstWithItsSheet() {
        FrontView.Hand first =
                asLead(() -> desk.front(Optional.empty())).needing().getFirst();
        assertThat(first.flat()).isEqualTo("Ropewalk Court 12");
        assertThat(first.late()).isTrue();
        assertThat(first.matters()).isEqualTo("viewing yesterday · move-in tomorrow");
        assertThat(first.action()).isEqualTo("Open the sheet");
        assertThat(first.link()).startsWith("/sheets/");
    }

    @Test
    void theHousesStandAsTheyAreBuilt() {
        Map<String, Long> windowsOf = windows().keySet().stream()
                .filter(name -> name.matches(".* \\d{1,2}"))
                .map(name -> name.replaceAll(" \\d+$", ""))
                .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        assertThat(windowsOf)
                .containsAllEntriesOf(Map.of("Ropewalk Court", 18L, "Tern Terrace", 6L, "Brickfield House", 24L));
    }

    @Test
    void aWindowIsFilledWithTheMainWallColourOrTheHatchOfWhatNobodyKnows() {
        Map<String, FrontView.WindowDrawing> windows = windows();
        assertThat(windows.get("Brickfield House 19"))
                .extracting(FrontView.WindowDrawing::fill)
                .isEqualTo("url(#unknown-hatch)");
        assertThat(windows.get("Ropewalk Court 1"))
                .extracting(FrontView.WindowDrawing::fill)
                .isEqualTo("#e6dece");
    }

    @Nested
    class Colleagues {
        private int post(String login, String path, Map<String, String> fields) {
            var request = mvc.post().uri(path).with(user(member(login))).with(csrf());
            fields.forEach(request::param);
            return request.exchange().getResponse().getStatus();
        }

        private People.Colleague colleague(String login) {
            return asLead(people::all).stream()
                    .filter(each -> each.login().equals(login))
                    .findFirst()
                    .orElseThrow();
        }

        @Test
        void aBlankIsNoHouse() {
            People.Colleague jonas = colleague("jonas");
            String path = "/people/" + jonas.id() + "/houses";
            assertThat(post("mirela", path, Map.of("house", " "))).isEqualTo(404);
            assertThat(colleague("jonas").houses()).isEqualTo(jonas.houses());
        }

        @Test
        void areAddedByTheLeadOnlyAndEachNameOnce() {
            Map<String, String> fields =
                    Map.of("name", "Runa Aske", "login", "runa", "password", "twelve or more", "role", "PAINTER");
            assertThat(post("jonas", "/people", fields)).isEqualTo(403);
            assertThat(post("mirela", "/people", fields)).isEqualTo(302);
            assertThat(post("mirela", "/people", fields)).isEqualTo(422);
            assertThat(asLead(people::all)).extracting(People.Colleague::login).containsOnlyOnce("runa");
        }

        @Test
        void lookAfterTheHousesGivenToThem() {
            List<House> all = asLead(houses::all);
            House terrace = all.stream()
                    .filter(house -> house.name().equals("Tern Terrace"))
                    .findFirst()
                    .orElseThrow();
            asLead(() -> people.add("Edda Holm", "edda", Role.PAINTER));
            assertThat(as(member("edda"), () -> access.mayChangeRecordsOf(terrace.id())))
                    .isFalse();
            assertThat(post(
                            "mirela",
                            "/people/" + colleague("edda").id() + "/houses",
                            Map.of("house", terrace.id().toString())))
                    .isEqualTo(302);
            assertThat(as(member("edda"), () -> access.mayChangeRecordsOf(terrace.id())))
                    .isTrue();
            assertThat(post("mirela", "/people/" + colleague("edda").id() + "/houses", Map.of()))
                    .isEqualTo(302);
            assertThat(as(member("edda"), () -> access.mayChangeRecordsOf(terrace.id())))
                    .isFalse();
        }

        @Test
        void aForeignPersonOrHouseIsNotFound() {
            String nobody = UUID.randomUUID().toString();
            assertThat(post("mirela", "/people/" + nobody + "/houses", Map.of()))
                    .isEqualTo(404);
            assertThat(post("mirela", "/people/" + colleague("jonas").id() + "/houses", Map.of("house", nobody)))
                    .isEqualTo(404);
        }
    }
}

package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.walk.Marking;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Spot;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What is no longer there is not in the way, loses nothing, and comes back. */
class OffRecordTest extends ApplicationTest {
    @Autowired
    Marking marking;

    private MvcTestResult post(Member by, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(by)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    private MvcTestResult post(String path) {
        return post(member("mirela"), path, Map.of());
    }

    private String page(String path) {
        try {
            return mvc.get()
                    .uri(path)
                    .with(user(member("mirela")))
                    .exchange()
                    .getResponse()
                    .getContentAsString();
        } catch (java.io.UnsupportedEncodingException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }

    private List<String> numbersIn(UUID house) {
        return asLead(() -> houses.doorsOf(List.of(house))).stream()
                .map(Houses.Door::number)
                .toList();
    }

    @Test
    void aRoomThatWasEnteredByMistake() {
        Flat flat = freshFlat("Tern Terrace");
        UUID room = flat.rooms().getFirst().id();
        assertThat(post(member("emeka"), "/rooms/" + room + "/remove", Map.of()))
                .hasStatus(403);
        assertThat(post(stranger(), "/rooms/" + room + "/remove", Map.of())).hasStatus(404);
        assertThat(post("/rooms/" + room + "/remove")).hasStatus(302);
        assertThat(asLead(() -> houses.flat(flat.id())).rooms()).isEmpty();
        assertThat(post("/rooms/" + room + "/remove")).hasStatus(404);
        assertThat(page("/flats/" + flat.id() + "/set-up")).contains("Study was taken off.", "Put back Study");

        assertThat(post("/rooms/" + room + "/put-back")).hasStatus(302);
        assertThat(asLead(() -> houses.flat(flat.id())).rooms())
                .usingRecursiveComparison()
                .isEqualTo(flat.rooms());
        assertThat(page("/flats/" + flat.id() + "/history")).contains("Study is back");
    }

    @Test
    void notARoomThatSomethingRestsOn() {
        Flat flat = freshFlat("Tern Terrace");
        UUID room = flat.rooms().getFirst().id();
        asLead(() -> {
            marking.set(
                    UUID.randomUUID(),
                    wall(flat, 0).id(),
                    new Mark(Spot.ofMillimetres(500, 900), FaultKind.NAIL_HOLE.usualFault()));
            return room;
        });
        assertThat(post("/rooms/" + room + "/remove")).hasStatus(409).bodyText().contains("rest on Study");
    }

    @Test
    void aFlatThatIsNoLongerLet() {
        Flat flat = freshFlat("Tern Terrace");
        UUID house = flat.house().id();
        String path = "/flats/" + flat.id();
        assertThat(post(member("saoirse"), path + "/close", Map.of())).hasStatus(403);
        assertThat(post(path + "/close")).hasStatus(302);
        assertThat(numbersIn(house)).doesNotContain(flat.number());
        assertThat(page("/find?q=tern+" + flat.number())).doesNotContain(path);
        assertThat(page("/houses/" + house)).contains("No longer let:", path + "/set-up");
        assertThat(page(path + "/set-up")).contains("No longer let since 4 Mar");
        assertThat(page(path)).contains("Study", "no longer let since 4 Mar").doesNotContain(path + "/dates");
        assertThat(post(
                        member("mirela"),
                        path + "/dates",
                        Map.of("keysBackOn", "2026-03-05", "scrutiny", "AS_USUAL", "version", "-1")))
                .hasStatus(409)
                .bodyText()
                .contains("is no longer let since");

        // its number is free for another, which is then in its place
        UUID another = asLead(() -> recording.addFlat(house, flat.number(), 55, 3));
        assertThat(post(path + "/reopen")).hasStatus(409).bodyText().contains("is there already");
        assertThat(post("/flats/" + another + "/close")).hasStatus(302);
        assertThat(post(path + "/reopen")).hasStatus(302);
        assertThat(numbersIn(house)).contains(flat.number());
    }

    @Test
    void notAFlatBetweenTwoTenantsNorItsHouse() {
        Flat open = flat("Ropewalk Court", 12);
        assertThat(post("/flats/" + open.id() + "/close"))
                .hasStatus(409)
                .bodyText()
                .contains("is between two tenants");
        assertThat(post("/houses/" + open.house().id() + "/close"))
                .hasStatus(409)
                .bodyText()
                .contains("has a flat between two tenants");
    }

    @Test
    void aHouseThatNobodyLooksAfterAnyMore() {
        UUID house = asLead(() -> recording.addHouse("Old Mill " + UUID.randomUUID(), 1890, Roof.GABLE, false));
        UUID flat = asLead(() -> recording.addFlat(house, "1", 0, 0));
        assertThat(post(member("jonas"), "/houses/" + house + "/close", Map.of()))
                .hasStatus(403);
        assertThat(post("/houses/" + house + "/close")).hasStatus(302);
        assertThat(asLead(() -> houses.all())).extracting(House::id).doesNotContain(house);
        assertThat(page("/")).doesNotContain("Old Mill");
        assertThat(page("/find?q=old+mill")).doesNotContain("/flats/" + flat);
        assertThat(page("/houses/new")).contains("No longer looked after:", "/houses/" + house);
        assertThat(page("/houses/" + house)).contains("Not looked after since 4 Mar");
        assertThat(page("/flats/" + flat)).contains("Old Mill");
        assertThat(post("/houses/" + house + "/reopen")).hasStatus(302);
        assertThat(asLead(() -> houses.all())).extracting(House::id).contains(house);
        assertThat(post("/houses/" + house + "/close")).hasStatus(302);
    }

    @Test
    void wallsOfAnotherLength() {
        Flat flat = freshFlat("Tern Terrace");
        Room room = flat.rooms().getFirst();
        String path = "/rooms/" + room.id() + "/walls";
        assertThat(page("/flats/" + flat.id() + "/set-up")).contains("4 right, 3 right, 4 right, 3 right");
        asLead(() -> {
            marking.set(
                    UUID.randomUUID(),
                    wall(flat, 0).id(),
                    new Mark(Spot.ofMillimetres(3900, 900), FaultKind.NAIL_HOLE.usualFault()));
            return room;
        });
        Map<String, String> longer =
                Map.of("flat", flat.id().toString(), "walls", "4.2 right, 3 right, 4.2 right, 3 right");
        assertThat(post(member("emeka"), path, longer)).hasStatus(403);
        assertThat(post(member("saoirse"), path, longer)).hasStatus(302);
        assertThat(wall(asLead(() -> houses.flat(flat.id())), 0).asWall().width())
                .isEqualTo(lumko.core.quantity.Length.ofMetres(4.2));
        assertThat(page("/flats/" + flat.id() + "/history")).contains("Study: 4 · 3 · 4 · 3 → 4.2 · 3 · 4.2 · 3");
        assertThat(post(
                        member("saoirse"),
                        path,
                        Map.of("flat", flat.id().toString(), "walls", "3.5 r, 3 r, 3.5 r, 3 r")))
                .hasStatus(409)
                .bodyText()
                .contains("an open mark would lie beyond");
        assertThat(post(
                        member("saoirse"),
                        path,
                        Map.of("flat", flat.id().toString(), "walls", "5 r, 1 r, 2 l, 3 r, 3 r, 4 r")))
                .hasStatus(409)
                .bodyText()
                .contains("Study has 4 walls on record, not 6.");
        assertThat(post(member("saoirse"), path, Map.of("flat", flat.id().toString(), "walls", "5 r, 3 r, 4 r, 3 r")))
                .hasStatus(422)
                .bodyText()
                .contains("from closing");
    }
}

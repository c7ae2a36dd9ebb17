package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.account.Member;
import lumko.core.geometry.Box;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.RoomKind;
import lumko.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What was entered wrong is put right by whoever may, and the history says what was. */
class CorrectingTest extends ApplicationTest {
    @Autowired
    OffRecord offRecord;

    @Autowired
    SetUp setUp;

    @Autowired
    Correcting correcting;

    private MvcTestResult post(Member by, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(by)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    private String history(UUID flat) throws Exception {
        return mvc.get()
                .uri("/flats/" + flat + "/history")
                .with(user(member("mirela")))
                .exchange()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void aHouse() throws Exception {
        UUID id = asLead(() -> recording.addHouse("Weir Haus", 1950, Roof.GABLE, false));
        Map<String, String> to =
                Map.of("houseName", "Weir House", "builtYear", "1905", "roof", "SAW", "texturedCoating", "true");
        assertThat(post(member("jonas"), "/houses/" + id, to)).hasStatus(403);
        assertThat(post(stranger(), "/houses/" + id, to)).hasStatus(404);
        assertThat(post(member("mirela"), "/houses/" + id, to)).hasStatus(302);
        assertThat(asLead(() -> houses.house(id))).isEqualTo(new House(id, "Weir House", 1905, Roof.SAW, true));
        assertThat(post(
                        member("mirela"),
                        "/houses/" + id,
                        Map.of("houseName", "Ropewalk Court", "builtYear", "905", "roof", "SAW")))
                .hasStatus(422)
                .bodyText()
                .contains("Built in must be 1500–2100, was 905.");
        assertThat(mvc.get().uri("/history").with(user(member("mirela"))))
                .bodyText()
                .contains(
                        "Weir Haus, 1950, gable, no textured coating → Weir House, 1905, saw-tooth, textured coating");
    }

    @Test
    void aFlatAndItsRoom() throws Exception {
        Flat flat = freshFlat("Tern Terrace");
        Room room = flat.rooms().getFirst();
        assertThat(post(member("mirela"), "/flats/" + flat.id(), Map.of("flatNumber", "1", "floor", "0", "bay", "1")))
                .hasStatus(409);
        assertThat(post(
                        member("mirela"),
                        "/flats/" + flat.id(),
                        Map.of("flatNumber", "9" + flat.number(), "floor", "58", "bay", "57")))
                .hasStatus(302);
        assertThat(asLead(() -> houses.flat(flat.id())).number()).isEqualTo("9" + flat.number());
        Map<String, String> kitchen =
                Map.of("flat", flat.id().toString(), "roomName", "Kitchen", "roomKind", "KITCHEN", "height", "2.7");
        assertThat(post(member("emeka"), "/rooms/" + room.id(), kitchen)).hasStatus(403);
        assertThat(post(member("saoirse"), "/rooms/" + room.id(), kitchen)).hasStatus(302);
        Room now = asLead(() -> houses.flat(flat.id())).rooms().getFirst();
        assertThat(now.kind()).isEqualTo(RoomKind.KITCHEN);
        assertThat(now.height()).isEqualTo(Length.ofMetres(2.7));
        assertThat(history(flat.id())).contains("put right", "Study, living room", "→ Kitchen, kitchen");
    }

    @Test
    void whatIsLeftBlankIsAsUsualAndSeveralStandInARow() throws Exception {
        Flat flat = freshFlat("Tern Terrace");
        UUID wall = wall(flat, 0).id();
        String path = "/surfaces/" + wall + "/features";
        assertThat(post(member("mirela"), path, Map.of("feature", "DOOR", "left", "0.3")))
                .hasStatus(302);
        assertThat(post(
                        member("mirela"),
                        path,
                        Map.of("feature", "SOCKET", "left", "1.5", "times", "3", "apart", "0.8")))
                .hasStatus(302);
        assertThat(asLead(() -> correcting.featuresOf(wall)).stream().map(Correcting.Entered::box))
                .containsExactly(
                        Box.ofMillimetres(300, 0, 860, 2040),
                        Box.ofMillimetres(1500, 450, 146, 86),
                        Box.ofMillimetres(2300, 450, 146, 86),
                        Box.ofMillimetres(3100, 450, 146, 86));
        assertThat(post(member("mirela"), path, Map.of("feature", "SWITCH", "left", "0.6")))
                .hasStatus(422)
                .bodyText()
                .contains("would sit in a door");
        UUID socket = asLead(() -> correcting.featuresOf(wall)).get(1).id();
        Map<String, String> intoTheDoor = Map.of(
                "surface",
                wall.toString(),
                "left",
                "0.6",
                "bottom",
                "0.4",
                "featureWidth",
                "0.15",
                "featureHeight",
                "0.1");
        post(member("mirela"), "/features/" + socket, intoTheDoor);
        UUID door = asLead(() -> correcting.featuresOf(wall)).getFirst().id();
        Map<String, String> overTheSocket = Map.of(
                "surface",
                wall.toString(),
                "left",
                "1.2",
                "bottom",
                "0",
                "featureWidth",
                "0.86",
                "featureHeight",
                "2.04");
        post(member("mirela"), "/features/" + door, overTheSocket);
        assertThat(asLead(() -> correcting.featuresOf(wall)).stream()
                        .map(Correcting.Entered::box)
                        .limit(2))
                .containsExactly(Box.ofMillimetres(300, 0, 860, 2040), Box.ofMillimetres(1500, 450, 146, 86));
        // the fourth of five would be beyond the end of a wall of 4 m: none is set
        assertThat(post(
                        member("mirela"),
                        path,
                        Map.of("feature", "SWITCH", "left", "1.3", "times", "5", "apart", "0.9")))
                .hasStatus(422);
        assertThat(asLead(() -> correcting.featuresOf(wall))).hasSize(4);
    }

    @Test
    void aLampHangsInTheMiddleOfItsCeilingAndGoesWithItsFlat() throws Exception {
        Flat flat = freshFlat("Tern Terrace");
        UUID ceiling = flat.faces()
                .filter(Surface::isCeiling)
                .findFirst()
                .orElseThrow()
                .id();
        String path = "/surfaces/" + ceiling + "/features";
        assertThat(post(member("mirela"), path, Map.of("feature", "CEILING_LIGHT")))
                .hasStatus(302);
        assertThat(post(member("mirela"), path, Map.of("feature", "SMOKE_ALARM", "left", "0.5", "bottom", "0.4")))
                .hasStatus(302);
        assertThat(post(member("mirela"), path, Map.of("feature", "RADIATOR", "left", "0.5")))
                .hasStatus(422)
                .bodyText()
                .contains("does not hang from a ceiling");
        // a room so narrow has no place for the alarm: that has to be moved first
        UUID room = flat.rooms().getFirst().id();
        post(member("mirela"), "/rooms/" + room + "/walls", Map.of("walls", "0.4 right, 3 right, 0.4 right, 3 right"));
        assertThat(asLead(() -> houses.flat(flat.id())).rooms().getFirst().outline())
                .isEqualTo(flat.rooms().getFirst().outline());
        Flat other = freshFlat("Tern Terrace");
        asLead(() -> {
            offRecord.removeRoom(other.rooms().getFirst().id());
            setUp.copy(flat.id(), List.of(other.id()), true, false);
            return null;
        });
        Surface mirrored = asLead(() -> houses.flat(other.id()))
                .faces()
                .filter(Surface::isCeiling)
                .findFirst()
                .orElseThrow();
        // the ceiling is 4 m wide
        assertThat(mirrored.asWall().fittings().stream().map(Fitting::box))
                .containsExactlyInAnyOrder(
                        Box.ofMillimetres(1850, 1350, 300, 300), Box.ofMillimetres(3380, 400, 120, 120));
    }

    @Test
    void aCeilingDoesNotComeBelowAWindow() {
        Flat flat = freshFlat("Tern Terrace");
        UUID wall = wall(flat, 0).id();
        asLead(() -> {
            recording.addFeatures(
                    wall, List.of(new NewRoom.Feature(WallFeature.WINDOW, Box.ofMillimetres(500, 900, 1000, 1500))));
            return wall;
        });
        assertThat(post(
                        member("mirela"),
                        "/rooms/" + flat.rooms().getFirst().id(),
                        Map.of(
                                "flat",
                                flat.id().toString(),
                                "roomName",
                                "Study",
                                "roomKind",
                                "LIVING",
                                "height",
                                "2.2")))
                .hasStatus(422);
        assertThat(asLead(() -> houses.flat(flat.id())).rooms().getFirst().height())
                .isEqualTo(Length.ofMetres(2.5));
    }

    @Test
    void aWindowIsMovedTakenOffAndPutBack() throws Exception {
        Flat flat = freshFlat("Tern Terrace");
        UUID wall = wall(flat, 0).id();
        asLead(() -> {
            recording.addFeatures(
                    wall, List.of(new NewRoom.Feature(WallFeature.WINDOW, Box.ofMillimetres(500, 900, 1000, 1200))));
            return wall;
        });
        UUID window = asLead(() -> correcting.featuresOf(wall)).getFirst().id();
        Map<String, String> moved = Map.of(
                "surface",
                wall.toString(),
                "left",
                "0.7",
                "bottom",
                "0.9",
                "featureWidth",
                "1",
                "featureHeight",
                "1.2");
        assertThat(post(member("mirela"), "/features/" + window, moved)).hasStatus(302);
        assertThat(asLead(() -> correcting.featuresOf(wall)).getFirst().box().left())
                .isEqualTo(Length.ofMetres(0.7));
        assertThat(post(stranger(), "/features/" + window + "/remove", Map.of()))
                .hasStatus(404);

        SignedInClient client = SignedInClient.of(port, "mirela");
        client.post("/features/" + window + "/remove", Map.of());
        assertThat(client.get("/surfaces/" + wall + "/edit").body())
                .contains("Taken off the record: window.", "name=\"left\" value=\"0.7\"");
        assertThat(asLead(() -> correcting.featuresOf(wall))).isEmpty();
        assertThat(history(flat.id())).contains("taken off the record");
    }

    @Test
    void aLayerEnteredByHandIsPutRightTakenOffAndPutBackInItsPlace() throws Exception {
        Flat flat = freshFlat("Tern Terrace");
        UUID wall = wall(flat, 1).id();
        asLead(() -> {
            var book = paints.book();
            UUID matt = book.productNamed("Hearth Matt").orElseThrow().id();
            UUID husk = book.colourNamed("Oat Husk").orElseThrow().id();
            UUID slate = book.colourNamed("Wet Slate").orElseThrow().id();
            recording.addCoat(wall, NewCoat.finish(matt, husk, Optional.empty(), TODAY.minusYears(4), "by hand"));
            recording.addCoat(wall, NewCoat.finish(matt, slate, Optional.empty(), TODAY.minusYears(1), ""));
            return wall;
        });
        assertThat(post(
                        member("mirela"),
                        "/surfaces/" + wall + "/coats/1",
                        Map.of(
                                "layer",
                                "FINISH",
                                "productId",
                                "Plain Wall",
                                "colourId",
                                "Harbour Milk",
                                "appliedOn",
                                "2021")))
                .hasStatus(302);
        assertThat(coats(flat, wall)).containsExactly("1 Harbour Milk", "2 Wet Slate");
        assertThat(history(flat.id())).contains("→ finish, Harbour Milk, Plain Wall, 1 Jul 2021");
        assertThat(post(member("mirela"), "/surfaces/" + wall + "/coats/1/remove", Map.of()))
                .hasStatus(302);
        assertThat(coats(flat, wall)).containsExactly("2 Wet Slate");
        assertThat(post(
                        member("mirela"),
                        "/surfaces/" + wall + "/coats",
                        Map.of("position", "1", "layer", "FINISH", "colourId", "Harbour Milk")))
                .hasStatus(302);
        assertThat(coats(flat, wall)).containsExactly("1 Harbour Milk", "2 Wet Slate");
        assertThat(post(member("mirela"), "/surfaces/" + wall + "/coats/7/remove", Map.of()))
                .hasStatus(404);
        assertThat(post(member("emeka"), "/surfaces/" + wall + "/coats/1/remove", Map.of()))
                .hasStatus(403);
    }

    private List<String> coats(Flat flat, UUID wall) {
        return asLead(() -> houses.flat(flat.id())).surface(wall).orElseThrow().coats().stream()
                .map(coat -> coat.position() + " " + coat.colour().orElseThrow().name())
                .toList();
    }

    @Test
    void whatASheetPutOnIsTakenBackByTheSheet() {
        Flat flat = flat("Brickfield House", 8);
        Surface wall = flat.surfaces()
                .filter(surface ->
                        surface.coats().stream().anyMatch(coat -> coat.sheet().isPresent()))
                .findFirst()
                .orElseThrow();
        int position = wall.coats().stream()
                .filter(coat -> coat.sheet().isPresent())
                .findFirst()
                .orElseThrow()
                .position();
        assertThat(post(member("mirela"), "/surfaces/" + wall.id() + "/coats/" + position + "/remove", Map.of()))
                .hasStatus(409)
                .bodyText()
                .contains("A sheet put this coat on");
    }
}

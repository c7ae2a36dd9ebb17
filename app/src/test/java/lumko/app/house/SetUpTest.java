package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.platform.UnitSystem;
import lumko.core.geometry.Box;
import lumko.core.quantity.Length;
import lumko.core.record.Layer;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class SetUpTest extends ApplicationTest {
    @Autowired
    SetUp setUp;

    @Autowired
    Correcting correcting;

    private UUID house() {
        return asLead(() -> recording.addHouse("Lock Row " + UUID.randomUUID(), 1955, Roof.GABLE, false));
    }

    private List<Houses.Door> doors(UUID house) {
        return asLead(() -> houses.doorsOf(List.of(house)));
    }

    private MvcTestResult post(Member by, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(by)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    private static Map<String, String> floors(int floors, int onEach, String numbering) {
        return Map.of(
                "floors",
                String.valueOf(floors),
                "onEach",
                String.valueOf(onEach),
                "lowest",
                "0",
                "first",
                "1",
                "numbering",
                numbering);
    }

    @Test
    void aHouseByItsFloors() {
        UUID house = house();
        String path = "/houses/" + house + "/floors";
        assertThat(post(member("jonas"), path, floors(3, 4, "BY_FLOOR"))).hasStatus(403);
        assertThat(post(member("mirela"), path, floors(3, 4, "BY_FLOOR"))).hasStatus(302);
        assertThat(doors(house))
                .extracting(Houses.Door::number)
                .containsExactly("1", "2", "3", "4", "101", "102", "103", "104", "201", "202", "203", "204");
        // what is built on
        assertThat(mvc.get().uri("/houses/" + house).with(user(member("mirela"))))
                .bodyText()
                .containsPattern("name=\"lowest\"[^>]*value=\"3\"")
                .containsPattern("name=\"first\"[^>]*value=\"205\"");
        assertThat(post(member("mirela"), path, floors(1, 1, "RUNNING")))
                .hasStatus(409)
                .bodyText()
                .contains("is there already");
        assertThat(post(member("mirela"), path, floors(0, 1, "RUNNING")))
                .hasStatus(422)
                .bodyText()
                .contains("Floors must be 1–60");
        assertThat(doors(house)).hasSize(12);
        assertThat(post(stranger(), path, floors(1, 1, "RUNNING"))).hasStatus(404);
    }

    @Test
    void flatsByFloorAndLetterOrByAName() {
        UUID house = house();
        assertThat(post(member("mirela"), "/houses/" + house + "/floors", floors(3, 2, "BY_LETTER")))
                .hasStatus(302);
        Map<String, String> garden = new LinkedHashMap<>(Map.of("flatNumber", "garden", "floor", "0", "bay", "3"));
        assertThat(post(member("mirela"), "/houses/" + house + "/flats", garden))
                .hasStatus(302);
        garden.put("flatNumber", "10");
        garden.put("bay", "4");
        assertThat(post(member("mirela"), "/houses/" + house + "/flats", garden))
                .hasStatus(302);
        // as people count: 2 before 10, numbers before names
        assertThat(doors(house))
                .extracting(Houses.Door::number)
                .containsExactly("1A", "1B", "2A", "2B", "10", "GA", "garden", "GB");
        garden.put("flatNumber", "Garden");
        garden.put("bay", "5");
        assertThat(post(member("mirela"), "/houses/" + house + "/flats", garden))
                .hasStatus(422)
                .bodyText()
                .contains("in this house already");
        garden.put("flatNumber", "x".repeat(13));
        assertThat(post(member("mirela"), "/houses/" + house + "/flats", garden))
                .hasStatus(422)
                .bodyText()
                .contains("can have 12 characters at most, had 13");
    }

    /** Where the floor at the ground is the first. */
    @Test
    void floorsAsPeopleCountThemThere() {
        Member lead = accounts.found(
                "Orchard Lettings",
                UnitSystem.US,
                "America/Chicago",
                "Della Frost",
                "della-" + UUID.randomUUID(),
                "long enough to be safe");
        UUID house = as(lead, () -> recording.addHouse("Cinder Row " + UUID.randomUUID(), 1975, Roof.FLAT, false));
        Map<String, String> floors = new LinkedHashMap<>(floors(2, 2, "BY_FLOOR"));
        assertThat(post(lead, "/houses/" + house + "/floors", floors))
                .hasStatus(422)
                .bodyText()
                .contains("Lowest floor must be 1–61, was 0.");
        floors.put("lowest", "1");
        assertThat(post(lead, "/houses/" + house + "/floors", floors)).hasStatus(302);
        assertThat(as(lead, () -> houses.doorsOf(List.of(house))))
                .extracting(Houses.Door::number)
                .containsExactly("101", "102", "201", "202");
    }

    @Test
    void aRoomIsDrawnAsItIsTyped() throws Exception {
        String open = outline("5 right, 1 right, 2 l");
        assertThat(open).contains("3 walls so far", "5.00 m").doesNotContain("It closes");
        assertThat(outline("5 right, 1 right, 2 left, 3 right, 3.02 right, 4 right"))
                .contains("It closes; floor 14.1 m²", "off by 20 mm and 0 mm", "Z\"");
        // 40 mm in each direction is what a tape may be off, although it is 57 mm across
        assertThat(outline("5 right, 3 right, 5.04 right, 3.04 right")).contains("It closes");
        assertThat(outline("0 right, 0 right, 3 left")).doesNotContain("NaN");
        assertThat(outline("5 up")).contains("“5 up” is none").doesNotContain("<svg");
    }

    private String outline(String walls) throws Exception {
        return mvc.get()
                .uri("/rooms/outline")
                .param("walls", walls)
                .with(user(member("jonas")))
                .exchange()
                .getResponse()
                .getContentAsString();
    }

    /** A flat with a door 0.4 m from the left end of its first wall. */
    private UUID furnished(UUID house) {
        UUID flat = doors(house).getFirst().flatId();
        return asLead(() -> {
            recording.addRoom(
                    flat,
                    NewRoom.bare(
                            "Living",
                            lumko.core.geometry.RoomKind.LIVING,
                            lumko.core.geometry.Outline.rectangle(Length.ofMetres(5), Length.ofMetres(4)),
                            Length.ofMetres(2.6),
                            lumko.core.record.Substrate.LIME_PLASTER,
                            lumko.core.geometry.Texture.SMOOTH));
            UUID wall = houses.flat(flat).walls().findFirst().orElseThrow().id();
            recording.addFeatures(
                    wall, List.of(new NewRoom.Feature(WallFeature.DOOR, Box.ofMillimetres(400, 0, 900, 2000))));
            return flat;
        });
    }

    @Test
    void flatsLikeAnotherOneOfThemTheOtherWayRound() {
        UUID house = house();
        asLead(() -> setUp.addFlats(house, 0, 1, 3, SetUp.Numbering.RUNNING, 1));
        UUID first = furnished(house);
        List<UUID> others =
                doors(house).stream().map(Houses.Door::flatId).skip(1).toList();
        assertThat(asLead(() -> setUp.coatAll(
                        first,
                        SetUp.Reach.FLAT,
                        SurfaceKind.WALL,
                        NewCoat.finish(
                                paints.book()
                                        .productNamed("Hearth Matt")
                                        .orElseThrow()
                                        .id(),
                                paints.book()
                                        .colourNamed("Oat Husk")
                                        .orElseThrow()
                                        .id(),
                                java.util.Optional.empty(),
                                TODAY,
                                ""))))
                .isEqualTo(new SetUp.Coated(4, 0));
        asLead(() -> {
            UUID mended = houses.flat(first).walls().findFirst().orElseThrow().id();
            recording.addCoat(mended, NewCoat.plain(Layer.FILLER, java.util.Optional.of(TODAY), "a hole of its own"));
            setUp.copy(first, List.of(others.get(0)), false, true);
            setUp.copy(first, List.of(others.get(1)), true, false);
            return first;
        });
        Flat same = asLead(() -> houses.flat(others.get(0)));
        Flat mirrored = asLead(() -> houses.flat(others.get(1)));
        Flat original = asLead(() -> houses.flat(first));
        assertThat(same.rooms().getFirst().name()).isEqualTo("Living");
        assertThat(same.rooms().getFirst().height()).isEqualTo(Length.ofMetres(2.6));
        assertThat(same.walls().map(Surface::asWall).toList())
                .isEqualTo(original.walls().map(Surface::asWall).toList());
        assertThat(same.walls())
                .allMatch(wall -> wall.topCoat()
                        .flatMap(Coat::colour)
                        .filter(colour -> colour.name().equals("Oat Husk"))
                        .isPresent());
        assertThat(same.walls())
                .as("what mended the other's wall stays there")
                .allMatch(wall -> wall.coats().size() == 1);
        assertThat(mirrored.walls()).allMatch(wall -> wall.coats().isEmpty());
        Surface withDoor = mirrored.walls()
                .filter(wall -> !wall.asWall().openings().isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(withDoor.asWall().openings().getFirst().box().left())
                .isEqualTo(Length.ofMillimetres(5000 - 400 - 900));
        assertThat(post(
                        member("mirela"),
                        "/flats/" + first + "/copies",
                        Map.of("to", others.get(0).toString())))
                .hasStatus(409)
                .bodyText()
                .contains("has rooms already");
        asLead(() -> setUp.addFlats(house, 1, 1, 1, SetUp.Numbering.BY_FLOOR, 1));
        UUID above = doors(house).getLast().flatId();
        assertThat(post(member("mirela"), "/flats/" + above + "/like", Map.of("likeNumber", "77")))
                .hasStatus(422)
                .bodyText()
                .contains("There is no other flat 77 in Lock Row");
        assertThat(post(member("mirela"), "/flats/" + above + "/like", Map.of("likeNumber", "3", "mirrored", "yes")))
                .hasStatus(302);
        assertThat(asLead(() -> houses.flat(above)).rooms().getFirst().outline().mirrored())
                .as("twice across the landing")
                .isEqualTo(mirrored.rooms().getFirst().outline());
        assertThat(post(member("mirela"), "/flats/" + first + "/copies", Map.of()))
                .hasStatus(422)
                .bodyText()
                .contains("Choose the flats");
    }

    private Map<String, String> room(String walls) {
        return Map.of(
                "roomName", "Corner room",
                "roomKind", "LIVING",
                "walls", walls,
                "height", "2.5",
                "substrate", "GYPSUM_BOARD",
                "texture", "SMOOTH");
    }

    @Test
    void aRoomWithMoreCornersWallByWall() {
        UUID house = house();
        asLead(() -> setUp.addFlats(house, 0, 1, 1, SetUp.Numbering.RUNNING, 1));
        UUID flat = doors(house).getFirst().flatId();
        String path = "/flats/" + flat + "/rooms";
        assertThat(post(member("mirela"), path, room("5 right, 1 m right, 200 cm left; 3 R 3.02 r 4")))
                .hasStatus(302);
        Room room = asLead(() -> houses.flat(flat)).rooms().getFirst();
        assertThat(room.walls()).hasSize(6);
        assertThat(room.outline().floorArea().inSquareMetres())
                .isCloseTo(14, org.assertj.core.api.Assertions.within(0.1));
        assertThat(post(member("mirela"), path, room("5 right, long right, 5 right, 4 right")))
                .hasStatus(422)
                .bodyText()
                .contains("“long” is none.", "5 right, long right");
        assertThat(post(member("mirela"), path, room("5 right, 4 left, 5 right, 4 right")))
                .hasStatus(422)
                .bodyText()
                .contains("one turns right four times more often than left");
        assertThat(post(member("mirela"), path, room("5 right, 4 right, 5.4 right, 4 right")))
                .hasStatus(422)
                .bodyText()
                .contains("How far the walls are from closing must be 0–50 mm, was 400 mm.");
        assertThat(asLead(() -> houses.flat(flat)).rooms()).hasSize(1);
    }

    /** Its trim runs further than any wall may. */
    @Test
    void aHallOfMoreThanThirtyMetresRoundIsWalkedLikeAnyRoom() {
        UUID house = house();
        asLead(() -> setUp.addFlats(house, 0, 1, 1, SetUp.Numbering.RUNNING, 1));
        UUID flat = doors(house).getFirst().flatId();
        assertThat(post(member("mirela"), "/flats/" + flat + "/rooms", room("12 right, 6 right, 12 right, 6 right")))
                .hasStatus(302);
        assertThat(mvc.get().uri("/flats/" + flat).with(user(member("mirela"))))
                .hasStatusOk()
                .bodyText()
                .contains("Corner room", "Its doors and windows are not on record yet");
        UUID wall = wall(asLead(() -> houses.flat(flat)), 0).id();
        assertThat(mvc.get().uri("/walls/" + wall + "/walk").with(user(member("mirela"))))
                .hasStatusOk();
        assertThat(mvc.get().uri("/surfaces/" + wall + "/edit").with(user(member("mirela"))))
                .hasStatusOk()
                .bodyText()
                .containsSubsequence("The surfaces of this room", "A door, a window, a fitting", "Another layer");
    }

    @Test
    void oneColourOnEveryWallOfAHouseAboutAYear() {
        UUID house = house();
        asLead(() -> setUp.addFlats(house, 0, 1, 2, SetUp.Numbering.RUNNING, 1));
        UUID first = furnished(house);
        UUID second = doors(house).getLast().flatId();
        asLead(() -> {
            setUp.copy(first, List.of(second), false, false);
            return first;
        });
        Map<String, String> fields = new LinkedHashMap<>(
                Map.of("reach", "HOUSE", "surfaceKind", "WALL", "colourId", "oat husk", "about", "2019"));
        assertThat(post(member("mirela"), "/flats/" + first + "/coats", fields)).hasStatus(302);
        for (UUID flat : List.of(first, second)) {
            assertThat(asLead(() -> houses.flat(flat)).walls()).allSatisfy(wall -> {
                Coat coat = wall.topCoat().orElseThrow();
                assertThat(coat.layer()).isEqualTo(Layer.FINISH);
                assertThat(coat.product()).isEmpty();
                assertThat(coat.note()).isEqualTo("about 2019");
                assertThat(coat.appliedOn().orElseThrow().getYear()).isEqualTo(2019);
            });
        }
        assertThat(asLead(() -> setUp.coatAll(
                        first,
                        SetUp.Reach.HOUSE,
                        SurfaceKind.WALL,
                        NewCoat.plain(Layer.FINISH, java.util.Optional.of(TODAY.minusYears(20)), ""))))
                .as("an older coat does not lie on a later one")
                .isEqualTo(new SetUp.Coated(0, 8));
        fields.put("about", "2091");
        assertThat(post(member("mirela"), "/flats/" + first + "/coats", fields))
                .hasStatus(422)
                .bodyText()
                .contains("must be 1500–2026");
        fields.put("about", "2019");
        fields.put("colourId", "oat hush");
        assertThat(post(member("mirela"), "/flats/" + first + "/coats", fields))
                .hasStatus(422)
                .bodyText()
                .contains("No colour on record is called “oat hush”.");
    }
}

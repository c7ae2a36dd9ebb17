package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Layers of which not all is known, in their place in the stack; rooms like another, and one paint for a room. */
class KnownInPartTest extends ApplicationTest {
    @Autowired
    SetUp setUp;

    private SignedInClient lead;
    private Flat flat;
    private UUID wall;

    @BeforeEach
    void anEmptyFlat() {
        lead = SignedInClient.of(port, "mirela");
        flat = freshFlat("Tern Terrace");
        wall = wall(flat, 0).id();
    }

    private List<Coat> coats() {
        return asLead(() -> houses.flat(flat.id())).surface(wall).orElseThrow().coats();
    }

    private int add(String... fields) {
        Map<String, String> of = new LinkedHashMap<>(Map.of("layer", "FINISH"));
        for (int i = 0; i < fields.length; i += 2) {
            of.put(fields[i], fields[i + 1]);
        }
        return lead.post("/surfaces/" + wall + "/coats", of).statusCode();
    }

    private String jonas() {
        return member("jonas").personId().toString();
    }

    @Test
    void aColourAYearAndAHandAreEnough() {
        assertThat(add("colourId", "Oat Husk", "appliedOn", "2019", "by", jonas()))
                .isLessThan(400);
        Coat coat = coats().getFirst();
        assertThat(coat.product()).isEmpty();
        assertThat(coat.colour().orElseThrow().name()).isEqualTo("Oat Husk");
        assertThat(coat.appliedOn()).contains(LocalDate.of(2019, 7, 1));
        assertThat(coat.note()).contains("2019");
        assertThat(coat.appliedBy()).contains("Jonas Petrak");
        assertThat(add("colourId", "Oat Husk", "by", UUID.randomUUID().toString()))
                .as("nobody has that id")
                .isEqualTo(404);
        assertThat(coats()).hasSize(1);
    }

    @Test
    void whatWasForgottenIsPutUnderWhatLiesOnIt() {
        add("colourId", "Oat Husk", "appliedOn", "2015-05-01");
        add("colourId", "Harbour Milk", "appliedOn", "2023-05-01");
        assertThat(add("colourId", "Wet Slate", "appliedOn", "2019-05-01"))
                .as("older than what is on top")
                .isEqualTo(422);
        assertThat(coats()).hasSize(2);
        int top = coats().getLast().position();
        assertThat(add("colourId", "Wet Slate", "appliedOn", "2024-05-01", "under", String.valueOf(top)))
                .as("newer than what lies on it")
                .isEqualTo(422);
        assertThat(add("colourId", "Wet Slate", "appliedOn", "2019-05-01", "under", String.valueOf(top)))
                .isLessThan(400);
        assertThat(coats())
                .extracting(coat -> coat.colour().orElseThrow().name())
                .containsExactly("Oat Husk", "Wet Slate", "Harbour Milk");
        assertThat(lead.get("/flats/" + flat.id() + "?surface=" + wall).body()).contains("Wet Slate");
        assertThat(add("colourId", "Wet Slate", "under", "77")).isEqualTo(404);
        String page = lead.get("/surfaces/" + wall + "/edit").body();
        assertThat(page).contains("on top of all", "under: finish Harbour Milk May 2023", "nobody knows");
    }

    @Test
    void aRoomLikeAnotherHasAllThatIsInIt() {
        add("colourId", "Oat Husk", "appliedOn", "2019");
        Room room = flat.rooms().getFirst();
        lead.post("/surfaces/" + wall + "/features", Map.of("feature", "DOOR", "left", "0.3"));
        lead.post("/rooms/" + room.id() + "/fixtures", Map.of("fixture", "RADIATOR"));
        assertThat(lead.post(
                                "/rooms/" + room.id() + "/copy",
                                Map.of(
                                        "flat",
                                        flat.id().toString(),
                                        "roomName",
                                        "Second bedroom",
                                        "mirrored",
                                        "yes",
                                        "withCoats",
                                        "yes"))
                        .statusCode())
                .isLessThan(400);
        Room copied = asLead(() -> houses.flat(flat.id())).rooms().getLast();
        assertThat(copied.name()).isEqualTo("Second bedroom");
        assertThat(copied.fixtures()).hasSize(1);
        assertThat(copied.doorSides()).isOne();
        assertThat(copied.walls().flatMap(each -> each.coats().stream())).hasSize(1);
        assertThat(lead.post(
                                "/rooms/" + room.id() + "/copy",
                                Map.of("flat", flat.id().toString()))
                        .statusCode())
                .isEqualTo(422);
    }

    @Test
    void onePaintForARoomLeavesTheOthers() {
        Room room = flat.rooms().getFirst();
        asLead(() -> {
            setUp.copyRoom(room.id(), "Another", false, false);
            return room;
        });
        assertThat(lead.post(
                                "/flats/" + flat.id() + "/coats",
                                Map.of(
                                        "reach",
                                        room.id().toString(),
                                        "surfaceKind",
                                        "WALL",
                                        "colourId",
                                        "Oat Husk",
                                        "about",
                                        "2019"))
                        .statusCode())
                .isLessThan(400);
        Flat now = asLead(() -> houses.flat(flat.id()));
        assertThat(now.room(room.id()).walls()).allMatch(each -> each.coats().size() == 1);
        assertThat(now.rooms().getLast().walls()).allMatch(each -> each.coats().isEmpty());
    }
}

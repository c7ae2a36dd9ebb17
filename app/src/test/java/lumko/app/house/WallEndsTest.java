package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.core.geometry.Wall;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Walls that a roof cuts off, over the real server. The room is 4 × 3 m and 2.5 m high. */
class WallEndsTest extends ApplicationTest {
    private static final Offset<Double> EXACT = Offset.offset(1e-6);

    @Autowired
    SetUp setUp;

    private SignedInClient lead;
    private Flat flat;

    @BeforeEach
    void anEmptyFlat() {
        lead = SignedInClient.of(port, "mirela");
        flat = freshFlat("Tern Terrace");
    }

    private Wall wallNow(Flat of, int side) {
        return wall(asLead(() -> houses.flat(of.id())), side).asWall();
    }

    private Wall ceiling(Flat of) {
        return asLead(() -> houses.flat(of.id()))
                .rooms()
                .getFirst()
                .only(SurfaceKind.CEILING)
                .asWall();
    }

    private String put(int side, String... heights) {
        UUID id = wall(flat, side).id();
        List<String> names = List.of("roofLeft", "roofRight", "peakFromLeft", "peakHigh", "peakLevel");
        Map<String, String> fields = new LinkedHashMap<>();
        for (int i = 0; i < heights.length; i++) {
            fields.put(names.get(i), heights[i]);
        }
        assertThat(lead.post("/surfaces/" + id + "/roof", fields).statusCode()).isLessThan(400);
        return lead.get("/surfaces/" + id + "/edit").body();
    }

    @Test
    void aGableUnfoldsTheCeilingAlongItsSlopes() {
        assertThat(put(0, "1 m", "100 cm", "2", "2.5"))
                .contains(
                        "not-wall",
                        "value=\"2.5\"",
                        "reckoned along the slopes: 15 m²",
                        "Under this roof wall D ends at 1.00 m;",
                        "Under this roof wall C ends at 1.00 m / 2.50 m / 1.00 m;");
        assertThat(wallNow(flat, 0).grossArea().inSquareMetres()).isCloseTo(4 + 4 * 1.5 / 2, EXACT);
        assertThat(ceiling(flat).grossArea().inSquareMetres()).isCloseTo(3 * 2 * Math.hypot(2, 1.5), EXACT);
        // what the page offers is noted of the other wall, and one is back at this one
        var noted = lead.post(
                "/surfaces/" + wall(flat, 3).id() + "/roof",
                Map.of(
                        "roofLeft",
                        "1",
                        "roofRight",
                        "1",
                        "from",
                        wall(flat, 0).id().toString()));
        assertThat(noted.headers().firstValue("location").orElseThrow())
                .endsWith("/surfaces/" + wall(flat, 0).id() + "/edit#roof");
        assertThat(wallNow(flat, 3).grossArea().inSquareMetres()).isCloseTo(3, EXACT);
        assertThat(lead.get("/surfaces/" + wall(flat, 0).id() + "/edit").body())
                .contains("wall B ends at 1.00 m;")
                .doesNotContain("wall D ends");
        assertThat(put(1, "1", "1")).contains("reckoned along the slopes").doesNotContain("wall B ends");
        assertThat(put(2, "1", "1", "1", "2.5", "0.5")).contains("reckoned as large as the floor, 12 m²");
        assertThat(ceiling(flat).grossArea().inSquareMetres()).isCloseTo(12, EXACT);
        put(1);
        put(2);
        assertThat(lead.get("/flats/" + flat.id()).body()).contains("not-wall");
        assertThat(lead.get("/flats/" + flat.id() + "/history").body()).contains("up to the ceiling → 1.00 m / 2.50 m");
        put(0);
        assertThat(wallNow(flat, 0).ends().roof()).isEmpty();
        assertThat(ceiling(flat).grossArea().inSquareMetres()).isCloseTo(12, EXACT);
    }

    @Test
    void whatCannotBeIsRefusedInWordsAndChangesNothing() {
        assertThat(put(0, "1", "1", "2", "0.5")).contains("The peak would hang below the straight line");
        assertThat(put(0, "1", "9")).contains("High at the right", "8 m");
        assertThat(put(0, "1")).contains("High at the right");
        UUID wall = wall(flat, 0).id();
        lead.post("/surfaces/" + wall + "/features", Map.of("feature", "DOOR", "left", "0.2"));
        assertThat(put(0, "1", "1", "2", "2.5")).contains("would be cut by the roof", "value=\"2.5\"");
        assertThat(wallNow(flat, 0).ends().roof()).isEmpty();
    }

    @Test
    void nothingIsMarkedAboveItNorLeftThere() {
        UUID wall = wall(flat, 0).id();
        put(0, "1", "1", "2", "2.5");
        var refused = nail(wall, 300, 1900);
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("That lies above the roof, not on the wall.");
        put(0);
        assertThat(nail(wall, 300, 1900).statusCode()).isLessThan(400);
        UUID id = wall(flat, 0).id();
        var stands = lead.post(
                "/surfaces/" + id + "/roof",
                Map.of("roofLeft", "1", "roofRight", "1", "peakFromLeft", "2", "peakHigh", "2.5"));
        assertThat(stands.statusCode()).isEqualTo(409);
        assertThat(stands.body()).contains("would lie above the roof");
    }

    /** A gable on a shorter wall is steeper: what stood under it may stand above it then. */
    @Test
    void aWallIsNotMadeSoShortThatAMarkStandsAboveItsRoof() {
        UUID wall = wall(flat, 0).id();
        put(0, "1", "1", "2", "2.5");
        assertThat(nail(wall, 3000, 1700).statusCode()).isLessThan(400);
        var refused = lead.post(
                "/rooms/" + flat.rooms().getFirst().id() + "/walls",
                Map.of("flat", flat.id().toString(), "walls", "3.2 right, 3 right, 3.2 right, 3 right"));
        assertThat(refused.statusCode()).isEqualTo(409);
        assertThat(wallNow(flat, 0).width().inMetres()).isEqualTo(4);
    }

    @Test
    void theFlatAcrossTheLandingHasItTheOtherWayRound() {
        put(0, "1.2", "2.4");
        UUID other = asLead(() -> recording.addFlat(flat.house().id(), "roofed", 57, 3));
        asLead(() -> {
            setUp.copy(flat.id(), List.of(other), true, false);
            return other;
        });
        Flat copied = asLead(() -> houses.flat(other));
        Wall mirrored = copied.walls()
                .map(Surface::asWall)
                .filter(wall -> wall.ends().roof().isPresent())
                .findFirst()
                .orElseThrow();
        assertThat(mirrored.ends().roof().orElseThrow().left().inMetres()).isCloseTo(2.4, EXACT);
        assertThat(mirrored.ends().roof().orElseThrow().right().inMetres()).isCloseTo(1.2, EXACT);
    }

    @Test
    void aRoomIsNotLoweredUnderItsRoof() {
        put(0, "1", "1", "2", "2.5");
        Room room = flat.rooms().getFirst();
        var refused = lead.post(
                "/rooms/" + room.id(),
                Map.of(
                        "flat",
                        flat.id().toString(),
                        "roomName",
                        room.name(),
                        "roomKind",
                        room.kind().name(),
                        "height",
                        "2.2"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(wallNow(flat, 0).height().inMetres()).isEqualTo(2.5);
    }

    private HttpResponse<String> nail(UUID wall, int left, int up) {
        return lead.post(
                "/walls/" + wall + "/marks",
                Map.of(
                        "id",
                        UUID.randomUUID().toString(),
                        "kind",
                        "NAIL_HOLE",
                        "leftMm",
                        String.valueOf(left),
                        "upMm",
                        String.valueOf(up)));
    }

    private String putStairs(int side, String... fields) {
        UUID id = wall(flat, side).id();
        assertThat(lead.post(
                                "/surfaces/" + id + "/stairs",
                                Map.of(
                                        "stairsLeft", fields[0],
                                        "stairsRight", fields[1],
                                        "stairsFrom", fields[2],
                                        "stairsUntil", fields[3]))
                        .statusCode())
                .isLessThan(400);
        return lead.get("/surfaces/" + id + "/edit").body();
    }

    @Test
    void aWallAlongStairsBeginsWhereTheyClimb() {
        assertThat(putStairs(0, "0", "1.5", "1", "3")).contains("not-wall", "value=\"1.5\"");
        Wall wall = wallNow(flat, 0);
        assertThat(wall.grossArea().inSquareMetres()).isCloseTo(4 * 2.5 - 2 * 1.5 / 2 - 1.5, EXACT);
        assertThat(lead.get("/flats/" + flat.id() + "/history").body()).contains("from the floor → 0.00 m / 1.50 m");
        UUID id = wall(flat, 0).id();
        var refused = nail(id, 3500, 1400);
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("That lies below the stairs, not on the wall.");
        assertThat(nail(id, 600, 300).statusCode()).isLessThan(400);
        var stands = lead.post(
                "/surfaces/" + id + "/stairs",
                Map.of("stairsLeft", "0.5", "stairsRight", "1.5", "stairsFrom", "1", "stairsUntil", "3"));
        assertThat(stands.statusCode()).isEqualTo(409);
        assertThat(stands.body()).contains("below the stairs");
        putStairs(0, "", "", "", "");
        assertThat(wallNow(flat, 0).ends().stairs()).isEmpty();
    }

    @Test
    void stairsThatCannotBeAreRefusedInWordsAndLoseNothing() {
        assertThat(putStairs(0, "0", "1.5", "3", "1")).contains("End of the flight", "value=\"1.5\"");
        assertThat(putStairs(0, "0", "3", "1", "3")).contains("climb beyond the upper edge");
        assertThat(putStairs(0, "0", "", "1", "3")).contains("Foot at the right");
        assertThat(wallNow(flat, 0).ends().stairs()).isEmpty();
    }
}

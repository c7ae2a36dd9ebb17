package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintKind;
import lumko.app.catalogue.Product;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.NotFoundException;
import lumko.app.sheet.Sheet;
import lumko.app.sheet.SheetStep;
import lumko.app.sheet.Sheets;
import lumko.core.activity.ActivityKind;
import lumko.core.geometry.Fixture;
import lumko.core.judge.Scrutiny;
import lumko.core.quantity.Length;
import lumko.core.record.Layer;
import lumko.core.record.Substrate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Doors, radiators and other fixtures with paint of their own, over the real server. */
class FixturesTest extends ApplicationTest {
    @Autowired
    Fixtures fixtures;

    @Autowired
    SetUp setUp;

    @Autowired
    SeenPaints seen;

    @Autowired
    Sheets sheets;

    private SignedInClient lead;
    private Flat flat;
    private Room room;

    @BeforeEach
    void anEmptyFlat() {
        lead = SignedInClient.of(port, "mirela");
        flat = freshFlat("Tern Terrace");
        room = flat.rooms().getFirst();
    }

    private Flat now() {
        return asLead(() -> houses.flat(flat.id()));
    }

    private Surface enter(String kind, String name) {
        var answer = lead.post(
                "/rooms/" + room.id() + "/fixtures", Map.of("fixture", kind, "fixtureName", name, "sides", "1"));
        assertThat(answer.statusCode()).isLessThan(400);
        return now().rooms().getFirst().fixtures().getLast();
    }

    private Paint trimPaint() {
        return asLead(() -> {
            Product product = paints.book().productsByName().stream()
                    .filter(each -> each.kind() == PaintKind.TRIM)
                    .findFirst()
                    .orElseThrow();
            return new Paint(product, paints.book().coloursByName().getFirst());
        });
    }

    private void coat(Surface on, Paint paint) {
        asLead(() -> {
            recording.addCoat(
                    on.id(),
                    new NewCoat(
                            Layer.FINISH,
                            Optional.of(paint.product().id()),
                            Optional.of(paint.colour().id()),
                            List.of(),
                            "",
                            OptionalInt.empty(),
                            Optional.of(LocalDate.of(2020, 5, 1)),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            ""));
            return on;
        });
    }

    @Test
    void oneIsEnteredAsLargeAsUsualAndStandsInItsRoom() {
        Surface radiator = enter("RADIATOR", "");
        assertThat(radiator.fixture())
                .contains(new Fixture(Fixture.Kind.RADIATOR, Length.ofMetres(1), Length.ofMillimetres(600), 1));
        assertThat(radiator.substrate()).isEqualTo(Substrate.METAL);
        assertThat(lead.get("/flats/" + flat.id()).body()).contains(">radiator</span>");
        assertThat(lead.get("/flats/" + flat.id() + "?surface=" + radiator.id()).body())
                .contains("radiator, cut through");
        assertThat(lead.get("/rooms/" + room.id() + "/fixtures").body())
                .contains("1.00 m × 0.60 m, one side, metal", "Nothing is on record");
        assertThat(lead.get("/surfaces/" + radiator.id() + "/edit").body()).contains("Another layer");
    }

    /** From the empty room to the closed sheet. */
    @Test
    void itIsDecidedOnAtItsWallsAndPaintedByTheSheet() {
        Surface radiator = enter("RADIATOR", "window radiator");
        Paint paint = trimPaint();
        coat(radiator, paint);
        asLead(() -> {
            recording.setDates(flat.id(), TODAY, Optional.empty(), Optional.empty(), Scrutiny.AS_USUAL, -1);
            return flat;
        });
        UUID wall = room.walls().findFirst().orElseThrow().id();
        assertThat(lead.get("/walls/" + wall + "/walk").body()).contains("window radiator", "Paint it");
        assertThat(lead.post(
                                "/walls/" + wall + "/decide",
                                Map.of("surface", radiator.id().toString(), "action", "ROLL", "version", "-1"))
                        .statusCode())
                .isLessThan(400);
        String open = lead.get("/walls/" + wall + "/walk").body();
        assertThat(open).contains("fixture-" + radiator.id() + "-record", "Leave it");
        assertThat(lead.post(
                                "/walls/" + wall + "/paint",
                                Map.of("surface", radiator.id().toString(), "answer", "RECORD_AGREES", "version", "0"))
                        .statusCode())
                .isLessThan(400);
        var made = lead.post("/flats/" + flat.id() + "/sheet", Map.of());
        assertThat(made.statusCode()).as(made.body()).isLessThan(400);
        Sheet sheet = asLead(() -> sheets.sheet(sheets.openSheetOf(flat.id()).orElseThrow()));
        assertThat(sheet.steps())
                .extracting(step -> step.activity().kind())
                .contains(ActivityKind.PAINT_TRIM)
                .doesNotContain(ActivityKind.ROLL, ActivityKind.CUT_IN);
        assertThat(sheet.paints()).extracting(need -> need.paint()).containsExactly(paint);
        String page = lead.get("/sheets/" + sheet.id()).body();
        assertThat(page).contains("Paint it, first coat", "window radiator", "Heating off and the radiator cold");
        for (SheetStep step : sheet.steps()) {
            lead.post("/steps/" + step.id() + "/read", Map.of());
            lead.post("/steps/" + step.id() + "/tick", Map.of("why", "a test"));
        }
        Sheet done = asLead(() -> sheets.sheet(sheet.id()));
        assertThat(done.isAllTicked()).isTrue();
        assertThat(lead.get("/flats/" + flat.id() + "/history").body())
                .contains("Brushwork, first coat")
                .doesNotContain("Paint the trim");
        Map<String, String> closing =
                new java.util.HashMap<>(Map.of("seen", "NOT_SEEN", "from-BOTH_DIRECTIONS", "yes"));
        done.paints()
                .forEach(need -> need.open().forEach(tin -> {
                    closing.put("left-in-tin--" + tin.id(), "0.1");
                    closing.put("place--" + tin.id(), "shelf");
                    closing.put("version--" + tin.id(), String.valueOf(tin.version()));
                }));
        assertThat(lead.post("/sheets/" + sheet.id() + "/close", closing).statusCode())
                .isLessThan(400);
        Surface painted = now().surface(radiator.id()).orElseThrow();
        assertThat(painted.topCoat().orElseThrow().sheet()).contains(sheet.id());
        assertThat(lead.get("/sheets/" + sheet.id()).statusCode()).isEqualTo(200);
    }

    @Test
    void aDoorWithPaintOfItsOwnNoLongerCountsWithTheTrim() {
        UUID wall = room.walls().findFirst().orElseThrow().id();
        lead.post("/surfaces/" + wall + "/features", Map.of("feature", "DOOR", "left", "0.5"));
        assertThat(now().rooms().getFirst().doorSides()).isOne();
        Surface door = enter("DOOR", "kitchen door");
        assertThat(now().rooms().getFirst().doorSides()).isZero();
        lead.post("/fixtures/" + door.id() + "/gone", Map.of());
        assertThat(now().rooms().getFirst().doorSides()).isOne();
    }

    @Test
    void whatIsGoneStaysReadableAndComesBack() {
        Surface shelves = enter("SHELVES", "");
        coat(shelves, trimPaint());
        lead.post("/fixtures/" + shelves.id() + "/gone", Map.of());
        assertThat(now().rooms().getFirst().fixtures()).isEmpty();
        assertThat(asLead(() ->
                        seen.flatsIn(List.of(trimPaint().colour().id()), 1000).flats()))
                .as("a colour is not where nothing stands any more")
                .extracting(found -> found.door().flatId())
                .doesNotContain(flat.id());
        assertThat(now().surface(shelves.id()).orElseThrow().coats()).hasSize(1);
        assertThat(lead.get("/rooms/" + room.id() + "/fixtures").body()).contains("not there since", "Put it back");
        assertThat(lead.get("/flats/" + flat.id() + "/history").body()).contains("shelves");
        lead.post("/fixtures/" + shelves.id() + "/back", Map.of());
        assertThat(now().rooms().getFirst().fixtures()).hasSize(1);
    }

    @Test
    void itIsPutRightOnceAndNotOverASecondHand() {
        Surface radiator = enter("RADIATOR", "");
        Map<String, String> right = new java.util.HashMap<>(Map.of(
                "fixture", "RADIATOR", "fixtureName", "bay radiator", "fixtureWidth", "1.4", "fixtureHeight", "0.5"));
        right.putAll(Map.of("sides", "2", "substrate", "METAL", "version", "0"));
        assertThat(lead.post("/fixtures/" + radiator.id(), right).statusCode()).isLessThan(400);
        Surface now = now().surface(radiator.id()).orElseThrow();
        assertThat(now.label()).isEqualTo("bay radiator");
        assertThat(now.fixture().orElseThrow().painted().inSquareMetres()).isEqualTo(1.4 * 0.5 * 2 * 1.5);
        assertThat(lead.get("/flats/" + flat.id() + "/history").body()).contains("→ bay radiator");
        assertThatThrownBy(() -> asLead(() -> {
                    fixtures.change(radiator.id(), now.fixture().orElseThrow(), "x", Substrate.METAL, 0);
                    return radiator;
                }))
                .isInstanceOf(ChangedMeanwhileException.class);
        right.put("fixtureWidth", "20");
        var refused = lead.post("/fixtures/" + radiator.id(), right);
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("Width", "0.1", "6 m", "value=\"20\"", "value=\"bay radiator\"");
    }

    @Test
    void aFlatLikeAnotherHasItsFixtures() {
        Surface door = enter("DOOR", "cellar door");
        coat(door, trimPaint());
        UUID other = asLead(() -> recording.addFlat(flat.house().id(), "like it", 58, 3));
        asLead(() -> {
            setUp.copy(flat.id(), List.of(other), true, true);
            return other;
        });
        List<Surface> copied =
                asLead(() -> houses.flat(other)).rooms().getFirst().fixtures();
        assertThat(copied).extracting(Surface::label).containsExactly("cellar door");
        assertThat(copied.getFirst().coats()).hasSize(1);
    }

    @Test
    void onlyWhoKeepsItsRecordsEntersOneAndAStrangerSeesNone() {
        Surface radiator = enter("RADIATOR", "");
        Fixture is = radiator.fixture().orElseThrow();
        assertThatThrownBy(() -> as(member("tobias"), () -> fixtures.add(room.id(), is, "")))
                .isInstanceOf(NotAllowedException.class);
        assertThatThrownBy(() -> as(stranger(), () -> fixtures.add(room.id(), is, "")))
                .isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> as(stranger(), () -> {
                    fixtures.takeOff(radiator.id());
                    return is;
                }))
                .isInstanceOf(NotFoundException.class);
        UUID wall = room.walls().findFirst().orElseThrow().id();
        assertThatThrownBy(() -> asLead(() -> {
                    fixtures.takeOff(wall);
                    return wall;
                }))
                .as("a wall is no fixture")
                .isInstanceOf(NotFoundException.class);
    }
}

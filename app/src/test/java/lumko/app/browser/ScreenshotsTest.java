package lumko.app.browser;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Member;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.app.platform.EditableRow;
import lumko.app.reading.TakingReadings;
import lumko.app.sheet.SheetMaking;
import lumko.app.sheet.Sheets;
import lumko.app.sheet.Ticking;
import lumko.app.store.Store;
import lumko.app.walk.Confirming;
import lumko.app.walk.Deciding;
import lumko.app.walk.Marking;
import lumko.app.walk.OnIt;
import lumko.app.walk.PaintAnswer;
import lumko.app.walk.PlaceAnswer;
import lumko.app.walk.Walks;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.geometry.Spot;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Makes the pictures of docs/screenshots anew from the demo data; run by ./lumko shots. */
@Tag("shots")
class ScreenshotsTest extends BrowserTest {
    @Autowired
    Walks walks;

    @Autowired
    Deciding deciding;

    @Autowired
    Confirming confirming;

    @Autowired
    Marking marking;

    @Autowired
    Sheets sheets;

    @Autowired
    Ticking ticking;

    @Autowired
    SheetMaking making;

    @Autowired
    Store store;

    @Autowired
    TakingReadings readings;

    private final Path folder = Path.of(System.getProperty("lumko.shots", "target/screenshots"));

    @Test
    void everyMainView() {
        Member lead = member("mirela");
        Flat flat = flat("Ropewalk Court", 7);
        Surface bedroom = wall(flat, 0);
        Surface living = wall(flat, 6);
        as(lead, () -> {
            mark(bedroom, FaultKind.NAIL_HOLE, 620, 820);
            mark(bedroom, FaultKind.NAIL_HOLE, 1750, 1680);
            mark(bedroom, FaultKind.NAIL_HOLE, 2200, 1560);
            mark(bedroom, FaultKind.ANCHOR, 2000, 1060);
            mark(bedroom, FaultKind.DING, 950, 420);
            mark(living, FaultKind.NAIL_HOLE, 1500, 900);
            mark(living, FaultKind.SCREW_HOLE, 3300, 800);
            marking.set(
                    UUID.randomUUID(),
                    wall(flat, 8).id(),
                    new Mark(
                            Spot.ofMillimetres(2000, 1400), FaultKind.CRACK.of(Measures.ofMillimetres(900, 500, 0.4))));
            confirm(bedroom);
            confirm(living);
            walks.flat(houses.flat(flat.id()))
                    .openPlaces()
                    .forEach(open -> deciding.answerPlace(
                            open.surfaceId(), open.place().kind(), open.left(), PlaceAnswer.PAINT));
            return lead;
        });
        Page desk = enter(Screen.DESK, "Mirela Oduya");
        shot(desk, "/", "front");
        shot(desk, "/flats/" + flat.id(), "flat");
        shot(desk, "/walls/" + bedroom.id() + "/walk", "walk");
        shot(desk, "/store", "store");
        shot(
                desk,
                "/bench?one=" + colour("Kelp Cellar") + "&other=" + colour("Harbour Milk")
                        + "&from=WHITE_BASE&tinful=2500&step=0.1",
                "bench");
        shot(desk, "/practice", "practice");
        shot(desk, "/minutes", "minutes");
        shot(desk, "/figures", "figures");
        shot(desk, "/plan", "plan");
        desk.navigate(url("/"));
        desk.getByText("Say what was seen").first().click();
        button(desk, "not seen").click();
        desk.locator("#seen li").first().waitFor();
        shot(desk, "/outcomes", "outcomes");
        Page phone = enter(Screen.PHONE, "Jonas Petrak");
        shot(phone, "/walls/" + bedroom.id() + "/walk", "walk-phone");
        UUID toggle = as(lead, () -> walks.wall(living.id())).marks().stream()
                .filter(mark -> mark.mark().fault().kind() == FaultKind.TOGGLE)
                .findFirst()
                .orElseThrow()
                .id();
        shot(phone, "/marks/" + toggle, "mark-phone");
        shot(phone, "/plan/days", "days-phone");
        desk.navigate(url("/marks/" + toggle + "/touch-up?feather=40&days=2&elevation=8"));
        desk.locator("#more img").first().waitFor();
        picture(desk, "will-it-show");
        UUID unknown = wall(flat("Brickfield House", 19), 2).id();
        as(lead, () -> {
            readings.calibrate(unknown, true);
            for (int n = 0; n < 4; n++) {
                readings.shoot(unknown);
            }
            return unknown;
        });
        shot(desk, "/walls/" + unknown + "/reading", "reading");
        desk.navigate(url("/walls/" + living.id() + "/walk"));
        desk.locator("#torch").click();
        picture(desk, "walk-torch");
        UUID sheet = as(lead, () -> making.make(flat.id()));
        shot(desk, "/sheets/" + sheet, "sheet");
        as(member("jonas"), () -> {
            sheets.sheet(sheet).steps().stream().limit(5).forEach(step -> {
                ticking.read(step.id(), Optional.empty());
                ticking.tick(step.id(), "powders under the nail", Optional.empty());
            });
            return sheet;
        });
        phone.navigate(url("/sheets/" + sheet));
        phone.evaluate("document.querySelector('.sheet-step.next').scrollIntoView({block: 'center'})");
        picture(phone, "sheet-phone");
        shot(desk, "/flats/" + flat.id() + "/history", "history");
    }

    private UUID colour(String name) {
        return asLead(() -> paints.book().coloursByName().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id());
    }

    private void mark(Surface wall, FaultKind kind, double left, double up) {
        marking.set(UUID.randomUUID(), wall.id(), new Mark(Spot.ofMillimetres(left, up), kind.usualFault()));
    }

    private void confirm(Surface wall) {
        confirming.isOnIt(wall.id(), OnIt.of(PaintAnswer.RECORD_AGREES), EditableRow.UNSAVED);
    }

    private void shot(Page page, String path, String name) {
        page.navigate(url(path));
        picture(page, name);
    }

    private void picture(Page page, String name) {
        page.evaluate("document.fonts.ready.then(() => 1)");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}

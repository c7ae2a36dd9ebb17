package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.Optional;
import java.util.UUID;
import lumko.app.catalogue.PaintBook;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.platform.EditableRow;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.app.walk.Confirming;
import lumko.app.walk.Marking;
import lumko.app.walk.OnIt;
import lumko.app.walk.PaintAnswer;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Spot;
import lumko.core.judge.Scrutiny;
import lumko.core.quantity.Volume;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A wall is doubted on the walk, looked at on the bench, feathered, closed, inspected after nine days; the plot has a point more. */
class TouchUpStoryTest extends BrowserTest {
    @Autowired
    Store store;

    @Autowired
    Marking marking;

    @Autowired
    Confirming confirming;

    @Autowired
    JdbcClient jdbc;

    private UUID wallId = new UUID(0, 0);

    /** A fresh flat with its paint in store, four holes at eye level, keys back. */
    private Flat doubted() {
        Flat flat = freshFlat("Ropewalk Court");
        wallId = wall(flat, 0).id();
        asLead(() -> {
            PaintBook stock = paints.book();
            UUID tinId = store.addTin(
                    "S" + flat.number(),
                    stock.productsByName().stream()
                            .filter(product -> product.name().equals("Hearth Matt"))
                            .findFirst()
                            .orElseThrow()
                            .id(),
                    stock.coloursByName().getFirst().id(),
                    "S" + flat.number(),
                    Volume.ofLitres(5),
                    Volume.ofLitres(3),
                    "story shelf",
                    "");
            Tin tin = store.tin(tinId).orElseThrow();
            recording.addCoat(
                    wallId,
                    NewCoat.finish(
                            tin.product().id(), tin.colour().id(), Optional.of(tinId), TODAY.minusMonths(10), ""));
            recording.setDates(
                    flat.id(),
                    TODAY.minusDays(1),
                    Optional.of(TODAY.plusDays(12)),
                    Optional.empty(),
                    Scrutiny.AS_USUAL,
                    EditableRow.UNSAVED);
            for (int n = 0; n < 4; n++) {
                marking.set(
                        UUID.randomUUID(),
                        wallId,
                        new Mark(Spot.ofMillimetres(900 + 500 * n, 1500), FaultKind.ANCHOR.usualFault()));
            }
            confirming.isOnIt(wallId, OnIt.of(PaintAnswer.RECORD_AGREES), EditableRow.UNSAVED);
            return tinId;
        });
        return flat;
    }

    private static Locator handle(Page page, String field) {
        return page.locator(".handle[data-field='" + field + "']");
    }

    private static double value(Page page, String field) {
        return Double.parseDouble(handle(page, field).getAttribute("aria-valuenow"));
    }

    private static void ready(Page page) {
        page.waitForFunction("() => document.querySelector('.stage').dataset.ready === 'true'");
    }

    @Test
    void aWallIsDoubtedTriedFeatheredAndLookedAtAgain() {
        Flat flat = doubted();
        Page desk = enter(Screen.DESK, "Mirela Oduya");
        int before = outcomes(desk);

        // doubted: what decides, and from there to the bench
        desk.navigate(url("/walls/" + wallId + "/walk"));
        assertThat(desk.locator("#decides")).containsText("What would change it");
        desk.locator("#decides a").first().click();
        ready(desk);
        assertThat(desk.locator("h1")).hasText("Will it show?");

        // by mouse: the feather is pulled wider, and picture and figure follow
        String picture = desk.locator("#picture").getAttribute("href");
        BoundingBox box = handle(desk, "feather").locator(".knob").boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        double feather = value(desk, "feather");
        desk.mouse().move(x, y);
        desk.mouse().down();
        desk.mouse().move(x + 60, y);
        desk.mouse().up();
        assertThat(value(desk, "feather")).isGreaterThan(feather);
        desk.waitForCondition(
                () -> !desk.locator("#picture").getAttribute("href").equals(picture));
        assertThat(desk.locator("#seen")).containsText("Feathered over " + (int) value(desk, "feather") + " mm");

        // by keys: the eye walks back, the days go on
        handle(desk, "eye").focus();
        desk.keyboard().press("PageUp");
        assertThat(value(desk, "eye")).isEqualTo(2.0);
        assertThat(desk.locator("#seen")).containsText("From 2.00 m");
        handle(desk, "days").focus();
        desk.keyboard().press("Home");
        assertThat(desk.locator("#seen")).containsText("after 0 days");
        assertThat(handle(desk, "days").locator("text")).hasText("0 days");
        // the tool of the wall, and washing first
        desk.getByText("the ordinary roller, nearly dry").click();
        assertThat(desk.locator("#seen")).containsText("the ordinary roller");
        assertThat(desk.locator("#more img")).hasCount(4);
        assertAccessible(desk, "touch-up bench");

        // by finger
        Page phone = enter(Screen.PHONE, "Mirela Oduya");
        phone.navigate(desk.url());
        ready(phone);
        handle(phone, "days").scrollIntoViewIfNeeded();
        double days = value(phone, "days");
        swipe(phone, handle(phone, "days").locator(".day-knob"), 60);
        assertThat(value(phone, "days")).isGreaterThan(days);
        assertNoWiderThanTheScreen(phone, "touch-up bench on a phone");

        // feathered against the verdict, or with it
        desk.navigate(url("/walls/" + wallId + "/walk"));
        if (!desk.locator("#verdict-word").textContent().equals("Feather")) {
            desk.locator("#otherwise summary").click();
            desk.getByLabel("Reason").fill("seen on the bench");
            button(desk, "Feather").click();
        }
        assertThat(desk.locator("#verdict-word")).hasText("Feather");
        desk.navigate(url("/flats/" + flat.id()));
        button(desk, "Make the sheet").click();
        assertThat(desk.locator("h1")).containsText("Sheet");
        String sheet = desk.url();
        int steps = desk.locator("button.tick").count();
        for (int n = 0; n < steps; n++) {
            tickStep(desk, n);
        }
        button(desk, "Close the sheet").click();
        desk.getByLabel("from standing distance").check();
        desk.getByLabel("along the light").check();
        desk.getByLabel("not seen").check();
        button(desk, "Close the sheet").click();
        assertThat(desk.locator("#live")).containsText("Closed by Mirela Oduya");

        // nine days on the front asks, somebody answers, and the plot has a point more
        UUID id = UUID.fromString(sheet.substring(sheet.lastIndexOf('/') + 1));
        jdbc.sql("update prediction set made_at = made_at - interval '9 days' where sheet_id = ?")
                .param(id)
                .update();
        desk.navigate(url("/"));
        desk.locator("a[href='/sheets/" + id + "#seen']").click();
        assertThat(desk.locator("#seen")).containsText("predicted to show");
        button(desk, "only when looked for").click();
        assertThat(desk.locator("#seen")).containsText("9 days later: only when looked for");
        assertThat(outcomes(desk)).isEqualTo(before + 1);
        assertThat(desk.locator("#reliability circle").count()).isPositive();
        assertAccessible(desk, "how well it predicts");
        desk.setViewportSize(Screen.PHONE.width, Screen.PHONE.height);
        assertTextIsLegible(desk, "how well it predicts, on the phone");
    }

    private int outcomes(Page page) {
        page.navigate(url("/outcomes"));
        Locator count = page.locator("#count");
        return count.count() == 0 ? 0 : Integer.parseInt(count.textContent().split(" ")[0]);
    }

    /** A finger that drags something to the right. */
    private static void swipe(Page phone, Locator what, double by) {
        BoundingBox box = what.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        Finger finger = new Finger(phone);
        finger.down(x, y);
        finger.move(x + by / 2, y);
        finger.move(x + by, y);
        finger.up();
    }
}

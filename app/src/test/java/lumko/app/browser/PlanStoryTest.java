package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import lumko.app.plan.Searching;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationContext;

/**
 * Somebody is away tomorrow: ways from here are offered, one is looked at and taken; why one flat is late;
 * a stroke is dragged and settled; a painter's day on the phone.
 */
class PlanStoryTest extends BrowserTest {
    @Autowired
    ApplicationContext application;

    private void searched() {
        asLead(() -> {
            Searching.run(application);
            return null;
        });
    }

    @Test
    void aSlipIsOfferedLookedAtTakenAndTakenBack() {
        Page desk = enter(Screen.DESK, "Mirela Oduya");
        desk.navigate(url("/plan/hours"));
        desk.locator("#person").selectOption("Jonas Petrak");
        desk.locator("#day").fill(TODAY.plusDays(1).toString());
        button(desk, "Save").first().click();
        assertThat(desk.locator("main")).containsText("away");

        desk.navigate(url("/plan"));
        assertThat(desk.getByRole(AriaRole.STATUS).first()).containsText("Looking for plans");
        searched();
        // the page stays as it is under one's hands, and says that there is something to see
        desk.getByText("See what was found").click();
        Locator offers = desk.locator("aside li:has(button:has-text('Take'))");
        // the page with them has to come first
        assertThat(offers.first()).containsText("painter-days");
        assertThat(offers.count()).isBetween(1, 3);
        desk.locator("main aside a:has-text('Look')").first().click();
        assertThat(desk.locator(".ghost")).not().hasCount(0);
        desk.locator("button:has-text('Take')").first().click();
        assertThat(desk.getByText("Back to the plan before")).isVisible();
        assertThat(desk.locator(".ghost")).hasCount(0);

        desk.getByText("Back to the plan before").click();
        assertThat(desk.locator("h1")).containsText("Who does what when");
        desk.navigate(url("/plan/hours"));
        button(desk, "Take away").first().click();
        assertThat(button(desk, "Take away")).hasCount(0);
    }

    @Test
    void whyAFlatIsLate() {
        Page desk = enter(Screen.DESK, "Mirela Oduya");
        desk.navigate(url("/plan"));
        button(desk, "Look again").click();
        searched();
        desk.navigate(url("/plan"));
        Locator story = desk.locator("aside section").first();
        assertThat(story.locator("h2")).containsText("Ropewalk Court 12 is late by");
        assertThat(story.locator("ol li").first()).containsText(": ");
        // what would help depends on what other tests have left to do: HelpsTest asks for each
        assertThat(story).containsText("The turnover");
        // the sheet says the same, beside what one person would come to; who comes next a tick would overtake
        desk.locator("main aside a:has-text('Open the flat')").click();
        Locator planned = desk.locator("main p:has(> a[href*='/plan?flat='])");
        assertThat(planned).containsText("in the plan: ");
        desk.locator("a:has-text('Open the sheet')").first().click();
        assertThat(planned).containsText(" late");
        assertThat(planned).not().containsText("in the plan: ");
        desk.navigate(url("/plan"));
        // another flat is chosen by its head
        desk.locator("svg.plan a.window-link").last().focus();
        desk.keyboard().press("Enter");
        assertThat(desk.locator("aside section h2").first()).not().containsText("Ropewalk Court 12");
    }

    @Test
    void aStrokeIsDraggedAndToldWhatThatWouldDo() {
        Page desk = enter(Screen.DESK, "Mirela Oduya");
        desk.navigate(url("/plan"));
        Locator stroke = desk.locator("a.stroke:not(.done) .work").nth(3);
        stroke.scrollIntoViewIfNeeded();
        BoundingBox box = stroke.boundingBox();
        desk.mouse().move(box.x + 8, box.y + 3);
        desk.mouse().down();
        desk.mouse().move(box.x + 8, box.y + 60);
        desk.mouse().move(box.x + 8, box.y + 90);
        desk.locator("#dragged h2, #dragged p").first().waitFor();
        desk.mouse().up();
        desk.waitForURL(address -> address.contains("/plan/piece"));
        assertThat(desk.getByLabel("When it begins")).not().hasValue("");
        assertThat(desk.locator("main section[role=status]")).isVisible();
    }

    @Test
    void arrowKeysGoFromStrokeToStroke() {
        Page desk = enter(Screen.DESK, "Mirela Oduya");
        desk.navigate(url("/plan"));
        Locator stroke = desk.locator("a.stroke").first();
        stroke.focus();
        String first = stroke.getAttribute("data-key");
        BoundingBox before = focused(desk).boundingBox();
        desk.keyboard().press("ArrowDown");
        assertThat(focused(desk).getAttribute("data-key")).isNotEqualTo(first);
        assertThat(focused(desk).boundingBox().y).isGreaterThan(before.y);
        desk.keyboard().press("ArrowRight");
        BoundingBox beside = focused(desk).boundingBox();
        desk.keyboard().press("ArrowLeft");
        assertThat(focused(desk).boundingBox().x).isLessThan(beside.x);
    }

    private static Locator focused(Page page) {
        return page.locator("a.stroke:focus");
    }

    @Test
    void aFingerHoldsAStrokeAndDragsIt() {
        Page tablet = enter(Screen.PHONE, "Mirela Oduya");
        tablet.setViewportSize(Screen.DESK.width, Screen.DESK.height);
        tablet.navigate(url("/plan"));
        Locator stroke = tablet.locator("a.stroke:not(.done) .work").nth(3);
        stroke.scrollIntoViewIfNeeded();
        BoundingBox box = stroke.boundingBox();
        touch(tablet, "pointerdown", box.x + 8, box.y + 3);
        touch(tablet, "pointermove", box.x + 8, box.y + 40);
        touch(tablet, "pointerup", box.x + 8, box.y + 40);
        // a finger that moves at once scrolls
        assertThat(tablet.locator(".dragged")).hasCount(0);
        assertThat(tablet).hasURL(url("/plan"));

        touch(tablet, "pointerdown", box.x + 8, box.y + 3);
        tablet.locator(".dragged").waitFor();
        touch(tablet, "pointermove", box.x + 8, box.y + 60);
        touch(tablet, "pointermove", box.x + 8, box.y + 90);
        tablet.locator("#dragged h2, #dragged p").first().waitFor();
        touch(tablet, "pointerup", box.x + 8, box.y + 90);
        tablet.waitForURL(address -> address.contains("/plan/piece"));
    }

    /** What a browser tells of a finger. Real touches that end in another page leave Chromium's driver waiting. */
    private static void touch(Page page, String what, double x, double y) {
        page.evaluate("""
                ([what, x, y]) => document.elementFromPoint(x, y).dispatchEvent(new PointerEvent(what,
                  { pointerType: "touch", clientX: x, clientY: y, bubbles: true, cancelable: true, button: 0 }))""", List.of(what, x, y));
    }

    @Test
    void thePainterSeesTheDaysOnThePhone() {
        Page phone = enter(Screen.PHONE, "Jonas Petrak");
        phone.navigate(url("/plan"));
        phone.locator("main a.btn:has-text('Days of each painter')").click();
        assertThat(phone.locator("h1")).containsText("Jonas Petrak");
        assertThat(phone.locator("section h2").first()).isVisible();
        List<String> flats = phone.locator("section ol li a").allInnerTexts();
        assertThat(flats).isNotEmpty().allSatisfy(flat -> assertThat(flat).matches(".+ \\d+"));
    }
}

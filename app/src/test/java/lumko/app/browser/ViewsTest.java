package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Media;
import java.util.List;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.app.store.Store;
import lumko.app.walk.Marking;
import lumko.app.walk.Walks;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Spot;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Every view is readable by everybody, on both screens, in light and in dark. */
class ViewsTest extends BrowserTest {
    @Autowired
    Walks walks;

    @Autowired
    Marking marking;

    @Autowired
    Store store;

    /** What is looked at every day, most of it on site. */
    private List<String> daily() {
        Flat flat = flat("Ropewalk Court", 3);
        Flat unknown = flat("Brickfield House", 19);
        return List.of(
                "/",
                "/flats/" + flat.id(),
                "/walls/" + wall(flat, 2).id() + "/walk",
                "/walls/" + wall(unknown, 2).id() + "/walk",
                "/walls/" + ceiling(flat).id() + "/walk",
                "/marks/" + marked(flat),
                "/marks/" + marked(flat) + "/touch-up",
                "/walls/" + wall(flat, 0).id() + "/reading",
                "/flats/" + flat.id() + "/dates",
                "/store",
                "/bench",
                "/find?q=oat",
                "/plan",
                "/plan/days",
                "/nowhere");
    }

    /** What is looked at now and then, most of it at a desk. */
    private List<String> seldom() {
        Flat flat = flat("Ropewalk Court", 3);
        return List.of(
                "/store/tins/" + asLead(() -> store.all().getFirst().id()),
                "/paints",
                "/products/"
                        + asLead(() -> paints.book().productsByName().getFirst().id()),
                "/colours/"
                        + asLead(() -> paints.book().coloursByName().getFirst().id()),
                "/history",
                "/password",
                "/tables",
                "/organisation",
                "/houses/" + flat.house().id(),
                "/flats/" + flat.id() + "/set-up",
                "/surfaces/" + wall(flat, 0).id() + "/edit",
                "/figures",
                "/people",
                "/houses/new",
                "/houses/" + flat.house().id() + "/flats/new",
                "/flats/" + flat.id() + "/rooms/new",
                "/rooms/" + flat("Ropewalk Court", 7).rooms().getFirst().id() + "/fixtures",
                "/exchange",
                "/find",
                "/practice",
                "/flats/" + flat.id() + "/practice",
                "/flats/" + flat.id() + "/history",
                "/minutes",
                "/outcomes",
                "/plan/hours");
    }

    private static Surface ceiling(Flat flat) {
        return flat.faces().filter(Surface::isCeiling).findFirst().orElseThrow();
    }

    /** A mark with a choice of methods. */
    private UUID marked(Flat flat) {
        return asLead(() -> {
            UUID id = UUID.randomUUID();
            marking.set(
                    id, wall(flat, 0).id(), new Mark(Spot.ofMillimetres(1500, 1200), FaultKind.ANCHOR.usualFault()));
            return id;
        });
    }

    /**
     * Each view is opened once and looked at twice: by all rules in light at the desk, and by its size, its targets and its
     * reflow on the phone.
     */
    @Test
    void everyViewOfTheDayIsAccessible() {
        everyView(daily(), ViewsTest::lookAt);
    }

    @Test
    @Tag("slow")
    void everyOtherViewIsAccessible() {
        everyView(seldom(), ViewsTest::lookAt);
    }

    @Test
    @Tag("slow")
    void everyViewIsLegibleInTheDark() {
        everyView(Stream.concat(daily().stream(), seldom().stream()).toList(), (page, view) -> {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
            assertNoViolation(new AxeBuilder(page).withRules(List.of("color-contrast")), view + " in the dark");
        });
    }

    @Test
    @Tag("slow")
    void onPaperThereIsNothingToPress() {
        everyView(daily(), (page, view) -> {
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            Object left = page.evaluate("""
                    () => [...document.querySelectorAll('main :is(button, input, select, textarea, .btn)')]
                      .filter(e => e.getClientRects().length && !e.closest('.sr-only') && !e.hasAttribute('aria-pressed'))
                      .map(e => e.outerHTML.slice(0, 80))""");
            if (!view.equals("login")) {
                assertThat((List<?>) left).describedAs(view).isEmpty();
            }
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
        });
    }

    private void everyView(List<String> views, BiConsumer<Page, String> look) {
        Page page = open(Screen.DESK);
        page.navigate(url("/login"));
        look.accept(page, "login");
        enter(page, "Mirela Oduya");
        for (String view : views) {
            page.navigate(url(view));
            look.accept(page, view);
        }
        page.navigate(url("/flats/" + flat("Ropewalk Court", 3).id()));
        link(page, "Open the sheet").click();
        look.accept(page, "sheet");
    }

    private static void lookAt(Page page, String view) {
        assertAccessible(page, view);
        page.setViewportSize(Screen.PHONE.width, Screen.PHONE.height);
        assertNoViolation(
                new AxeBuilder(page).withRules(List.of("target-size", "scrollable-region-focusable", "meta-viewport")),
                view + " on the phone");
        assertNoWiderThanTheScreen(page, view + " on the phone");
        assertTargetsAreBigEnoughForAGlove(page, view);
        assertTextIsLegible(page, view);
        page.setViewportSize(Screen.DESK.width, Screen.DESK.height);
    }

    private static void assertTargetsAreBigEnoughForAGlove(Page page, String view) {
        Object small = page.evaluate("""
                () => [...document.querySelectorAll('button, nav a, a.btn, .way > a, summary, select, input:not([type=hidden])')]
                  .map(e => e.matches('[type=radio], [type=checkbox]') ? e.closest('label') ?? e : e)
                  .filter(e => e.offsetParent && !e.closest('.sr-only'))
                  .filter(e => e.getBoundingClientRect().height < 43.5)
                  .map(e => e.outerHTML.slice(0, 80))""");
        assertThat((List<?>) small).describedAs(view).isEmpty();
    }

    @Test
    void badInputStaysWhereItWasTyped() {
        Page page = enter(Screen.DESK, "Mirela Oduya");
        page.navigate(url("/flats/" + freshFlat("Tern Terrace").id() + "/rooms/new"));
        page.getByLabel("Room").fill("Attic");
        page.getByLabel("Length").fill("-4");
        page.getByLabel("Width").fill("3");
        page.getByLabel("Height").fill("2.4");
        button(page, "Add the room").click();
        assertThat(page.locator("#length-more")).containsText("Length must be 0.1–30 m, was -4 m.");
        assertThat(page.getByLabel("Room")).hasValue("Attic");
        page.getByLabel("Length").fill("4");
        button(page, "Add the room").click();
        assertThat(page.locator("main")).containsText("Attic");
    }

    @Test
    void theStoreTakesAColourAProductAndATin() {
        Page page = enter(Screen.DESK, "Mirela Oduya");
        page.navigate(url("/paints"));
        page.locator("#colourName").fill("Lantern Grey");
        button(page, "Add the colour").click();
        assertThat(page.locator("h1")).containsText("Lantern Grey");
        page.navigate(url("/paints"));
        page.locator("#maker").fill("Umberfield");
        page.locator("#product").fill("Cellar Wash");
        button(page, "Add the product").click();
        assertThat(page.locator("h1")).containsText("Umberfield Cellar Wash");
        page.navigate(url("/store"));
        page.locator("summary", new Page.LocatorOptions().setHasText("Add a tin"))
                .click();
        page.locator("#label").fill("0999");
        page.locator("#productId").fill("Umberfield Cellar Wash");
        page.locator("#colourId").pressSequentially("lantern");
        assertThat(page.locator("#colourId-list option").first()).hasAttribute("value", "Lantern Grey");
        page.locator("#colourId").fill("Lantern Grey");
        page.locator("#size").fill("2.5");
        page.locator("#left-in-tin").fill("3");
        page.locator("#place").fill("van");
        button(page, "Add the tin").click();
        assertThat(page.locator("main")).containsText("There cannot be more in the tin (3 L) than it holds (2.5 L).");
        page.locator("#left-in-tin").fill("2");
        button(page, "Add the tin").click();
        assertThat(page.locator("main")).containsText("0999");
    }

    @Test
    void anOwnFigureIsTakenWithItsReason() {
        Page page = enter(Screen.DESK, "Mirela Oduya");
        page.navigate(url("/figures"));
        page.locator("#q").fill("wash brush");
        button(page, "Look").click();
        var row = page.locator("#WASH_BRUSH");
        assertThat(page.locator("tbody tr")).hasCount(1);
        row.getByText("set", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(row.getByLabel("Figure")).isFocused();
        row.getByLabel("Figure").fill("500");
        row.getByLabel("Reason").fill("ours are large");
        row.getByText("Set", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(row).containsText("must be 0–60 min each, was 500 min each.");
        row.getByLabel("Figure").fill("6");
        row.getByText("Set", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(row).containsText("Mirela Oduya: ours are large");
        row.getByText("set", new Locator.GetByTextOptions().setExact(true)).click();
        row.getByText("back to start").click();
        assertThat(page.locator("#WASH_BRUSH")).containsText("starting value");
    }

    /** From no house to a walked wall: twelve flats with an L-shaped, painted room each. Clicks and fields are counted. */
    @Test
    void aHouseOfTwelveFlatsIsSetUpAndWalked() {
        Counted page = new Counted(enter(Screen.DESK, "Mirela Oduya"));
        page.click(link(page.page, "Add a house"));
        page.fill("House", "Pier Walk");
        page.fill("Built in", "1962");
        page.click(button(page.page, "Add the house"));
        page.fill("Floors", "3");
        page.fill("Flats on each", "4");
        page.choose("Numbers", "BY_FLOOR");
        page.click(button(page.page, "Add them"));
        page.click(link(page.page, "Pier Walk 1"));
        page.click(link(page.page, "Add a room"));
        page.fill("Room", "Living");
        page.fill("Height", "250 cm");
        page.fill("Wall by wall", "5 right, 1 right, 2 left, 3 right, 3 right, 4 right");
        page.click(button(page.page, "Add the room"));
        page.click(link(page.page, "Set up and put right"));
        page.fill("Colour", "Oat Husk");
        page.fill("Product", "Umberfield Hearth Matt");
        page.fill("Put on", "2025");
        page.click(button(page.page, "Enter it"));
        assertThat(page.page.locator("main [role=status]")).containsText("Entered on 6 surfaces.");
        for (Locator flat : page.page.locator("input[name=to]").all()) {
            page.click(flat);
        }
        page.click(button(page.page, "Enter these rooms there too"));
        assertThat(page.page.locator("main [role=status]")).containsText("Entered in 11 flats.");

        page.click(page.page.locator("header a[href='/find']"));
        page.fill("Flat, colour, code, tin, place, person, or #rrggbb", "pier walk 204");
        page.click(button(page.page, "Find"));
        page.click(page.page.locator("main li a").first());
        page.click(link(page.page, "Dates"));
        page.fill("Keys back", TODAY.toString());
        page.click(button(page.page, "Open the turnover"));
        page.click(link(page.page, "Walk it"));
        // nobody presses a key before the page listens to keys
        page.page.waitForFunction("() => document.querySelector('#board')?.closest('[x-data]')?._x_dataStack");
        page.page.locator("#board").focus();
        page.press("ArrowRight");
        page.press("n");
        assertThat(page.page.locator("#board .mark")).hasCount(1);
        page.click(button(page.page, "The record is right"));
        assertThat(page.page.locator("aside.verdict")).containsText("answered by Mirela Oduya");
        page.click(button(page.page, "Next"));
        assertThat(page.page.locator("h1")).containsText("Living B");
        assertThat(page.clicks).isLessThanOrEqualTo(40);
        assertThat(page.fields).isLessThanOrEqualTo(20);
    }

    /** A page with how often something was clicked or pressed, and how many fields were filled. */
    private static final class Counted {
        private final Page page;
        private int clicks;
        private int fields;

        private Counted(Page page) {
            this.page = page;
        }

        private void click(Locator what) {
            clicks++;
            what.click();
        }

        private void press(String key) {
            clicks++;
            page.keyboard().press(key);
        }

        private void fill(String label, String text) {
            fields++;
            page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
        }

        private void choose(String label, String option) {
            fields++;
            page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).selectOption(option);
        }
    }
}

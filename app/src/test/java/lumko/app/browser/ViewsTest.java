package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.UUID;
import java.util.function.BiConsumer;
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

    private List<String> views() {
        Flat flat = flat("Ropewalk Court", 3);
        Flat unknown = flat("Brickfield House", 19);
        return List.of(
                "/",
                "/flats/" + flat.id(),
                "/walls/" + wall(flat, 2).id() + "/walk",
                "/walls/" + wall(unknown, 2).id() + "/walk",
                "/store",
                "/store/tins/" + asLead(() -> store.all().getFirst().id()),
                "/paints",
                "/products/"
                        + asLead(() -> paints.book().productsByName().getFirst().id()),
                "/history",
                "/password",
                "/tables",
                "/organisation",
                "/houses/" + flat.house().id(),
                "/flats/" + flat.id() + "/set-up",
                "/figures",
                "/people",
                "/houses/new",
                "/houses/" + flat.house().id() + "/flats/new",
                "/flats/" + flat.id() + "/rooms/new",
                "/flats/" + flat.id() + "/dates",
                "/surfaces/" + wall(flat, 0).id() + "/edit",
                "/walls/" + ceiling(flat).id() + "/walk",
                "/marks/" + marked(flat),
                "/marks/" + marked(flat) + "/touch-up",
                "/walls/" + wall(flat, 0).id() + "/reading",
                "/bench",
                "/exchange",
                "/colours/"
                        + asLead(() -> paints.book().coloursByName().getFirst().id()),
                "/find",
                "/find?q=oat",
                "/practice",
                "/flats/" + flat.id() + "/practice",
                "/flats/" + flat.id() + "/history",
                "/minutes",
                "/outcomes",
                "/plan",
                "/plan/days",
                "/plan/hours",
                "/nowhere");
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
    void everyViewIsAccessible() {
        everyView(ViewsTest::lookAt);
    }

    @Test
    @Tag("slow")
    void everyViewIsLegibleInTheDark() {
        everyView((page, view) -> {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
            assertNoViolation(new AxeBuilder(page).withRules(List.of("color-contrast")), view + " in the dark");
        });
    }

    private void everyView(BiConsumer<Page, String> look) {
        Page page = open(Screen.DESK);
        page.navigate(url("/login"));
        look.accept(page, "login");
        enter(page, "Mirela Oduya");
        for (String view : views()) {
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
        page.setViewportSize(Screen.DESK.width, Screen.DESK.height);
    }

    private static void assertTargetsAreBigEnoughForAGlove(Page page, String view) {
        Object small = page.evaluate("""
                () => [...document.querySelectorAll('button, nav a, a.btn, summary, select, input:not([type=hidden])')]
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

    /** From no house to twelve flats with a painted room each: clicks and fields are counted. */
    @Test
    void aHouseOfTwelveFlatsIsSetUp() {
        Page page = enter(Screen.DESK, "Mirela Oduya");
        page.navigate(url("/houses/new"));
        page.getByLabel("House").fill("Pier Walk");
        page.getByLabel("Built in").fill("1962");
        button(page, "Add the house").click();
        page.getByLabel("Floors", new Page.GetByLabelOptions().setExact(true)).fill("3");
        page.getByLabel("Flats on each").fill("4");
        page.getByLabel("Numbers").selectOption("BY_FLOOR");
        button(page, "Add them").click();
        link(page, "Pier Walk 1").click();
        link(page, "Add a room").click();
        page.getByLabel("Room").fill("Living");
        page.getByLabel("Length").fill("5");
        page.getByLabel("Width").fill("400 cm");
        page.getByLabel("Height").fill("2.5");
        button(page, "Add the room").click();
        link(page, "Set up and put right").click();
        page.locator("#colourId").fill("Oat Husk");
        page.getByLabel("Put on").fill("2019");
        button(page, "Enter it").click();
        assertThat(page.locator("main [role=status]")).containsText("Entered on 4 surfaces.");
        for (Locator flat : page.locator("input[name=to]").all()) {
            flat.check();
        }
        button(page, "Enter these rooms there too").click();
        assertThat(page.locator("main [role=status]")).containsText("Entered in 11 flats.");
        page.navigate(url("/find?q=pier+walk+204"));
        page.locator("main li a").first().click();
        assertThat(page.locator("main")).containsText("Living");
        assertThat(link(page, "Set up and put right")).isVisible();
    }
}

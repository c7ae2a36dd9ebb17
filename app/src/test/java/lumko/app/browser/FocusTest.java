package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.house.Flat;
import lumko.app.sheet.SheetStep;
import lumko.app.sheet.Sheets;
import lumko.app.sheet.Ticking;
import lumko.app.walk.Marking;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Spot;
import lumko.core.judge.Scrutiny;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Whoever works by keyboard is not thrown to the top of the page by what they press. */
class FocusTest extends BrowserTest {
    @Autowired
    Marking marking;

    @Autowired
    Sheets sheets;

    @Autowired
    Ticking ticking;

    private static void press(Page page, Locator control) {
        control.focus();
        page.keyboard().press("Enter");
    }

    @Test
    void onTheWalkItStaysAtWhatWasPressedOrWhatIsAroundIt() {
        Flat flat = freshFlat("Tern Terrace");
        UUID wall = wall(flat, 0).id();
        asLead(() -> {
            recording.setDates(flat.id(), TODAY, Optional.empty(), Optional.empty(), Scrutiny.AS_USUAL, -1);
            marking.set(
                    UUID.randomUUID(), wall, new Mark(Spot.ofMillimetres(900, 1200), FaultKind.ANCHOR.usualFault()));
            return wall;
        });
        Page page = enter(Screen.DESK, "Mirela Oduya");
        page.navigate(url("/walls/" + wall + "/walk"));
        Locator damp = page.locator("button[name=finding][value=DAMP]");
        press(page, damp);
        assertThat(damp).hasAttribute("aria-pressed", "true");
        assertThat(damp).isFocused();
        Locator carpet = page.locator("button[name=floor][value=CARPET]");
        press(page, carpet);
        assertThat(carpet).hasAttribute("aria-pressed", "true");
        assertThat(carpet).isFocused();
        press(page, page.locator("[id^=remove-]").first());
        assertThat(page.locator("[data-mark]")).hasCount(0);
        page.waitForFunction("() => document.activeElement !== document.body");
    }

    @Test
    void onTheSheetTheNextStepTakesThePlaceOfTheOneThatWasTicked() {
        UUID sheet = asLead(() -> sheets.open().values().stream()
                .filter(id ->
                        sheets.sheet(id).next().filter(SheetStep::canBegin).isPresent())
                .findFirst()
                .orElseThrow());
        Set<UUID> before = ticked(sheet);
        try {
            tickTheNext(sheet);
        } finally {
            // others look at the same sheet
            Set<UUID> after = ticked(sheet);
            after.removeAll(before);
            after.forEach(step -> asLead(() -> ticking.untick(step)));
        }
    }

    private Set<UUID> ticked(UUID sheet) {
        return asLead(() -> sheets.sheet(sheet)).steps().stream()
                .filter(step -> step.tick().isPresent())
                .map(SheetStep::id)
                .collect(Collectors.toCollection(HashSet::new));
    }

    private void tickTheNext(UUID sheet) {
        Page page = enter(Screen.DESK, "Mirela Oduya");
        page.navigate(url("/sheets/" + sheet));
        while (page.locator(".sheet-step.next .read").count() > 0) {
            int unread = page.locator(".sheet-step.next .read").count();
            press(page, page.locator(".sheet-step.next .read").first());
            assertThat(page.locator(".sheet-step.next .read")).hasCount(unread - 1);
            page.waitForFunction("() => document.activeElement !== document.body");
        }
        Locator tick = page.locator(".sheet-step.next .tick").first();
        String id = tick.getAttribute("id");
        press(page, tick);
        assertThat(page.locator("#" + id)).hasAttribute("aria-pressed", "true");
        page.waitForFunction("() => document.activeElement !== document.body");
    }
}

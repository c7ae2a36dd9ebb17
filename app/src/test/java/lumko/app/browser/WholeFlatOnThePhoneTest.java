package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import lumko.app.house.Flat;
import lumko.app.walk.Walks;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A flat with marks on many walls, from “Walk it” to the closed sheet, with one hand on a phone: every tap is counted. */
class WholeFlatOnThePhoneTest extends BrowserTest {
    private static final int TAPS_A_WALL = 2;

    @Autowired
    Walks walks;

    private int taps;

    private void touch(Locator what) {
        what.click();
        taps++;
    }

    private void go(Page phone) {
        String from = phone.url();
        touch(phone.locator("#thumb-next"));
        phone.waitForURL(Pattern.compile("^(?!" + Pattern.quote(from) + ").*"));
    }

    @Test
    void fromWalkItToTheClosedSheet() {
        Flat flat = flat("Tern Terrace", 6);
        int faces = (int) flat.faces().count();
        Page phone = enter(Screen.PHONE, "Mirela Oduya");
        phone.navigate(url("/flats/" + flat.id()));
        assertAccessible(phone, "flat on a phone");

        // the record is right for the whole flat, and on from wall to wall
        touch(phone.locator("#walk-it"));
        touch(phone.locator("#paint-record"));
        assertThat(phone.locator("#paint-record")).hasAttribute("aria-pressed", "true");
        touch(phone.locator("#agree-flat"));
        assertThat(phone.locator("[role=status]").filter(new Locator.FilterOptions().setHasText("answered for")))
                .isVisible();

        // a stretch without signal: what is set is drawn at once and arrives later
        DeadSpot cellar = DeadSpot.entered(phone, "**/marks");
        double[] at = onScreen(phone, 900, 700);
        phone.mouse().click(at[0], at[1]);
        taps++;
        assertThat(phone.locator("svg.wall .waiting .mark")).hasCount(1);
        cellar.leave();
        assertThat(phone.locator("svg.wall .waiting .mark")).hasCount(0);
        assertThat(phone.locator("svg.wall [data-mark]").first()).isVisible();

        for (int wall = 0; wall < faces; wall++) {
            answerWhatWears(phone);
            if (phone.locator("#pass-room").isVisible()) {
                String from = phone.url();
                touch(phone.locator("#pass-room"));
                phone.waitForURL(Pattern.compile("^(?!" + Pattern.quote(from) + ").*"));
            } else {
                go(phone);
            }
            if (phone.url().contains("/flats/")) {
                break;
            }
        }
        assertThat(phone.locator("main")).containsText("every wall and ceiling walked");
        int marks = asLead(() -> walks.flat(flat)).surfaces().stream()
                .mapToInt(wall -> wall.marks().size())
                .sum();
        org.assertj.core.api.Assertions.assertThat(taps).isLessThanOrEqualTo(marks + TAPS_A_WALL * faces);

        // the sheet: short, nothing jumps, and closed at the end
        while (phone.locator("main .notice a").count() > 0) {
            touch(phone.locator("main .notice a").first());
            answerWhatWears(phone);
            phone.navigate(url("/flats/" + flat.id()));
        }
        touch(button(phone, "Make the sheet"));
        assertThat(phone.locator("h1")).containsText("Sheet");
        assertAccessible(phone, "sheet of a flat on a phone");
        // what the phone has folded stays folded when the air is noted
        phone.getByLabel("Humidity").fill("55");
        button(phone, "Note the air").click();
        assertThat(phone.locator("#air-now summary")).containsText("55 %");
        assertThat(phone.locator("#carry")).not().hasAttribute("open", "");
        int steps = phone.locator("button.tick").count();
        for (int n = 0; n < steps; n++) {
            tickStep(phone, n);
        }
        phone.getByLabel("from standing distance").check();
        phone.getByLabel("not seen").check();
        button(phone, "Close the sheet").click();
        assertThat(phone.locator("#live")).containsText("Closed by Mirela Oduya");
        assertThat(phone.locator("#seen")).containsText("predicted to show");
        assertAccessible(phone, "closed sheet with its predictions");
    }

    private void answerWhatWears(Page phone) {
        Locator leave = phone.getByRole(com.microsoft.playwright.options.AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("sound, leave it"));
        for (int n = 0; n < leave.count(); n++) {
            if (!"true".equals(leave.nth(n).getAttribute("aria-pressed"))) {
                touch(leave.nth(n));
                assertThat(leave.nth(n)).hasAttribute("aria-pressed", "true");
            }
        }
    }
}

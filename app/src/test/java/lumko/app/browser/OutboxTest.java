package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.List;
import lumko.app.house.Flat;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What was set on a device leaves it only when the server has it, or when the person has seen why not. */
class OutboxTest extends BrowserTest {
    private static final LocatorAssertions.HasCountOptions PATIENTLY =
            new LocatorAssertions.HasCountOptions().setTimeout(9000);

    private Flat flat = null;

    @BeforeEach
    void aFlat() {
        flat = freshFlat("Ropewalk Court");
    }

    private String walk() {
        return url("/walls/" + wall(flat, 0).id() + "/walk");
    }

    /** A tap that does not wait for its answer. */
    private static void tapOnly(Page page, double left, double up) {
        double[] at = onScreen(page, left, up);
        page.mouse().click(at[0], at[1]);
    }

    private static Locator outbox(Page page) {
        return page.locator("#outbox");
    }

    private void signOutAndEnterAs(Page page, String name) {
        page.navigate(url("/"));
        button(page, "Sign out").click();
        page.waitForURL(url("/login"));
        enter(page, name);
    }

    @Test
    void aPageWhoseTokenIsOldStillSends() {
        Page page = enter(Screen.PHONE, "Jonas Petrak");
        page.navigate(walk());
        Page other = page.context().newPage();
        signOutAndEnterAs(other, "Jonas Petrak");
        tapOnly(page, 800, 900);
        tapOnly(page, 1600, 900);
        tapOnly(page, 2400, 900);
        assertThat(page.locator("[data-row]")).hasCount(3, PATIENTLY);
        assertThat(outbox(page)).isHidden();
    }

    /** Whichever page of a device sends first sends for all: the wall that stands open in another tab has to show it. */
    @Test
    void whatAnotherPageSendsIsShownWhereItWasSet() {
        Page page = enter(Screen.PHONE, "Jonas Petrak");
        page.navigate(walk());
        Page other = page.context().newPage();
        other.navigate(url("/"));
        other.evaluate(
                "([path, wall]) => lumko.outbox.send(path,"
                        + " {id: crypto.randomUUID(), kind: 'NAIL_HOLE', leftMm: '900', upMm: '900'}, {wall})",
                List.of(
                        "/walls/" + wall(flat, 0).id() + "/marks",
                        page.locator("[data-wall]").getAttribute("data-wall")));
        assertThat(page.locator("[data-row]")).hasCount(1, PATIENTLY);
        assertThat(outbox(page)).isHidden();
        assertThat(outbox(other)).isHidden();
    }

    @Test
    void signedOutMeanwhileItWaitsForThePersonWhoSetIt() {
        Page page = enter(Screen.PHONE, "Jonas Petrak");
        page.navigate(walk());
        Page other = page.context().newPage();
        other.navigate(url("/"));
        button(other, "Sign out").click();
        other.waitForURL(url("/login"));
        tapOnly(page, 800, 900);
        assertThat(outbox(page)).containsText("1 not sent yet");
        assertThat(outbox(page)).containsText("Sign in again");
        // somebody else on the same phone does not send it as their own
        enter(other, "Saoirse Lindqvist");
        assertThat(outbox(other)).containsText("1 set by somebody else on this device");
        other.navigate(walk());
        assertThat(other.locator("[data-row]")).hasCount(0);
        // back again, from whatever page
        signOutAndEnterAs(other, "Jonas Petrak");
        assertThat(outbox(other)).isHidden();
        other.navigate(walk());
        assertThat(other.locator("[data-row]")).hasCount(1);
    }

    @Test
    void aRefusalStaysOnEveryPageUntilItWasSeen() {
        Page page = enter(Screen.DESK, "Jonas Petrak");
        page.navigate(walk());
        page.evaluate(
                "path => lumko.outbox.send(path, {id: crypto.randomUUID(), kind: 'NAIL_HOLE', leftMm: '9000', upMm: '900'},"
                        + " {where: 'Study A', what: 'nail'})",
                "/walls/" + wall(flat, 0).id() + "/marks");
        assertThat(outbox(page)).containsText("nail, Study A");
        assertThat(outbox(page)).containsText("must be 0–4000 mm");
        page.navigate(url("/store"));
        assertThat(outbox(page)).containsText("nail, Study A");
        assertAccessible(page, "store with a refusal");
        button(page, "Seen").click();
        assertThat(outbox(page)).isHidden();
        page.reload();
        assertThat(outbox(page)).isHidden();
    }

    @Test
    void whatWaitsIsShownOnEveryPageAndSentFromThere() {
        Page page = enter(Screen.PHONE, "Jonas Petrak");
        page.navigate(walk());
        page.context().route("**/marks", route -> route.abort());
        tapOnly(page, 800, 900);
        tapOnly(page, 1600, 900);
        assertThat(outbox(page)).containsText("2 not sent yet");
        page.navigate(url("/"));
        assertThat(outbox(page)).containsText("2 not sent yet");
        page.context().unroute("**/marks");
        assertThat(outbox(page)).isHidden(new LocatorAssertions.IsHiddenOptions().setTimeout(9000));
        page.navigate(walk());
        assertThat(page.locator("[data-row]")).hasCount(2);
    }

    @Test
    void undoMeansTheMarkThatHasNotArrivedYet() {
        Page page = enter(Screen.DESK, "Jonas Petrak");
        page.navigate(walk());
        tap(page, 800, 900);
        page.context().route("**/marks", route -> route.abort());
        tapOnly(page, 1600, 900);
        assertThat(outbox(page)).containsText("1 not sent yet");
        button(page, "Undo").click();
        assertThat(outbox(page)).containsText("2 not sent yet");
        page.context().unroute("**/marks");
        assertThat(outbox(page)).isHidden(new LocatorAssertions.IsHiddenOptions().setTimeout(9000));
        assertThat(page.locator("[data-row]")).hasCount(1);
        assertThat(page.locator("[data-row]").first()).containsText("0.80 m");
    }
}

package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import lumko.app.house.Flat;
import lumko.app.house.Recording;
import lumko.app.platform.EditableRow;
import lumko.app.sheet.SheetMaking;
import lumko.app.sheet.Sheets;
import lumko.app.store.Store;
import lumko.app.walk.Confirming;
import lumko.app.walk.Marking;
import lumko.app.walk.Next;
import lumko.app.walk.Reach;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Spot;
import lumko.core.judge.Scrutiny;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What was set on a device leaves it only when the server has it, or when the person has seen why not. */
class OutboxTest extends BrowserTest {
    @Autowired
    Recording recording;

    @Autowired
    Marking marking;

    @Autowired
    Confirming confirming;

    @Autowired
    SheetMaking making;

    @Autowired
    Sheets sheets;

    @Autowired
    Store store;

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
        assertThat(page.locator("[data-row]")).hasCount(3);
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
        assertThat(page.locator("[data-row]")).hasCount(1);
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
        DeadSpot cellar = DeadSpot.entered(page, "**/marks");
        tapOnly(page, 800, 900);
        tapOnly(page, 1600, 900);
        assertThat(outbox(page)).containsText("2 not sent yet");
        // drawn at once, though the server does not know them yet
        assertThat(page.locator("svg.wall .waiting .mark")).hasCount(2);
        assertThat(page.locator("[data-row]")).hasCount(0);
        page.navigate(url("/"));
        assertThat(outbox(page)).containsText("2 not sent yet");
        cellar.leave();
        assertThat(outbox(page)).isHidden();
        page.navigate(walk());
        assertThat(page.locator("[data-row]")).hasCount(2);
    }

    @Test
    void aTickWithoutSignalShowsAsNotSentAndArrivesWithItsOwnTime() {
        UUID wallId = wall(flat, 0).id();
        UUID sheetId = asLead(() -> {
            recording.setDates(
                    flat.id(), TODAY, Optional.empty(), Optional.empty(), Scrutiny.AS_USUAL, EditableRow.UNSAVED);
            marking.set(
                    UUID.randomUUID(),
                    wallId,
                    new Mark(Spot.ofMillimetres(800, 700), FaultKind.NAIL_HOLE.usualFault()));
            var tin = store.all().stream()
                    .filter(each -> each.colour().name().equals("Oat Husk"))
                    .findFirst()
                    .orElseThrow();
            confirming.goesOn(wallId, Optional.of(new Next.FromTin(tin)), Reach.SURFACE, EditableRow.UNSAVED);
            return clock.at(clock.instant().minus(Duration.ofHours(3)), () -> making.make(flat.id()));
        });
        Page page = enter(Screen.PHONE, "Jonas Petrak");
        page.navigate(url("/sheets/" + sheetId));
        DeadSpot cellar = DeadSpot.entered(page, "**/steps/**");
        page.clock().setFixedTime(Date.from(clock.instant().minus(Duration.ofHours(1))));
        page.locator("#tick-0").click();
        assertThat(page.locator("#tick-0")).hasClass(Pattern.compile("pending"));
        assertThat(outbox(page)).containsText("1 not sent yet");
        page.reload();
        assertThat(page.locator("#tick-0")).hasClass(Pattern.compile("pending"));
        cellar.leave();
        assertThat(page.locator("#tick-0")).hasAttribute("aria-pressed", "true");
        assertThat(outbox(page)).isHidden();
        Instant ticked = asLead(() -> sheets.sheet(sheetId))
                .steps()
                .getFirst()
                .tick()
                .orElseThrow()
                .at();
        org.assertj.core.api.Assertions.assertThat(Duration.between(ticked, clock.instant()))
                .isGreaterThan(Duration.ofMinutes(50));
    }

    @Test
    void undoMeansTheMarkThatHasNotArrivedYet() {
        Page page = enter(Screen.DESK, "Jonas Petrak");
        page.navigate(walk());
        tap(page, 800, 900);
        DeadSpot cellar = DeadSpot.entered(page, "**/marks");
        tapOnly(page, 1600, 900);
        assertThat(outbox(page)).containsText("1 not sent yet");
        button(page, "Undo").click();
        assertThat(outbox(page)).containsText("2 not sent yet");
        cellar.leave();
        assertThat(outbox(page)).isHidden();
        assertThat(page.locator("[data-row]")).hasCount(1);
        assertThat(page.locator("[data-row]").first()).containsText("0.80 m");
    }

    @Test
    void whatIsNeverAnsweredIsSentAgain() {
        Page page = enter(Screen.DESK, "Jonas Petrak");
        page.clock().install();
        page.navigate(walk());
        DeadSpot cellar = DeadSpot.ofSilence(page, "**/marks");
        tapOnly(page, 800, 900);
        assertThat(outbox(page)).containsText("1 not sent yet");
        cellar.leave();
        page.clock().fastForward(16_000);
        page.clock().fastForward(4_000);
        assertThat(outbox(page)).isHidden();
        assertThat(page.locator("[data-row]")).hasCount(1);
    }
}

package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.platform.EditableRow;
import lumko.app.walk.Walks;
import lumko.core.judge.Scrutiny;
import lumko.core.record.Layer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;

/** From a fault on a wall to a finished sheet and its record, as the people of the demo do it. */
class StoryTest extends BrowserTest {
    @Autowired
    Walks walls;

    @Test
    void theLeadWalksAWallAPainterDoesItAndTheRecordChangesByItself() {
        // the lead: the front, the flat, the wall
        Page desk = enter(Screen.DESK, "Mirela Oduya");
        assertThat(desk.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText(Pattern.compile("flats need a hand"));
        assertAccessible(desk, "front");
        Locator window = link(desk, "Ropewalk Court, flat 7: empty");
        window.click();
        assertThat(desk.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Flat 7 · Ropewalk Court");
        assertAccessible(desk, "flat");
        link(desk, "Bedroom, wall D, 0 marks").click();
        assertThat(desk.locator("#stack h2")).hasText("Bedroom, wall D, cut through");
        assertThat(desk.locator("#stack dl")).containsText("Oat Husk");
        assertThat(desk.locator("#stack dl")).containsText("tin 0401");
        int layers = desk.locator("#stack dl > div").count();
        link(desk, "Walk this wall").click();

        // marks by tap: each changes the verdict
        Locator word = desk.locator("#verdict-word");
        assertThat(word).hasText("Leave");
        tap(desk, 600, 700);
        String first = desk.locator("#verdict-price").textContent();
        assertThat(word).hasText("Dab");
        tap(desk, 1200, 800);
        tap(desk, 1800, 650);
        assertThat(desk.locator("#verdict-price").textContent()).isNotEqualTo(first);
        assertThat(desk.locator("svg[aria-label*='rolling is cheaper']")).isVisible();
        desk.keyboard().press("a");
        tap(desk, 2300, 900);
        desk.keyboard().press("d");
        // dragging to the right makes it bigger: 15 mm, then two steps up the ladder
        drag(desk, 900, 400, 28, 0);
        assertThat(desk.locator("[data-row]").nth(4)).containsText("30 mm wide");
        desk.keyboard().press("o");
        drag(desk, 1400, 1600, 60, 40);
        assertThat(desk.locator("[data-row]")).hasCount(6);
        String withPatch = word.textContent();
        assertThat(withPatch).isIn("Feather", "Roll edge to edge");
        // one too many, undone
        desk.keyboard().press("n");
        tap(desk, 2600, 1500);
        desk.keyboard().press("u");
        assertThat(desk.locator("[data-row]")).hasCount(6);
        assertThat(word).hasText(withPatch);
        assertThat(desk.getByText("Electricity")).isHidden();
        assertThat(desk.locator("#cautions summary")).containsText("lead possible");

        // what is on it, and what goes on: what is left of the very tin
        button(desk, "The record is right").first().click();
        assertThat(desk.locator("#paint-record")).hasAttribute("aria-pressed", "true");
        assertThat(desk.locator("#paint-goes-on")).containsText("The same again: Oat Husk");
        assertThat(desk.locator(".verdict")).containsText("answered by Mirela Oduya");
        assertThat(desk.locator(".verdict")).containsText("the paint comes from the very tin that is on it");
        assertAccessible(desk, "walk");
        link(desk, "To the flat and its sheet").click();

        // what wears at each turnover is not forgotten: no sheet before it is answered
        assertThat(button(desk, "Make the sheet")).hasCount(0);
        link(desk, "Kitchen C").click();
        button(desk, "tiled").click();
        assertThat(button(desk, "tiled")).hasAttribute("aria-pressed", "true");
        link(desk, "To the flat and its sheet").click();
        desk.locator(".notice a").last().click();
        button(desk, "sound, leave it").click();
        assertThat(button(desk, "sound, leave it")).hasAttribute("aria-pressed", "true");
        link(desk, "To the flat and its sheet").click();
        button(desk, "Make the sheet").click();
        assertThat(desk.locator("h1")).containsText("Sheet");
        assertThat(desk.locator("#carry")).containsText("Oat Husk");
        assertAccessible(desk, "sheet");
        String sheetUrl = desk.url();
        byte[] pdf = desk.request().get(sheetUrl + "/lumko-sheet.pdf").body();
        assertThat(new String(pdf, 0, 5, StandardCharsets.ISO_8859_1)).isEqualTo("%PDF-");

        // the painter: ticks on a phone, notes the air, closes
        Page phone = enter(Screen.PHONE, "Jonas Petrak");
        phone.navigate(sheetUrl);
        assertAccessible(phone, "sheet on a phone");
        assertThat(phone.locator("#air-now")).hasAttribute("open", "open");
        phone.getByLabel("Temperature").fill("400");
        phone.getByLabel("Humidity").fill("55");
        button(phone, "Note the air").click();
        assertThat(phone.locator("#temperature-more")).containsText("Temperature must be −30–60 °C, was 400 °C.");
        phone.getByLabel("Temperature").fill("19.5");
        button(phone, "Note the air").click();
        assertThat(phone.locator("#live")).containsText("19.5 °C, 55 %");
        int steps = phone.locator("button.tick").count();
        for (int n = 0; n < steps; n++) {
            tickStep(phone, n);
        }
        assertThat(phone.locator("#live")).containsText("early: dry by the back of the hand");
        // closing asks for the last look
        button(phone, "Close the sheet").click();
        assertThat(phone.locator("#closing")).containsText("Say how it was looked at");
        phone.getByLabel("from standing distance").check();
        phone.getByLabel("along the light").check();
        phone.getByLabel("not seen").check();
        assertAccessible(phone, "closing on a phone");
        button(phone, "Close the sheet").click();
        assertThat(phone.locator("#live")).containsText("Closed by Jonas Petrak");
        assertThat(phone.locator("#live")).containsText("not seen");
        assertAccessible(phone, "closed sheet on a phone");

        // the lead: everything has changed by itself
        desk.navigate(url("/"));
        assertThat(link(desk, "Ropewalk Court, flat 7: curing")).isVisible();
        link(desk, "Ropewalk Court, flat 7: curing").click();
        link(desk, "Bedroom, wall D, 0 marks").click();
        assertThat(desk.locator("#stack h2")).hasText("Bedroom, wall D, cut through");
        assertThat(desk.locator("#stack dl > div").count()).isGreaterThan(layers);
        assertThat(desk.locator("#stack dl")).containsText("Jonas Petrak · 19.5 °C, 55 %");
        Flat flat = flat("Ropewalk Court", 7);
        assertThat(wall(flat, 3).coats()).extracting(Coat::layer).contains(Layer.FILLER);

        // a colleague of other houses looks and ticks, but does not change; another organisation sees none of it
        Page emeka = enter(Screen.PHONE, "Emeka Thorsen");
        emeka.navigate(desk.url());
        assertThat(link(emeka, "Walk this wall")).isVisible();
        assertThat(emeka.getByText("Add a room")).isHidden();
        link(emeka, "Walk this wall").click();
        assertThat(emeka.locator("main"))
                .containsText("Only the lead and the painters who look after Ropewalk Court change its records.");
        assertThat(emeka.locator(".keys")).isHidden();
        stranger();
        Page stranger = open(Screen.DESK);
        stranger.navigate(url("/login"));
        stranger.getByLabel("Sign-in name").fill("stranger");
        stranger.getByLabel("Password").fill("wrong");
        button(stranger, "Sign in").click();
        assertThat(stranger.getByRole(AriaRole.ALERT)).hasText("Name or password do not fit. Try again.");
        stranger.getByLabel("Sign-in name").fill("stranger");
        stranger.getByLabel("Password").fill("long enough to be safe");
        button(stranger, "Sign in").click();
        assertThat(stranger.locator("main")).containsText("No house is on record yet");
        stranger.navigate(sheetUrl);
        assertThat(stranger.locator("h1")).hasText("Not here");
    }

    @Test
    void anUnknownWallIsReadIdentifiedAndATinIsFixed() {
        Flat flat = freshFlat("Ropewalk Court");
        asLead(() -> {
            recording.setDates(
                    flat.id(), TODAY, Optional.empty(), Optional.empty(), Scrutiny.AS_USUAL, EditableRow.UNSAVED);
            return flat;
        });
        Page page = enter(Screen.PHONE, "Jonas Petrak");
        page.navigate(url("/walls/" + wall(flat, 0).id() + "/walk"));
        page.locator("#read-colour").click();
        button(page, "Calibrate and begin").click();
        for (int n = 0; n < 3; n++) {
            page.locator("#shoot").click();
            assertThat(page.locator("figure")).hasCount(n + 2);
        }
        assertThat(page.locator("main")).containsText("Which paint may it be?");
        assertAccessible(page, "reading on a phone");
        String name = page.locator("ol.lines li b").first().textContent();
        button(page, "It is " + name).click();
        assertThat(page.locator(".verdict")).containsText(name);

        page.navigate(url("/bench"));
        page.locator("#one").fill("Oat Husk");
        page.locator("#other").fill("Brick Blush");
        button(page, "Lay them side by side").click();
        page.locator("#from").selectOption("THE_TIN");
        page.locator("form:has(#tinful) button").click();
        assertThat(page.locator("#recipe")).containsText("ml afterwards");
        assertAccessible(page, "bench on a phone");
        page.keyboard().press("/");
        page.waitForURL(url("/find"));
    }

    @Test
    void withoutAReaderAPhotoWithAGreyCardIsTapped() throws IOException {
        Flat flat = freshFlat("Ropewalk Court");
        BufferedImage photo = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 1600; x++) {
            for (int y = 0; y < 1200; y++) {
                photo.setRGB(x, y, x < 600 ? 0x767676 : 0xe6dece);
            }
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(photo, "png", png);
        Page page = enter(Screen.PHONE, "Jonas Petrak");
        page.navigate(url("/walls/" + wall(flat, 0).id() + "/reading"));
        page.getByText("No instrument: a photo with a grey card").click();
        page.locator("#photo").setInputFiles(new FilePayload("wall.png", "image/png", png.toByteArray()));
        Locator canvas = page.locator("canvas");
        assertThat(canvas).isVisible();
        var box = canvas.boundingBox();
        for (double[] at : new double[][] {{0.2, 0.5}, {0.6, 0.3}, {0.7, 0.6}}) {
            canvas.click(new Locator.ClickOptions().setPosition(at[0] * box.width, at[1] * box.height));
        }
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("1 more")))
                .isVisible();
        // the last one with the keys
        for (int n = 0; n < 15; n++) {
            canvas.press("ArrowRight");
        }
        canvas.press("Enter");
        assertAccessible(page, "a photo tapped on a phone");
        button(page, "Estimate").click();
        assertThat(page.locator("main")).containsText("Estimate from a photo: L* 88");
        assertThat(page.locator("main")).containsText("Oat Husk");
    }

    @Test
    void byKeyboardAlone() {
        Flat flat = freshFlat("Ropewalk Court");
        Page page = enter(Screen.DESK, "Jonas Petrak");
        page.navigate(url("/walls/" + wall(flat, 0).id() + "/walk"));
        page.locator(".board").focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Shift+ArrowUp");
        page.keyboard().press("s");
        Locator rows = page.locator("[data-row]");
        assertThat(rows).hasCount(1);
        assertThat(rows.first()).containsText("screw 5 mm");
        page.keyboard().press("+");
        assertThat(rows.first()).containsText("screw 6 mm");
        page.keyboard().press("-");
        assertThat(rows.first()).containsText("screw 5 mm");
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("h");
        assertThat(rows).hasCount(2);
        page.keyboard().press("u");
        assertThat(rows).hasCount(1);
        button(page, "Put back").click();
        assertThat(rows).hasCount(2);
        page.locator(".board").focus();
        page.keyboard().press(".");
        page.waitForURL(url("/walls/" + wall(flat, 1).id() + "/walk"));
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void withoutSignalMarksWaitOnTheDevice(Screen screen) {
        Flat flat = freshFlat("Ropewalk Court");
        Page page = enter(screen, "Jonas Petrak");
        page.navigate(url("/walls/" + wall(flat, 0).id() + "/walk"));
        tap(page, 1000, 800);
        // what follows a verdict by itself is here too
        assertThat(page.locator("#decides[hx-get]")).hasCount(0);
        page.context().setOffline(true);
        double[] at = onScreen(page, 2000, 800);
        page.mouse().click(at[0], at[1]);
        assertThat(page.locator("#outbox")).containsText("1 not sent yet");
        assertThat(page.locator("[data-row]")).hasCount(1);
        page.context().setOffline(false);
        assertThat(page.locator("[data-row]")).hasCount(2);
        assertThat(page.locator("#outbox")).isHidden();
        page.reload();
        assertThat(page.locator("[data-row]")).hasCount(2);
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void linesAndAreasAreDrawnAtTrueSize(Screen screen) {
        Flat flat = freshFlat("Ropewalk Court");
        Page page = enter(screen, "Jonas Petrak");
        page.navigate(url("/walls/" + wall(flat, 0).id() + "/walk"));
        double[] from = onScreen(page, 1000, 1000);
        double[] to = onScreen(page, 2000, 1500);
        page.locator("[data-group=CRACKS]").click();
        page.locator(".keys [data-kind=CRACK]").click();
        drag(page, 1000, 1000, (int) Math.round(to[0] - from[0]), (int) Math.round(to[1] - from[1]));
        var crack = asLead(() -> walls.wall(wall(flat, 0).id()))
                .marks()
                .getFirst()
                .mark()
                .fault();
        assertThat(crack.extent().inMillimetres()).isBetween(1060.0, 1180.0);
    }
}

package lumko.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.Map;
import lumko.app.ApplicationTest;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;

/** Drives the application in Debian's headless Chromium. Anything on the console that is an error fails the test. */
abstract class BrowserTest extends ApplicationTest {
    /** A screen to look at it on. */
    enum Screen {
        DESK(1280, 800),
        PHONE(390, 844);

        final int width;
        final int height;

        Screen(int width, int height) {
            this.width = width;
            this.height = height;
        }
    }

    /** How long a page may take before something is wrong with it: long, as two tests and their servers share a small machine. */
    private static final double PATIENCE_MS = 30_000;

    private static Playwright playwright;
    private static Browser browser;

    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<String> complaints = new ArrayList<>();

    @BeforeAll
    static void launch() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    @AfterAll
    static void quit() {
        browser.close();
        playwright.close();
    }

    @AfterEach
    void nothingOnTheConsole() {
        contexts.forEach(context -> {
            context.pages().forEach(BrowserTest::settle);
            context.close();
        });
        assertThat(complaints).isEmpty();
    }

    /** A context that is closed while one of its pages is on the way to another has been seen never to close. */
    private static void settle(Page page) {
        try {
            page.waitForLoadState(LoadState.LOAD, new Page.WaitForLoadStateOptions().setTimeout(5_000));
        } catch (PlaywrightException stillOnTheWay) {
            page.close();
        }
    }

    Page open(Screen screen) {
        return open(screen, ColorScheme.LIGHT);
    }

    Page open(Screen screen, ColorScheme scheme) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(screen.width, screen.height)
                .setHasTouch(screen == Screen.PHONE)
                .setColorScheme(scheme)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setTimezoneId("Europe/London")
                .setLocale("en-GB"));
        contexts.add(context);
        // the date of the tests, while timers go on as they are
        context.clock().setFixedTime(Date.from(clock.instant()));
        Page page = context.newPage();
        page.setDefaultTimeout(PATIENCE_MS);
        page.onConsoleMessage(message -> {
            // a refused form and a lost connection are reported by the browser itself
            if (message.type().equals("error") && !message.text().startsWith("Failed to load resource")) {
                complaints.add(message.text());
            }
        });
        page.onPageError(complaints::add);
        return page;
    }

    String url(String path) {
        return "http://localhost:" + port + path;
    }

    /** Enters the demo as one of its people. */
    Page enter(Screen screen, String name) {
        Page page = open(screen);
        enter(page, name);
        return page;
    }

    void enter(Page page, String name) {
        page.navigate(url("/login"));
        button(page, "Enter as " + name).click();
        page.waitForURL(url("/"));
    }

    static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .first();
    }

    static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name))
                .first();
    }

    /** No finding of WCAG A or AA, and nothing wider than the screen. */
    static void assertAccessible(Page page, String view) {
        assertNoViolation(
                new AxeBuilder(page).withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa")), view);
        assertNoWiderThanTheScreen(page, view);
    }

    static void assertNoViolation(AxeBuilder rules, String view) {
        // pages are of one frame: no other window has to be opened to put frames together
        var violations = rules.setLegacyMode(true).analyze().getViolations();
        assertThat(violations)
                .describedAs(
                        "%s: %s",
                        view,
                        violations.stream()
                                .map(rule -> rule.getId() + " "
                                        + rule.getNodes().stream()
                                                .map(node -> node.getHtml())
                                                .limit(3)
                                                .toList())
                                .toList())
                .isEmpty();
    }

    /** No text is smaller than 12 pixels, in pictures as they are scaled neither. */
    static void assertTextIsLegible(Page page, String view) {
        Object small = page.evaluate("""
                () => [...document.querySelectorAll('body *')]
                  .filter(e => [...e.childNodes].some(n => n.nodeType === 3 && n.textContent.trim()))
                  .filter(e => e.getClientRects().length && !e.closest('.sr-only, [aria-hidden=true], title, script, style'))
                  .filter(e => {
                    const scale = e.ownerSVGElement ? Math.hypot(e.getScreenCTM().a, e.getScreenCTM().b) : 1;
                    return parseFloat(getComputedStyle(e).fontSize) * scale < 11.9;
                  })
                  .map(e => e.textContent.trim() + ' in ' + e.outerHTML.slice(0, 80))""");
        assertThat((List<?>) small).describedAs(view).isEmpty();
    }

    static void assertNoWiderThanTheScreen(Page page, String view) {
        assertThat(page.evaluate("document.documentElement.scrollWidth <= document.documentElement.clientWidth"))
                .describedAs("%s is no wider than the screen", view)
                .isEqualTo(true);
    }

    // ---- on the wall

    /** Where a place of the wall, in millimetres, is on the screen. */
    static double[] onScreen(Page page, double left, double up) {
        page.waitForFunction("() => document.querySelector('main').dataset.ready === 'true'");
        @SuppressWarnings("unchecked")
        List<Number> at = (List<Number>) page.evaluate(
                "([left, up]) => { const svg = document.querySelector('svg.wall');"
                        + " const p = new DOMPoint(left, svg.dataset.high - up).matrixTransform(svg.getScreenCTM());"
                        + " return [p.x, p.y]; }",
                List.of(left, up));
        return new double[] {at.get(0).doubleValue(), at.get(1).doubleValue()};
    }

    /** Ticks a step of a sheet, with its cautions read and, where something is still wet, a reason. */
    static void tickStep(Page phone, int n) {
        Locator tick = phone.locator("#tick-" + n);
        Locator read = phone.locator(".sheet-step:has(#tick-" + n + ") button.read");
        if (read.first().isVisible()) {
            tick.click();
            PlaywrightAssertions.assertThat(phone.locator("#live"))
                    .containsText("Read the caution at this step first.");
            for (int left = read.count(); left > 0; left--) {
                read.first().click();
                PlaywrightAssertions.assertThat(read).hasCount(left - 1);
            }
        }
        tick.click();
        Locator reason = phone.locator("#why-" + n);
        phone.waitForCondition(() -> "true".equals(tick.getAttribute("aria-pressed")) || reason.isVisible());
        if (reason.isVisible()) {
            reason.fill("dry by the back of the hand");
            button(phone, "Go on all the same").click();
        }
        PlaywrightAssertions.assertThat(tick).hasAttribute("aria-pressed", "true");
    }

    /** Taps a place of the wall and waits until the mark stands. */
    static void tap(Page page, double left, double up) {
        drag(page, left, up, 0, 0);
    }

    /** Presses on a place of the wall, drags by so many pixels, lets go. */
    static void drag(Page page, double left, double up, int right, int down) {
        int before = page.locator("[data-row]").count();
        double[] at = onScreen(page, left, up);
        page.mouse().move(at[0], at[1]);
        page.mouse().down();
        if (right != 0 || down != 0) {
            page.mouse().move(at[0] + right, at[1] + down, new Mouse.MoveOptions().setSteps(4));
        }
        page.mouse().up();
        page.waitForCondition(() -> page.locator("[data-row]").count() == before + 1);
    }
}

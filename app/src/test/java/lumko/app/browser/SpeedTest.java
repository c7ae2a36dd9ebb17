package lumko.app.browser;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lumko.app.house.Flat;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Measures, and prints, how long pages take on the server and a mark from tap to verdict; run by ./lumko bench. */
@Tag("bench")
class SpeedTest extends BrowserTest {
    private static final int WARM_UP = 400;
    private static final int MEASURED = 100;

    @Test
    void pagesAndMarks() throws IOException, InterruptedException {
        Flat flat = flat("Ropewalk Court", 7);
        Page page = enter(Screen.DESK, "Mirela Oduya");
        page.navigate(url("/flats/" + flat("Ropewalk Court", 3).id()));
        String sheet = link(page, "Open the sheet").getAttribute("href");
        Map<String, String> views = new LinkedHashMap<>();
        views.put("front", "/");
        views.put("flat", "/flats/" + flat.id());
        views.put(
                "coat stack",
                "/flats/" + flat.id() + "?surface=" + wall(flat, 2).id());
        views.put("walk", "/walls/" + wall(flat, 0).id() + "/walk");
        views.put("reading", "/walls/" + wall(flat, 0).id() + "/reading");
        views.put("sheet", sheet);
        views.put("bench", "/bench");
        views.put("find", "/find?q=oat");
        views.put("practice", "/practice");
        views.put("history", "/flats/" + flat.id() + "/history");
        views.put("minutes", "/minutes");
        views.put("store", "/store");
        views.put("figures", "/figures");
        views.put("people", "/people");
        views.put("plan", "/plan");
        views.put("days", "/plan/days");
        String cookie = page.context().cookies().stream()
                .map(each -> each.name + "=" + each.value)
                .reduce((one, other) -> one + "; " + other)
                .orElseThrow();
        HttpClient client = HttpClient.newHttpClient();
        System.out.printf(
                "%n%-12s %10s %10s   (ms from request to last byte, loopback, %d each)%n",
                "page", "median", "95 %", MEASURED);
        for (Map.Entry<String, String> view : views.entrySet()) {
            HttpRequest request = HttpRequest.newBuilder(URI.create(url(view.getValue())))
                    .header("Cookie", cookie)
                    .build();
            double[] times = new double[MEASURED];
            for (int n = -WARM_UP; n < MEASURED; n++) {
                long start = System.nanoTime();
                HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
                if (answer.statusCode() != 200) {
                    throw new IllegalStateException(view + " answered " + answer.statusCode());
                }
                if (n >= 0) {
                    times[n] = (System.nanoTime() - start) / 1e6;
                }
            }
            print(view.getKey(), times);
        }
        print("mark", tapToVerdict(page, flat));
    }

    /** From the press of the finger until the new verdict stands in the page, in the browser's own clock. */
    private double[] tapToVerdict(Page page, Flat flat) {
        page.navigate(url("/walls/" + wall(flat, 3).id() + "/walk"));
        page.evaluate("""
                () => {
                  window.times = [];
                  addEventListener('pointerdown', () => { window.pressed = performance.now(); }, true);
                  new MutationObserver(() => {
                    if (window.pressed) { window.times.push(performance.now() - window.pressed); window.pressed = 0; }
                  }).observe(document.querySelector('main'), { childList: true });
                }""");
        for (int n = 0; n < 40; n++) {
            tap(page, 200 + 330 * (n % 8), 600 + 20 * (n % 20));
            if (n % 8 == 7) {
                for (int undo = 0; undo < 8; undo++) {
                    int before = page.locator("[data-row]").count();
                    page.keyboard().press("u");
                    page.waitForCondition(() -> page.locator("[data-row]").count() == before - 1);
                }
            }
        }
        List<Double> times = new ArrayList<>();
        for (Object each : (List<?>) page.evaluate("window.times")) {
            times.add(((Number) each).doubleValue());
        }
        return times.stream().skip(10).mapToDouble(Double::doubleValue).toArray();
    }

    private static void print(String name, double[] times) {
        Arrays.sort(times);
        System.out.printf("%-12s %10.1f %10.1f%n", name, times[times.length / 2], times[times.length * 95 / 100]);
    }
}

package lumko.app.browser;

import com.google.gson.Gson;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;

/** A finger on the glass: what a mouse cannot stand for. */
final class Finger {
    private final CDPSession session;

    Finger(Page page) {
        session = page.context().newCDPSession(page);
    }

    void down(double x, double y) {
        touch("touchStart", List.of(Map.of("x", x, "y", y)));
    }

    void move(double x, double y) {
        touch("touchMove", List.of(Map.of("x", x, "y", y)));
    }

    void up() {
        touch("touchEnd", List.of());
    }

    private void touch(String type, List<Map<String, Double>> points) {
        JsonObject event = new Gson()
                .toJsonTree(Map.of("type", type, "touchPoints", points))
                .getAsJsonObject();
        session.send("Input.dispatchTouchEvent", event);
    }
}

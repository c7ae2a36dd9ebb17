package lumko.app.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;

/**
 * A corner of the building where what is sent to some addresses does not arrive, until one leaves it. The route stays in place
 * afterwards: taking it away while a request is under way can lose that request.
 */
final class DeadSpot {
    private final AtomicReference<Consumer<Route>> fate;

    private DeadSpot(Page page, String addresses, Consumer<Route> fate) {
        this.fate = new AtomicReference<>(fate);
        page.context().route(addresses, route -> this.fate.get().accept(route));
    }

    /** Whatever is sent fails at once. */
    static DeadSpot entered(Page page, String addresses) {
        return new DeadSpot(page, addresses, Route::abort);
    }

    /** Whatever is sent is never answered. */
    static DeadSpot ofSilence(Page page, String addresses) {
        return new DeadSpot(page, addresses, route -> {});
    }

    void leave() {
        fate.set(Route::resume);
    }
}

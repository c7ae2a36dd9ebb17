package lumko.app.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;

/**
 * A corner of the building where what is sent to some addresses does not arrive, until one leaves it. The route stays in place
 * afterwards: taking it away while a request is under way can lose that request.
 */
final class DeadSpot {
    /** How long to wait for what was held up: it is tried again every few seconds, and once more after a silence. */
    private static final double SOON_MS = 25_000;

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

    static LocatorAssertions.IsHiddenOptions soonHidden() {
        return new LocatorAssertions.IsHiddenOptions().setTimeout(SOON_MS);
    }

    static LocatorAssertions.HasCountOptions soonCounted() {
        return new LocatorAssertions.HasCountOptions().setTimeout(SOON_MS);
    }

    static LocatorAssertions.HasAttributeOptions soonSaid() {
        return new LocatorAssertions.HasAttributeOptions().setTimeout(SOON_MS);
    }
}

package lumko.app.platform;

import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What most pages need is made a moment after the first is served, and background work, which needs most of the application, begins
 * later still: whoever asks for the first page should not wait for either.
 */
@Component
class BackgroundStart implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(BackgroundStart.class);
    private static final Duration FIRST_PAGE_FIRST = Duration.ofSeconds(1);
    private static final Duration PAGES_FIRST = Duration.ofSeconds(2);
    private static final Duration TRIED_AGAIN_AFTER = Duration.ofSeconds(5);

    private final WhenNeeded whenNeeded;
    private final ObjectProvider<BackgroundWork> work;
    private final Thread beginning = Thread.ofVirtual().name("background-start").unstarted(this::begin);

    BackgroundStart(WhenNeeded whenNeeded, ObjectProvider<BackgroundWork> work) {
        this.whenNeeded = whenNeeded;
        this.work = work;
    }

    @EventListener(ApplicationReadyEvent.class)
    void onceReady() {
        beginning.start();
    }

    @Override
    public void destroy() {
        beginning.interrupt();
    }

    /** The database may go away in just this moment; it is tried until it is there. */
    private void begin() {
        try {
            Thread.sleep(FIRST_PAGE_FIRST);
            whenNeeded.makeAll();
            Thread.sleep(PAGES_FIRST);
            while (!hasBegun()) {
                Thread.sleep(TRIED_AGAIN_AFTER);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private boolean hasBegun() {
        try {
            work.getObject().start();
            return true;
        } catch (RuntimeException problem) {
            LOG.error("the background work did not begin, it is tried again", problem);
            return false;
        }
    }
}

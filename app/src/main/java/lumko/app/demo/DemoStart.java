package lumko.app.demo;

import lumko.app.account.Accounts;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Enters the demo where it is wanted and nothing stands yet, before any page is served: who came sooner would be asked to set up an
 * organisation. Which beans there are is settled when the application is built; what makes up the demo is therefore always among
 * them, and only made when it is entered.
 */
@Component
class DemoStart implements SmartLifecycle {
    private final boolean isWanted;
    private final Accounts accounts;
    private final ObjectProvider<DemoData> demo;
    private volatile boolean isRunning;

    DemoStart(@Value("${lumko.demo}") boolean isWanted, Accounts accounts, ObjectProvider<DemoData> demo) {
        this.isWanted = isWanted;
        this.accounts = accounts;
        this.demo = demo;
    }

    @Override
    public void start() {
        if (isWanted && accounts.isFresh()) {
            demo.getObject().enter();
        }
        isRunning = true;
    }

    @Override
    public void stop() {
        isRunning = false;
    }

    @Override
    public boolean isRunning() {
        return isRunning;
    }

    @Override
    public int getPhase() {
        return WebServerApplicationContext.START_STOP_LIFECYCLE_PHASE - 1;
    }
}

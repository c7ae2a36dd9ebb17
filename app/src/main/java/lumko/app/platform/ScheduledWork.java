package lumko.app.platform;

import com.github.kagkarlsson.scheduler.Scheduler;
import org.springframework.context.SmartLifecycle;

/** Work in the background, taken up when the application has started and let go of before it stops. */
public abstract class ScheduledWork implements SmartLifecycle {
    private final Scheduler scheduler;
    private final boolean runs;

    /** @param runs whether this copy does the work, or only adds to it */
    protected ScheduledWork(Scheduler scheduler, boolean runs) {
        this.scheduler = scheduler;
        this.runs = runs;
    }

    protected final Scheduler scheduler() {
        return scheduler;
    }

    @Override
    public void start() {
        if (runs) {
            scheduler.start();
        }
    }

    @Override
    public void stop() {
        scheduler.stop();
    }

    @Override
    public boolean isRunning() {
        return scheduler.getSchedulerState().isStarted()
                && !scheduler.getSchedulerState().isShuttingDown();
    }
}

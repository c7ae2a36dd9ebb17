package lumko.app.platform;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Everything that is done in the background, each thing by one of the copies that run, whichever gets to it first. One scheduler
 * knows all of it: one that does not know a task of the table takes it for left behind, and clears it away some day.
 */
@Component
public class BackgroundWork implements DisposableBean {
    private static final Duration LOOKS_EVERY = Duration.ofMillis(400);
    private static final Duration BEATS_EVERY = Duration.ofSeconds(5);
    private static final int BEATS_MISSED = 4;

    private final Scheduler scheduler;
    private final boolean runs;

    /**
     * @param once what is asked for
     * @param recurring what is done again and again
     * @param runs whether this copy does the work
     */
    public BackgroundWork(
            DataSource dataSource,
            List<OneTimeTask<?>> once,
            List<RecurringTask<?>> recurring,
            @Value("${lumko.background}") boolean runs) {
        this.runs = runs;
        scheduler = Scheduler.create(dataSource, new ArrayList<Task<?>>(once))
                .startTasks(recurring)
                .threads(2)
                .pollingInterval(LOOKS_EVERY)
                .heartbeatInterval(BEATS_EVERY)
                .missedHeartbeatsLimit(BEATS_MISSED)
                .build();
    }

    /** Begins, if this copy does the work. */
    public void start() {
        if (runs) {
            scheduler.start();
        }
    }

    @Override
    public void destroy() {
        scheduler.stop();
    }
}

package lumko.app.plan;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.io.Serializable;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import javax.sql.DataSource;
import lumko.app.account.Accounts;
import lumko.app.platform.ScheduledWork;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;

/**
 * Searches that wait to be run in the background, each once, by whichever copy of the application comes first. One whose copy has
 * died is taken up by another when its heart has not beaten for a while.
 */
@Component
class SearchQueue extends ScheduledWork {
    private static final String NAME = "plan-search";
    private static final Duration LOOKS_EVERY = Duration.ofMillis(400);
    private static final Duration BEATS_EVERY = Duration.ofSeconds(5);
    private static final int BEATS_MISSED = 4;

    private final OneTimeTask<Order> task;

    /** Which search, and for whom it is run. */
    record Order(UUID search, UUID person) implements Serializable {
        private static final long serialVersionUID = 1;
    }

    /**
     * @param runs whether this copy runs what waits, or only adds to it
     */
    @Autowired
    SearchQueue(
            DataSource dataSource, PlanSearch search, Accounts accounts, @Value("${lumko.plan.runs}") boolean runs) {
        this(dataSource, task(search, accounts), runs);
    }

    private SearchQueue(DataSource dataSource, OneTimeTask<Order> task, boolean runs) {
        // what is added in a transaction is there when, and only if, the transaction is
        super(
                Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), task)
                        .threads(1)
                        .pollingInterval(LOOKS_EVERY)
                        .heartbeatInterval(BEATS_EVERY)
                        .missedHeartbeatsLimit(BEATS_MISSED)
                        .build(),
                runs);
        this.task = task;
    }

    private static OneTimeTask<Order> task(PlanSearch search, Accounts accounts) {
        return Tasks.oneTime(NAME, Order.class)
                .execute((instance, context) -> accounts.find(instance.getData().person())
                        .ifPresent(member -> Accounts.as(member, () -> {
                            search.run(instance.getData().search());
                            return true;
                        })));
    }

    /** At once by the clock of the machine, which the scheduler goes by, whatever day the application is taken to have. */
    void add(UUID search, UUID person) {
        scheduler().scheduleIfNotExists(task.instance(search.toString(), new Order(search, person)), Instant.now());
    }
}

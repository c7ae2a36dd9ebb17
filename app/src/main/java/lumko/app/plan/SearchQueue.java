package lumko.app.plan;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import javax.sql.DataSource;
import lumko.app.account.Accounts;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;

/**
 * Searches that wait for their turn, kept in the database: each is run once, whichever copy of the application gets to it first,
 * and one whose copy has died is run again by another.
 */
@Component
class SearchQueue {
    private static final String NAME = "plan-search";

    private final OneTimeTask<Order> task;
    private final SchedulerClient client;

    /** Which search, and for whom it is run. */
    record Order(UUID search, UUID person) implements Serializable {
        private static final long serialVersionUID = 1;
    }

    @Configuration(proxyBeanMethods = false)
    static class Work {
        @Bean
        OneTimeTask<Order> planSearchTask(PlanSearch search, Accounts accounts) {
            return Tasks.oneTime(NAME, Order.class)
                    .execute((instance, context) -> accounts.find(
                                    instance.getData().person())
                            .ifPresent(member -> Accounts.as(member, () -> {
                                search.run(instance.getData().search());
                                return true;
                            })));
        }
    }

    SearchQueue(DataSource dataSource, OneTimeTask<Order> task) {
        this.task = task;
        // what is added in a transaction is there when, and only if, the transaction is
        client = SchedulerClient.Builder.create(new TransactionAwareDataSourceProxy(dataSource), task)
                .build();
    }

    /** At once by the clock of the machine, which the scheduler goes by, whatever day the application is taken to have. */
    void add(UUID search, UUID person) {
        client.scheduleIfNotExists(task.instance(search.toString(), new Order(search, person)), Instant.now());
    }
}

package lumko.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import javax.sql.DataSource;
import lumko.app.ApplicationTest;
import lumko.app.platform.BackgroundWork;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Searches in the background: asked for on a page, run once, whoever runs them. */
class SearchQueueTest extends ApplicationTest {
    @Autowired
    Searches asking;

    @Autowired
    SearchRepository searches;

    @Autowired
    OneTimeTask<SearchQueue.Order> task;

    @Autowired
    DataSource dataSource;

    private static void await(Callable<Boolean> condition) {
        Awaitility.await().atMost(Duration.ofSeconds(40)).until(condition);
    }

    @Test
    void whatIsAskedForIsRunAndEnds() throws InterruptedException {
        BackgroundWork work = new BackgroundWork(dataSource, List.of(task), List.of(), true);
        work.start();
        UUID asked = asLead(asking::ask);
        assertThat(asLead(asking::ask)).as("one is enough").isEqualTo(asked);
        await(() -> asLead(() -> searches.findById(asked).orElseThrow()).endedAt != null);
        work.destroy();
        SearchRow over = asLead(() -> searches.findById(asked).orElseThrow());
        assertThat(over.state).isEqualTo(SearchRow.State.DONE);
        assertThat(over.percent).isEqualTo(100);
    }

    /** Two copies with the same settings as ours; one dies in the middle, its work is taken up by the other, each else runs once. */
    @Test
    void ofTwoCopiesOneDiesAndNothingIsLostNorDoneTwice() throws InterruptedException {
        ConcurrentHashMap<String, AtomicInteger> finished = new ConcurrentHashMap<>();
        AtomicInteger hung = new AtomicInteger();
        Scheduler dying = copy(finished, hung, true);
        dying.start();
        OneTimeTask<Void> task = task(finished, hung, false);
        dying.schedule(task.instance("a"), Instant.now());
        await(() -> hung.get() == 1);
        Scheduler living = copy(finished, hung, false);
        living.start();
        List.of("b", "c", "d", "e").forEach(name -> living.schedule(task.instance(name), Instant.now()));
        // as a killed process: its heart does not beat any more, and it says nothing of what it was doing
        dying.stop();
        await(() -> finished.size() == 5);
        living.stop();
        assertThat(finished.values()).allSatisfy(count -> assertThat(count).hasValue(1));
    }

    private Scheduler copy(ConcurrentHashMap<String, AtomicInteger> finished, AtomicInteger hung, boolean isDying) {
        return Scheduler.create(dataSource, task(finished, hung, isDying))
                .threads(1)
                .pollingInterval(Duration.ofMillis(100))
                .heartbeatInterval(Duration.ofMillis(300))
                .missedHeartbeatsLimit(4)
                .shutdownMaxWait(Duration.ofMillis(10))
                .build();
    }

    private static OneTimeTask<Void> task(
            ConcurrentHashMap<String, AtomicInteger> finished, AtomicInteger hung, boolean isDying) {
        return Tasks.oneTime("two-copies").execute((instance, context) -> {
            if (isDying) {
                hung.incrementAndGet();
                while (true) {
                    LockSupport.parkNanos(Duration.ofSeconds(1).toNanos());
                    Thread.interrupted();
                }
            }
            finished.computeIfAbsent(instance.getId(), id -> new AtomicInteger())
                    .incrementAndGet();
        });
    }
}

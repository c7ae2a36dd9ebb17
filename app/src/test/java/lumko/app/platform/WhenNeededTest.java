package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class WhenNeededTest {
    private final WhenNeeded whenNeeded = new WhenNeeded();
    private final AtomicInteger times = new AtomicInteger();

    @Test
    void isMadeOnceHoweverManyAsk() throws Exception {
        Future<Integer> made = whenNeeded.submit(() -> {
            Thread.sleep(Duration.ofMillis(50));
            return times.incrementAndGet();
        });
        assertThat(made.isDone()).isFalse();
        try (ExecutorService hands = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Callable<Integer>> askers = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                askers.add(made::get);
            }
            for (Future<Integer> each : hands.invokeAll(askers)) {
                assertThat(each.get()).isEqualTo(1);
            }
        }
        assertThat(made.isDone()).isTrue();
    }

    @Test
    void isMadeAgainAfterItFailed() throws Exception {
        Future<String> made = whenNeeded.submit(() -> {
            if (times.incrementAndGet() == 1) {
                throw new IllegalStateException("the database is away");
            }
            return "made";
        });
        assertThatThrownBy(made::get)
                .isInstanceOf(ExecutionException.class)
                .hasRootCauseMessage("the database is away");
        assertThat(made.get()).isEqualTo("made");
    }

    @Test
    void isMadeAtLastThoughNobodyAsks() {
        whenNeeded.execute(times::incrementAndGet);
        assertThat(times).hasValue(0);
        whenNeeded.makeAll();
        whenNeeded.makeAll();
        assertThat(times).hasValue(1);
    }
}

package lumko.app.platform;

import java.util.Queue;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.task.AsyncTaskExecutor;
import org.springframework.stereotype.Component;

/** Makes what a start leaves for later, for whoever asks for it first. */
@Component
class WhenNeeded implements AsyncTaskExecutor {
    private static final Logger LOG = LoggerFactory.getLogger(WhenNeeded.class);

    private final Queue<MadeByWhoAsks<?>> left = new ConcurrentLinkedQueue<>();

    /** Made by whoever asks first, the others wait for it; made again if it failed, for the database may be back. */
    private static final class MadeByWhoAsks<T extends @Nullable Object> implements Future<T> {
        private final Callable<T> making;
        private final ReentrantLock lock = new ReentrantLock();
        private volatile boolean isMade;
        private @Nullable T made;

        MadeByWhoAsks(Callable<T> making) {
            this.making = making;
        }

        @Override
        @SuppressWarnings("NullAway") // what is made may be null, where the type says so
        public T get() throws ExecutionException {
            lock.lock();
            try {
                if (!isMade) {
                    made = making.call();
                    isMade = true;
                }
                return made;
            } catch (Exception problem) {
                throw new ExecutionException(problem);
            } finally {
                lock.unlock();
            }
        }

        @Override
        public T get(long timeout, TimeUnit unit) throws ExecutionException {
            return get();
        }

        @Override
        public boolean cancel(boolean isInterrupted) {
            return false;
        }

        @Override
        public boolean isCancelled() {
            return false;
        }

        @Override
        public boolean isDone() {
            return isMade;
        }
    }

    @Override
    public <T extends @Nullable Object> Future<T> submit(Callable<T> making) {
        MadeByWhoAsks<T> future = new MadeByWhoAsks<>(making);
        left.add(future);
        return future;
    }

    @Override
    public void execute(Runnable task) {
        submit(() -> {
            task.run();
            return null;
        });
    }

    /** Makes what nobody has asked for yet. */
    void makeAll() {
        try {
            for (MadeByWhoAsks<?> each : left) {
                each.get();
            }
        } catch (ExecutionException problem) {
            LOG.warn(
                    "what is needed for most pages could not be made yet, it is tried again for whoever needs it",
                    problem);
        }
    }
}

package lumko.app.platform;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.SimpleTransactionScope;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What an organisation seldom changes and nearly every page needs: its products and colours, its figures, its practice, the names
 * of its people. It is read once for every state it is in and kept in memory, in each copy of the application; the database gives
 * a new number to every change of it (see the migrations 14 and 15), which a transaction asks for once.
 */
@Component
public class ReferenceData {
    private static final Duration KEPT_FOR = Duration.ofHours(1);

    private static final int MOST_ORGANISATIONS = 1000;

    /** What has been asked for in a transaction. */
    private static final SimpleTransactionScope ASKED = new SimpleTransactionScope();

    private final RevisionRepository revisions;

    ReferenceData(RevisionRepository revisions) {
        this.revisions = revisions;
    }

    /**
     * @param read reads a part of it for whoever is signed in
     * @param entries how many entries that has
     * @param most entries are kept of all organisations
     */
    public <T> Kept<T> kept(Supplier<T> read, ToIntFunction<T> entries, long most) {
        return new Kept<>(read, entries, most);
    }

    /** The same of a part that is one thing. */
    public <T> Kept<T> kept(Supplier<T> read) {
        return kept(read, one -> 0, MOST_ORGANISATIONS);
    }

    @SuppressWarnings("unchecked")
    private Optional<RevisionRepository.Revision> revision() {
        return TransactionSynchronizationManager.isSynchronizationActive()
                ? (Optional<RevisionRepository.Revision>) ASKED.get("revision", revisions::current)
                : revisions.current();
    }

    /** A part of it, of every organisation that asked lately. */
    public final class Kept<T> {
        private final Supplier<T> read;
        private final Cache<UUID, State<T>> states;

        private record State<T>(long revision, T is) {}

        private Kept(Supplier<T> read, ToIntFunction<T> entries, long most) {
            this.read = read;
            states = Caffeine.newBuilder()
                    .maximumWeight(most)
                    .weigher((UUID whose, State<T> state) -> 1 + entries.applyAsInt(state.is))
                    .expireAfterAccess(KEPT_FOR)
                    .build();
        }

        /** As it is now. */
        public T get() {
            if (TransactionSynchronizationManager.hasResource(this)) {
                return read.get();
            }
            return revision()
                    .map(now -> Optional.ofNullable(states.getIfPresent(now.id()))
                            .filter(state -> state.revision == now.revision())
                            .orElseGet(() -> {
                                State<T> state = new State<>(now.revision(), read.get());
                                states.put(now.id(), state);
                                return state;
                            })
                            .is)
                    .orElseGet(read);
        }

        /** To be said by whoever changes it: what a transaction has changed it alone sees until it ends. */
        public void changes() {
            if (!TransactionSynchronizationManager.hasResource(this)) {
                TransactionSynchronizationManager.bindResource(this, true);
                TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                    @Override
                    public void afterCompletion(int status) {
                        TransactionSynchronizationManager.unbindResource(Kept.this);
                    }
                });
            }
        }
    }
}

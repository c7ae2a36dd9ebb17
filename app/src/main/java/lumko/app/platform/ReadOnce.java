package lumko.app.platform;

import java.util.function.Supplier;
import org.springframework.transaction.support.SimpleTransactionScope;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What a transaction that only reads has read, it would read again the same: it is asked for once. */
public final class ReadOnce {
    private static final SimpleTransactionScope READ = new SimpleTransactionScope();

    private ReadOnce() {}

    /**
     * @param what names the thing: the same name is the same thing
     * @param reader asked whenever the transaction writes, or there is none
     */
    @SuppressWarnings("unchecked")
    public static <T> T of(String what, Supplier<T> reader) {
        return TransactionSynchronizationManager.isSynchronizationActive()
                        && TransactionSynchronizationManager.isCurrentTransactionReadOnly()
                ? (T) READ.get(what, reader::get)
                : reader.get();
    }
}

package lumko.app;

import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.hibernate.resource.jdbc.spi.StatementInspector;

/** Counts what Hibernate asks the database, of all who ask. */
public final class Statements implements StatementInspector {
    private static final AtomicLong ASKED = new AtomicLong();

    @Override
    public String inspect(String sql) {
        ASKED.incrementAndGet();
        return sql;
    }

    /** How many statements an action takes, where nobody else asks for anything meanwhile. */
    public static long of(Supplier<?> action) {
        long before = ASKED.get();
        action.get();
        return ASKED.get() - before;
    }
}

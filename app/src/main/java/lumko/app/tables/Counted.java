package lumko.app.tables;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/**
 * How far the tables are that this copy of the application is going through. Kept in memory alone: what is not known here, because
 * another copy has it, is told as not known.
 */
@Component
class Counted {
    /** So many rows of how many. */
    record Share(int rows, int of) {}

    private final Map<UUID, Share> shares = new ConcurrentHashMap<>();

    void at(UUID tableId, int rows, int of) {
        shares.put(tableId, new Share(rows, of));
    }

    void end(UUID tableId) {
        shares.remove(tableId);
    }

    Optional<Share> of(UUID tableId) {
        return Optional.ofNullable(shares.get(tableId));
    }
}

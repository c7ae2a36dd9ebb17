package lumko.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "plan_lock")
final class LockRow extends OwnedRow {
    UUID turnoverId = new UUID(0, 0);
    String key = "";

    @Nullable
    UUID personId;

    @Nullable
    Instant beginsAt;

    UUID settledBy = new UUID(0, 0);
    Instant settledAt = Instant.EPOCH;

    protected LockRow() {}

    LockRow(UUID turnoverId, String key) {
        super(UUID.randomUUID());
        this.turnoverId = turnoverId;
        this.key = key;
    }
}

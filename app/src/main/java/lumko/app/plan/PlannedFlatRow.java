package lumko.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "plan_flat")
final class PlannedFlatRow extends OwnedRow {
    UUID planId = new UUID(0, 0);
    UUID flatId = new UUID(0, 0);
    UUID turnoverId = new UUID(0, 0);
    Instant readyAt = Instant.EPOCH;

    @Nullable
    Instant dueAt;

    Instant curedAt = Instant.EPOCH;

    @Nullable
    Double chance;

    Instant earlyAt = Instant.EPOCH;
    Instant lateAt = Instant.EPOCH;
    String chain = "[]";
    String helps = "[]";

    protected PlannedFlatRow() {}

    PlannedFlatRow(UUID planId) {
        super(UUID.randomUUID());
        this.planId = planId;
    }

    /** What was due before cannot be in time any more, whatever becomes of it. */
    boolean isDueAfter(Instant now) {
        return dueAt != null && dueAt.isAfter(now);
    }

    /** How late it is; nothing if it is ready when it is due, or nobody is expected. */
    Duration lateBy() {
        return dueAt == null || !readyAt.isAfter(dueAt) ? Duration.ZERO : Duration.between(dueAt, readyAt);
    }
}

package lumko.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

/** A flat in which a heater is put while something dries. */
@Entity
@Table(name = "plan_heater")
final class HeaterRow extends OwnedRow {
    UUID turnoverId = new UUID(0, 0);
    UUID placedBy = new UUID(0, 0);
    Instant placedAt = Instant.EPOCH;

    protected HeaterRow() {}

    HeaterRow(UUID turnoverId, UUID placedBy, Instant placedAt) {
        super(UUID.randomUUID());
        this.turnoverId = turnoverId;
        this.placedBy = placedBy;
        this.placedAt = placedAt;
    }
}

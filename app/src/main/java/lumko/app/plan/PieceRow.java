package lumko.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "plan_piece")
final class PieceRow extends OwnedRow {
    UUID planId = new UUID(0, 0);
    UUID flatId = new UUID(0, 0);
    UUID turnoverId = new UUID(0, 0);
    String key = "";

    @Nullable
    UUID stepId;

    int part;
    int parts;
    String kind = "";
    String[] rooms = {};
    UUID personId = new UUID(0, 0);
    Instant beginsAt = Instant.EPOCH;
    int minutes;
    Instant dryAt = Instant.EPOCH;

    protected PieceRow() {}

    PieceRow(UUID planId) {
        super(UUID.randomUUID());
        this.planId = planId;
    }

    Instant endsAt() {
        return beginsAt.plus(Duration.ofMinutes(minutes));
    }
}

package lumko.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "plan")
final class PlanRow extends EditableRow {
    @Enumerated(EnumType.STRING)
    PlanState state = PlanState.OFFERED;

    @Enumerated(EnumType.STRING)
    Manner manner = Manner.BALANCED;

    /** The plan in force that it was made against. */
    @Nullable
    UUID baseId;

    Instant madeAt = Instant.EPOCH;

    @Nullable
    Instant takenAt;

    @Nullable
    UUID takenBy;

    long lateMin;
    int lateFlats;
    int painterDays;
    int wayMin;
    int changes;

    protected PlanRow() {}

    PlanRow(UUID id) {
        super(id);
    }
}

package lumko.app.walk;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.job.Action;
import org.jspecify.annotations.Nullable;

/** What was found out and decided on a wall during one turnover. */
@Entity
@Table(name = "wall_visit")
class VisitRow extends EditableRow {
    UUID surfaceId = new UUID(0, 0);
    UUID turnoverId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @Nullable
    PaintAnswer paintAnswer;

    @Nullable
    UUID tinId;

    @Nullable
    UUID answeredBy;

    @Enumerated(EnumType.STRING)
    @Nullable
    Action overruledAction;

    @Nullable
    String overruledWhy;

    protected VisitRow() {}

    VisitRow(UUID surfaceId, UUID turnoverId) {
        super(UUID.randomUUID());
        this.surfaceId = surfaceId;
        this.turnoverId = turnoverId;
    }
}

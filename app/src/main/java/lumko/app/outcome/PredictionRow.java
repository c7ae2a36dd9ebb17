package lumko.app.outcome;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.job.Action;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "prediction")
final class PredictionRow extends EditableRow {
    UUID surfaceId = new UUID(0, 0);
    UUID turnoverId = new UUID(0, 0);
    UUID sheetId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Moment moment = Moment.DECIDED;

    UUID madeBy = new UUID(0, 0);
    Instant madeAt = Instant.EPOCH;
    String modelVersion = "";

    @Enumerated(EnumType.STRING)
    Action action = Action.LEAVE;

    @Enumerated(EnumType.STRING)
    Action verdict = Action.LEAVE;

    double showsLow;
    double showsLikely;
    double showsHigh;
    double computed;
    String[] causes = {};
    String options = "";
    String reasons = "";
    String job = "";

    @Enumerated(EnumType.STRING)
    @Nullable
    Outcome outcome;

    @Nullable
    UUID outcomeBy;

    @Nullable
    Instant outcomeAt;

    protected PredictionRow() {}

    PredictionRow(UUID sheetId, UUID turnoverId, UUID surfaceId, Moment moment) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.turnoverId = turnoverId;
        this.surfaceId = surfaceId;
        this.moment = moment;
    }
}

package lumko.app.learnt;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

@Entity
@Table(name = "learnt")
final class LearntRow extends OwnedRow {
    Instant madeAt = Instant.EPOCH;
    String coefficients = "[]";
    String covariance = "[]";
    int outcomes;
    double brierComputed;
    double brierLearnt;
    boolean isUsed;

    protected LearntRow() {}

    LearntRow(UUID id) {
        super(id);
    }
}

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
@Table(name = "plan_search")
final class SearchRow extends EditableRow {
    enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        FAILED
    }

    UUID askedBy = new UUID(0, 0);
    Instant askedAt = Instant.EPOCH;

    @Nullable
    Instant endedAt;

    @Enumerated(EnumType.STRING)
    State state = State.WAITING;

    int percent;
    String problem = "";

    protected SearchRow() {}

    SearchRow(UUID askedBy, Instant askedAt) {
        super(UUID.randomUUID());
        this.askedBy = askedBy;
        this.askedAt = askedAt;
    }

    void end(State how, Instant at) {
        state = how;
        endedAt = at;
        percent = how == State.DONE ? 100 : percent;
    }
}

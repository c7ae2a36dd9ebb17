package lumko.app.history;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "event")
final class EventRow extends OwnedRow {
    @Nullable
    UUID flatId;

    @Nullable
    UUID surfaceId;

    @Nullable
    UUID markId;

    @Enumerated(EnumType.STRING)
    EventKind kind = EventKind.MARK_SET;

    String detail = "";
    UUID doneBy = new UUID(0, 0);
    Instant doneAt = Instant.EPOCH;

    protected EventRow() {}

    EventRow(Subject subject, EventKind kind, String detail) {
        super(UUID.randomUUID());
        flatId = subject.flat().orElse(null);
        surfaceId = subject.surface().orElse(null);
        markId = subject.mark().orElse(null);
        this.kind = kind;
        this.detail = detail;
    }
}

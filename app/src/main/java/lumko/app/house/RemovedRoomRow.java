package lumko.app.house;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

/** A room that was taken off the record, as far as it has to be known to put it back. */
@Entity
@Table(name = "room")
@SQLRestriction("removed_at is not null")
final class RemovedRoomRow extends EditableRow {
    UUID flatId = new UUID(0, 0);
    String name = "";

    @Nullable
    Instant removedAt;

    protected RemovedRoomRow() {}
}

package lumko.app.house;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.geometry.RoomKind;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "room")
// one that was taken off the record is nobody's any more: see RemovedRoomRow
@SQLRestriction("removed_at is null")
final class RoomRow extends EditableRow {
    UUID flatId = new UUID(0, 0);
    String name = "";

    @Enumerated(EnumType.STRING)
    RoomKind kind = RoomKind.LIVING;

    int position;

    @Enumerated(EnumType.STRING)
    lumko.core.job.Room.Floor floor = lumko.core.job.Room.Floor.HARD;

    @Column(name = "height_mm")
    double heightMillimetres;

    @Nullable
    Instant removedAt;

    protected RoomRow() {}

    RoomRow(UUID id, UUID flatId) {
        super(id);
        this.flatId = flatId;
    }
}

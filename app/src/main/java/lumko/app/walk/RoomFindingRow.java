package lumko.app.walk;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.core.fault.RoomFinding;

@Entity
@Table(name = "room_finding")
final class RoomFindingRow extends OwnedRow {
    UUID roomId = new UUID(0, 0);
    UUID turnoverId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    RoomFinding finding = RoomFinding.DAMP;

    protected RoomFindingRow() {}

    RoomFindingRow(UUID roomId, UUID turnoverId, RoomFinding finding) {
        super(UUID.randomUUID());
        this.roomId = roomId;
        this.turnoverId = turnoverId;
        this.finding = finding;
    }
}

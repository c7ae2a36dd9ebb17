package lumko.app.sheet;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.core.activity.Caution;

/** A caution that somebody has read on a sheet. */
@Entity
@Table(name = "sheet_caution")
final class SheetCautionRow extends OwnedRow {
    UUID sheetId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Caution caution = Caution.DUST;

    UUID readBy = new UUID(0, 0);
    Instant readAt = Instant.EPOCH;

    protected SheetCautionRow() {}

    SheetCautionRow(UUID sheetId, Caution caution, UUID readBy, Instant readAt) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.caution = caution;
        this.readBy = readBy;
        this.readAt = readAt;
    }
}

package lumko.app.sheet;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

/** A mark that a sheet makes good. */
@Entity
@Table(name = "sheet_mark")
final class SheetMarkRow extends OwnedRow {
    UUID sheetId = new UUID(0, 0);
    UUID markId = new UUID(0, 0);

    protected SheetMarkRow() {}

    SheetMarkRow(UUID sheetId, UUID markId) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.markId = markId;
    }
}

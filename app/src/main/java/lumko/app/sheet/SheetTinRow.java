package lumko.app.sheet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

/** What was in a tin before and after a sheet was closed. */
@Entity
@Table(name = "sheet_tin")
class SheetTinRow extends OwnedRow {
    UUID sheetId = new UUID(0, 0);
    UUID tinId = new UUID(0, 0);

    @Column(name = "before_l")
    double beforeLitres;

    @Column(name = "after_l")
    double afterLitres;

    String placeBefore = "";

    protected SheetTinRow() {}

    SheetTinRow(UUID sheetId, UUID tinId) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.tinId = tinId;
    }
}

package lumko.app.house;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "flat")
final class FlatRow extends EditableRow {
    UUID houseId = new UUID(0, 0);
    String number = "";
    int floor;
    int bay;

    /** Since when it is no longer let. */
    @Nullable
    LocalDate closedOn;

    protected FlatRow() {}

    FlatRow(UUID id, UUID houseId, String number, int floor, int bay) {
        super(id);
        this.houseId = houseId;
        this.number = number;
        this.floor = floor;
        this.bay = bay;
    }
}

package lumko.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalTime;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

@Entity
@Table(name = "house_hours")
final class HouseHoursRow extends OwnedRow {
    UUID houseId = new UUID(0, 0);
    LocalTime openFrom = LocalTime.MIN;
    LocalTime openTo = LocalTime.MAX;

    protected HouseHoursRow() {}

    HouseHoursRow(UUID houseId, LocalTime openFrom, LocalTime openTo) {
        super(UUID.randomUUID());
        this.houseId = houseId;
        this.openFrom = openFrom;
        this.openTo = openTo;
    }
}

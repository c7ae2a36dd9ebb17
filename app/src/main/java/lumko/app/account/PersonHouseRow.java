package lumko.app.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

/** That a painter looks after a house. */
@Entity
@Table(name = "person_house")
final class PersonHouseRow extends OwnedRow {
    UUID personId = new UUID(0, 0);
    UUID houseId = new UUID(0, 0);

    protected PersonHouseRow() {}

    PersonHouseRow(UUID personId, UUID houseId) {
        super(UUID.randomUUID());
        this.personId = personId;
        this.houseId = houseId;
    }
}

package lumko.app.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

@Entity
@Table(name = "person_day")
final class PersonDayRow extends OwnedRow {
    UUID personId = new UUID(0, 0);
    LocalDate dayOn = LocalDate.EPOCH;
    boolean works;

    protected PersonDayRow() {}

    PersonDayRow(UUID personId, LocalDate dayOn, boolean works) {
        super(UUID.randomUUID());
        this.personId = personId;
        this.dayOn = dayOn;
        this.works = works;
    }
}

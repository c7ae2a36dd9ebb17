package lumko.app.platform;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

/** Which state an organisation's reference data is in; the database gives a new number to every change of it. */
@Entity
@Table(name = "reference_revision")
final class RevisionRow extends OwnedRow {
    long revision;

    protected RevisionRow() {}

    RevisionRow(UUID id) {
        super(id);
    }
}

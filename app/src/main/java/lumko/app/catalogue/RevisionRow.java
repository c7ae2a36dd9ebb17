package lumko.app.catalogue;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

/** Which state an organisation's products and colours are in; the database gives a new number to every change of them. */
@Entity
@Table(name = "catalogue_revision")
class RevisionRow extends OwnedRow {
    long revision;

    protected RevisionRow() {}

    RevisionRow(UUID id) {
        super(id);
    }
}

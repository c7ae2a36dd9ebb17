package lumko.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.EditableRow;

@Entity
@Table(name = "tin")
final class TinRow extends EditableRow {
    String label = "";
    UUID productId = new UUID(0, 0);
    UUID colourId = new UUID(0, 0);
    String batch = "";

    @Column(name = "size_l")
    double sizeLitres;

    @Column(name = "left_l")
    double leftLitres;

    String place = "";
    String tintedAt = "";

    protected TinRow() {}

    TinRow(UUID id) {
        super(id);
    }
}

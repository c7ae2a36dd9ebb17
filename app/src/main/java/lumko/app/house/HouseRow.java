package lumko.app.house;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.EditableRow;

@Entity
@Table(name = "house")
class HouseRow extends EditableRow {
    String name = "";
    int builtYear;

    @Enumerated(EnumType.STRING)
    Roof roof = Roof.FLAT;

    boolean texturedCoating;
    int position;

    protected HouseRow() {}

    HouseRow(UUID id) {
        super(id);
    }

    House house() {
        return new House(id(), name, builtYear, roof, texturedCoating);
    }
}

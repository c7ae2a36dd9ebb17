package lumko.app.house;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "house")
final class HouseRow extends EditableRow {
    String name = "";
    int builtYear;

    @Enumerated(EnumType.STRING)
    Roof roof = Roof.FLAT;

    boolean texturedCoating;
    int position;

    /** Since when nobody looks after it any more. */
    @Nullable
    LocalDate closedOn;

    protected HouseRow() {}

    HouseRow(UUID id) {
        super(id);
    }

    House house() {
        return new House(id(), name, builtYear, roof, texturedCoating);
    }
}

package lumko.app.sheet;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.core.activity.Material;
import lumko.core.activity.Use;
import lumko.core.quantity.Volume;

@Entity
@Table(name = "sheet_use")
final class UseRow extends OwnedRow {
    UUID stepId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Material material = Material.SPACKLE;

    String paint = "";
    double litres;

    protected UseRow() {}

    UseRow(UUID stepId, Use use) {
        super(UUID.randomUUID());
        this.stepId = stepId;
        this.material = use.material();
        this.paint = use.paint();
        this.litres = use.volume().inLitres();
    }

    Use use() {
        return new Use(material, paint, Volume.ofLitres(litres));
    }
}

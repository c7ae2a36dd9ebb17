package lumko.app.paint;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.hold.Binder;

@Entity
@Table(name = "product")
class ProductRow extends EditableRow {
    String maker = "";
    String name = "";

    @Enumerated(EnumType.STRING)
    Sheen sheen = Sheen.MATT;

    @Column(name = "gloss60")
    double gloss60;

    @Enumerated(EnumType.STRING)
    Binder binder = Binder.WATERBORNE;

    protected ProductRow() {}

    ProductRow(UUID id, String maker, String name, Sheen sheen, double gloss60, Binder binder) {
        super(id);
        this.maker = maker;
        this.name = name;
        this.sheen = sheen;
        this.gloss60 = gloss60;
        this.binder = binder;
    }
}

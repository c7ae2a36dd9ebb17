package lumko.app.paint;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.hold.Binder;
import org.jspecify.annotations.Nullable;

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

    @Column(name = "spread_m2_l")
    @Nullable
    Double spread;

    @Column(name = "solids_pct")
    @Nullable
    Double solids;

    @Nullable
    Double contrastRatio;

    boolean discontinued;

    @Nullable
    UUID substituteId;

    Optional<Product.DataSheet> sheet() {
        return spread == null || solids == null || contrastRatio == null
                ? Optional.empty()
                : Optional.of(new Product.DataSheet(spread, solids, contrastRatio));
    }

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

package lumko.app.catalogue;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "product")
final class ProductRow extends MergeableRow {
    String maker = "";
    String line = "";
    String name = "";

    @Enumerated(EnumType.STRING)
    PaintKind kind = PaintKind.WALL;

    @Enumerated(EnumType.STRING)
    Base base = Base.WHITE;

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

    @Column(name = "recoat_h")
    @Nullable
    Double recoatHours;

    boolean discontinued;

    @Nullable
    UUID substituteId;

    Optional<DataSheet> sheet() {
        return spread == null || solids == null || contrastRatio == null
                ? Optional.empty()
                : Optional.of(new DataSheet(
                        spread,
                        solids,
                        contrastRatio,
                        Optional.ofNullable(recoatHours).map(Times::ofHours)));
    }

    @Override
    String enteredAs() {
        return maker + " " + name;
    }

    /**
     * @param soldIn sizes of its tins, in any order
     * @param standsFor by every id of a product that of the one it stands for
     */
    Product product(List<Volume> soldIn, Map<UUID, UUID> standsFor) {
        return new Product(
                id(),
                maker,
                line,
                name,
                kind,
                base,
                sheen,
                gloss60,
                binder,
                sheet(),
                discontinued,
                Optional.ofNullable(substituteId).map(standsFor::get).filter(substitute -> !substitute.equals(id())),
                soldIn.stream().sorted().toList());
    }

    void describe(DataSheet sheet) {
        spread = sheet.spread();
        solids = sheet.solids();
        contrastRatio = sheet.contrastRatio();
        recoatHours = sheet.recoat().map(wait -> Times.inMinutes(wait) / 60).orElse(null);
    }

    protected ProductRow() {}

    ProductRow(NewProduct product) {
        super(UUID.randomUUID());
        put(product);
    }

    void put(NewProduct product) {
        maker = product.maker();
        line = product.line();
        name = product.name();
        kind = product.kind();
        base = product.base();
        sheen = product.sheen();
        gloss60 = product.gloss60();
        binder = product.binder();
    }
}

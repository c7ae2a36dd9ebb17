package lumko.app.catalogue;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

/** A tin size that a product is sold in. */
@Entity
@Table(name = "product_size")
final class ProductSizeRow extends OwnedRow {
    UUID productId = new UUID(0, 0);
    double litres;

    protected ProductSizeRow() {}

    ProductSizeRow(UUID productId, double litres) {
        super(UUID.randomUUID());
        this.productId = productId;
        this.litres = litres;
    }
}

package lumko.app.house;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.core.geometry.Box;

/** An opening in a wall or a fitting on it. */
@Entity
@Table(name = "wall_feature")
final class WallFeatureRow extends OwnedRow {
    UUID surfaceId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    WallFeature kind = WallFeature.DOOR;

    @Column(name = "left_mm")
    double leftMillimetres;

    @Column(name = "bottom_mm")
    double bottomMillimetres;

    @Column(name = "width_mm")
    double widthMillimetres;

    @Column(name = "height_mm")
    double heightMillimetres;

    protected WallFeatureRow() {}

    WallFeatureRow(UUID surfaceId, WallFeature kind, Box box) {
        super(UUID.randomUUID());
        this.surfaceId = surfaceId;
        this.kind = kind;
        put(box);
    }

    void put(Box box) {
        this.leftMillimetres = box.left().inMillimetres();
        this.bottomMillimetres = box.bottom().inMillimetres();
        this.widthMillimetres = box.width().inMillimetres();
        this.heightMillimetres = box.height().inMillimetres();
    }

    Box box() {
        return Box.ofMillimetres(leftMillimetres, bottomMillimetres, widthMillimetres, heightMillimetres);
    }
}

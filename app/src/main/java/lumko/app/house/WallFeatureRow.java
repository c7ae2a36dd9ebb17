package lumko.app.house;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.core.geometry.Box;
import lumko.core.job.FittingWay;
import org.jspecify.annotations.Nullable;

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

    /** How this fitting is got out of the way, if not as the house does it. */
    @Enumerated(EnumType.STRING)
    FittingWay.@Nullable Way way;

    protected WallFeatureRow() {}

    WallFeatureRow(UUID surfaceId, NewRoom.Feature feature) {
        super(UUID.randomUUID());
        this.surfaceId = surfaceId;
        this.kind = feature.kind();
        this.way = feature.way().orElse(null);
        put(feature.box());
    }

    void put(Box box) {
        this.leftMillimetres = box.left().inMillimetres();
        this.bottomMillimetres = box.bottom().inMillimetres();
        this.widthMillimetres = box.width().inMillimetres();
        this.heightMillimetres = box.height().inMillimetres();
    }

    Optional<FittingWay.Way> way() {
        return Optional.ofNullable(way);
    }

    Box box() {
        return Box.ofMillimetres(leftMillimetres, bottomMillimetres, widthMillimetres, heightMillimetres);
    }
}

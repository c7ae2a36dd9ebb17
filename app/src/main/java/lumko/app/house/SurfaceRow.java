package lumko.app.house;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.geometry.Texture;
import lumko.core.record.Substrate;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "surface")
class SurfaceRow extends EditableRow {
    UUID roomId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    SurfaceKind kind = SurfaceKind.WALL;

    int position;

    @Column(name = "start_east_mm")
    @Nullable
    Double startEastMillimetres;

    @Column(name = "start_north_mm")
    @Nullable
    Double startNorthMillimetres;

    @Enumerated(EnumType.STRING)
    Substrate substrate = Substrate.GYPSUM_BOARD;

    @Enumerated(EnumType.STRING)
    Texture texture = Texture.SMOOTH;

    // what its last whole layer says: the database follows the layers by itself

    @Column(insertable = false, updatable = false)
    @Nullable
    UUID topProductId;

    @Column(insertable = false, updatable = false)
    @Nullable
    UUID topColourId;

    @Column(insertable = false, updatable = false)
    @Nullable
    UUID topTinId;

    @Column(insertable = false, updatable = false)
    @Nullable
    LocalDate topAppliedOn;

    protected SurfaceRow() {}

    SurfaceRow(UUID roomId, SurfaceKind kind, int position) {
        super(UUID.randomUUID());
        this.roomId = roomId;
        this.kind = kind;
        this.position = position;
    }
}

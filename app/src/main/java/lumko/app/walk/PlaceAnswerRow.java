package lumko.app.walk;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.core.geometry.EveryTime;

@Entity
@Table(name = "place_answer")
final class PlaceAnswerRow extends OwnedRow {
    UUID surfaceId = new UUID(0, 0);
    UUID turnoverId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    EveryTime.Kind kind = EveryTime.Kind.OUTSIDE_CORNER;

    @Column(name = "left_mm")
    int leftMillimetres;

    @Enumerated(EnumType.STRING)
    PlaceAnswer answer = PlaceAnswer.SOUND;

    protected PlaceAnswerRow() {}

    PlaceAnswerRow(UUID surfaceId, UUID turnoverId, EveryTime.Kind kind, int leftMillimetres) {
        super(UUID.randomUUID());
        this.surfaceId = surfaceId;
        this.turnoverId = turnoverId;
        this.kind = kind;
        this.leftMillimetres = leftMillimetres;
    }
}

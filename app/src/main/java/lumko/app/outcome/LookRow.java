package lumko.app.outcome;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import lumko.app.platform.OwnedRow;

@Entity
@Table(name = "look")
final class LookRow extends OwnedRow {
    UUID sheetId = new UUID(0, 0);
    UUID surfaceId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Outcome outcome = Outcome.NOT_SEEN;

    @Enumerated(EnumType.STRING)
    Look.Stood stood = Look.Stood.FRONT;

    @Enumerated(EnumType.STRING)
    Look.Light light = Look.Light.DAYLIGHT;

    int daysAfter;
    LocalDate lookedOn = LocalDate.EPOCH;
    UUID notedBy = new UUID(0, 0);
    Instant notedAt = Instant.EPOCH;

    protected LookRow() {}

    LookRow(UUID id, UUID sheetId, UUID surfaceId) {
        super(id);
        this.sheetId = sheetId;
        this.surfaceId = surfaceId;
    }
}

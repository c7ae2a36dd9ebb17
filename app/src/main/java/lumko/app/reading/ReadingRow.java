package lumko.app.reading;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import org.jspecify.annotations.Nullable;

/** A reading of a surface: open while places are read, then done. */
@Entity
@Table(name = "reading")
final class ReadingRow extends EditableRow {
    UUID surfaceId = new UUID(0, 0);
    UUID begunBy = new UUID(0, 0);
    Instant begunAt = Instant.EPOCH;

    @Nullable
    Instant doneAt;

    @Enumerated(EnumType.STRING)
    Source source = Source.READER;

    boolean washed;
    String instrument = "";

    @Column(name = "drift_pct")
    @Nullable
    Double driftPercent;

    protected ReadingRow() {}

    ReadingRow(UUID surfaceId) {
        super(UUID.randomUUID());
        this.surfaceId = surfaceId;
    }
}

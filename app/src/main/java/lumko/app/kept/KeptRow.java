package lumko.app.kept;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import org.jspecify.annotations.Nullable;

/** A result of the bench that somebody kept. */
@Entity
@Table(name = "kept_result")
final class KeptRow extends OwnedRow {
    String link = "";
    String words = "";

    @Nullable
    UUID tinId;

    @Nullable
    UUID surfaceId;

    @Nullable
    UUID sheetId;

    UUID keptBy = new UUID(0, 0);
    Instant keptAt = Instant.EPOCH;

    protected KeptRow() {}

    KeptRow(String link, String words) {
        super(UUID.randomUUID());
        this.link = link;
        this.words = words;
    }
}

package lumko.app.tables;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import org.jspecify.annotations.Nullable;

/** A table that came in, looked at or taken. */
@Entity
@Table(name = "table_import")
final class ImportRow extends EditableRow {
    @Enumerated(EnumType.STRING)
    TableKind kind = TableKind.FLATS;

    String fileName = "";

    /** The file, until it is taken. */
    byte @Nullable [] content;

    /** By column the field it says, as JSON. */
    String columns = "{}";

    @Enumerated(EnumType.STRING)
    @Nullable
    DayOrder dayOrder;

    UUID savedBy = new UUID(0, 0);
    Instant savedAt = Instant.EPOCH;

    @Nullable
    Instant takenAt;

    @Nullable
    Instant undoneAt;

    int made;
    int changed;
    int refused;

    /** What it has put on record, as JSON. */
    String done = "[]";

    protected ImportRow() {}

    ImportRow(UUID id) {
        super(id);
    }
}

package lumko.app.sheet;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import org.jspecify.annotations.Nullable;

/** What somebody wrote down at a job. */
@Entity
@Table(name = "sheet_note")
final class SheetNoteRow extends EditableRow {
    UUID sheetId = new UUID(0, 0);
    String words = "";
    UUID notedBy = new UUID(0, 0);
    Instant notedAt = Instant.EPOCH;

    /** When it was taken off the sheet; it can be put back as it was. */
    @Nullable
    Instant takenOffAt;

    protected SheetNoteRow() {}

    SheetNoteRow(UUID sheetId, String words, UUID notedBy, Instant notedAt) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.words = words;
        this.notedBy = notedBy;
        this.notedAt = notedAt;
    }
}

package lumko.app.sheet;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.core.job.Action;
import org.jspecify.annotations.Nullable;

/** A wall on a sheet, what is done with it and in which paint. */
@Entity
@Table(name = "sheet_wall")
class SheetWallRow extends OwnedRow {
    UUID sheetId = new UUID(0, 0);
    UUID surfaceId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Action action = Action.LEAVE;

    @Nullable
    UUID productId;

    @Nullable
    UUID colourId;

    @Nullable
    UUID tinId;

    double litres;
    int position;

    protected SheetWallRow() {}

    SheetWallRow(UUID sheetId, UUID surfaceId) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.surfaceId = surfaceId;
    }
}

package lumko.app.sheet;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import lumko.app.catalogue.Paint;
import lumko.app.platform.OwnedRow;
import lumko.core.job.Action;
import lumko.core.judge.BuiltUp;
import lumko.core.quantity.Times;
import org.jspecify.annotations.Nullable;

/** A wall on a sheet, what is done with it and in which paint. */
@Entity
@Table(name = "sheet_wall")
final class SheetWallRow extends OwnedRow {
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

    /** Whether it was to be bought, whatever is left over of it in the store. */
    boolean bought;

    /** What is still to be bought is there from this day on. */
    @Nullable
    LocalDate hereOn;

    double litres;

    /** One coat more than planned: the chance that it is needed, and what it takes. */
    double moreChance;

    double moreLitres;
    double moreMinutes;
    int position;

    protected SheetWallRow() {}

    SheetWallRow(UUID sheetId, UUID surfaceId) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.surfaceId = surfaceId;
    }

    /** The key of its paint; empty where it gets none. */
    String paintKey() {
        return productId == null || colourId == null ? "" : Paint.key(productId, colourId);
    }

    void put(BuiltUp.OneMore more) {
        moreChance = more.chance();
        moreLitres = more.paint().inLitres();
        moreMinutes = Times.inMinutes(more.hand());
    }
}

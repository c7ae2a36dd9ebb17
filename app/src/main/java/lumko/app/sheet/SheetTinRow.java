package lumko.app.sheet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.app.store.Tin;
import org.jspecify.annotations.Nullable;

/** What was in a tin before and after a sheet was closed. */
@Entity
@Table(name = "sheet_tin")
final class SheetTinRow extends OwnedRow {
    UUID sheetId = new UUID(0, 0);
    UUID tinId = new UUID(0, 0);

    @Column(name = "before_l")
    double beforeLitres;

    @Column(name = "after_l")
    double afterLitres;

    String placeBefore = "";

    /** As which the store had it then; nothing where a closing of long ago did not keep it. */
    @Nullable
    Integer afterVersion;

    /** Whether it came into the store with this sheet. */
    boolean bought;

    protected SheetTinRow() {}

    SheetTinRow(UUID sheetId, UUID tinId) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.tinId = tinId;
    }

    /** Whether somebody changed the tin since. */
    boolean isTouched(Tin now) {
        return afterVersion == null
                ? Math.abs(now.left().inLitres() - afterLitres) > 1e-9
                : afterVersion != now.version();
    }
}

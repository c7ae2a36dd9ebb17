package lumko.app.catalogue;

import jakarta.persistence.MappedSuperclass;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import org.jspecify.annotations.Nullable;

/** An entry that may turn out to be another one: what was recorded with either is kept, and it may stand on its own again. */
@MappedSuperclass
abstract class MergeableRow extends EditableRow {
    /** The entry that this one turned out to be. */
    @Nullable
    UUID mergedInto;

    protected MergeableRow() {}

    MergeableRow(UUID id) {
        super(id);
    }

    /** As it was entered. */
    abstract String enteredAs();

    /** The entry it stands for: itself, or the one it was merged into. */
    UUID standsFor() {
        return mergedInto == null ? id() : mergedInto;
    }
}

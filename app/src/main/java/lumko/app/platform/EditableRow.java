package lumko.app.platform;

import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An owned row that two people may edit at once: its version tells the second that the first was there. */
@MappedSuperclass
public abstract class EditableRow extends OwnedRow {
    /** The version of what nobody has saved yet. */
    public static final int UNSAVED = -1;

    @Version
    private @Nullable Integer version;

    protected EditableRow(UUID id) {
        super(id);
    }

    protected EditableRow() {}

    /** How often the row has been changed; {@link #UNSAVED} before it has been saved. */
    public int version() {
        return version == null ? UNSAVED : version;
    }

    /**
     * Makes sure that whoever changes the row has seen it as it is.
     *
     * @throws ChangedMeanwhileException if it has been changed since that version
     */
    public void checkSeen(int seenVersion) {
        if (seenVersion != version()) {
            throw new ChangedMeanwhileException();
        }
    }
}

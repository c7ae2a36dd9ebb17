package lumko.app.house;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.judge.Scrutiny;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "turnover")
final class TurnoverRow extends EditableRow {
    UUID flatId = new UUID(0, 0);
    LocalDate keysBackOn = LocalDate.EPOCH;

    @Nullable
    LocalDate viewingOn;

    @Nullable
    LocalDate moveInOn;

    @Nullable
    LocalDate endedOn;

    @Enumerated(EnumType.STRING)
    Scrutiny scrutiny = Scrutiny.AS_USUAL;

    protected TurnoverRow() {}

    TurnoverRow(UUID id, UUID flatId) {
        super(id);
        this.flatId = flatId;
    }

    Turnover turnover() {
        return new Turnover(
                id(),
                flatId,
                keysBackOn,
                Optional.ofNullable(viewingOn),
                Optional.ofNullable(moveInOn),
                scrutiny,
                version());
    }
}

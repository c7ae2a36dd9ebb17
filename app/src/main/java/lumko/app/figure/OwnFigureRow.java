package lumko.app.figure;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.figure.Figure;

@Entity
@Table(name = "own_figure")
final class OwnFigureRow extends EditableRow {
    @Enumerated(EnumType.STRING)
    Figure figure = Figure.SET_UP;

    double amount;
    String why = "";
    UUID setBy = new UUID(0, 0);
    Instant setAt = Instant.EPOCH;

    protected OwnFigureRow() {}

    OwnFigureRow(Figure figure) {
        super(UUID.randomUUID());
        this.figure = figure;
    }
}

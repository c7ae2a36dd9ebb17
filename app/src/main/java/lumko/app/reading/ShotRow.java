package lumko.app.reading;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.core.colour.Spectrum;

/** One measurement of a reading. */
@Entity
@Table(name = "reading_shot")
final class ShotRow extends OwnedRow {
    UUID readingId = new UUID(0, 0);
    int position;

    @Column(name = "start_nm")
    int startNanometres = Spectrum.START;

    double[] factors = {};

    protected ShotRow() {}

    ShotRow(UUID readingId, int position, Spectrum spectrum) {
        super(UUID.randomUUID());
        this.readingId = readingId;
        this.position = position;
        this.startNanometres = spectrum.start();
        this.factors = spectrum.factors();
    }

    Spectrum spectrum() {
        return Spectrum.of(startNanometres, factors);
    }
}

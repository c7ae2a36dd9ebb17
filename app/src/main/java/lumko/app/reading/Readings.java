package lumko.app.reading;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.People;
import lumko.core.colour.Reading;
import lumko.core.colour.Spectrum;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was read on surfaces. */
@Service
@Transactional(readOnly = true)
public class Readings {
    private final ReadingRepository readings;
    private final ShotRepository shots;
    private final People people;

    Readings(ReadingRepository readings, ShotRepository shots, People people) {
        this.readings = readings;
        this.shots = shots;
        this.people = people;
    }

    /** The reading that is under way on a surface, or the last that was done. */
    public Optional<WallReading> of(UUID surfaceId) {
        return readings.findBySurfaceIdAndDoneAtIsNull(surfaceId)
                .map(row -> shown(row, shots.findByReadingIdOrderByPosition(row.id())))
                .or(() -> lastDone(surfaceId));
    }

    Optional<WallReading> lastDone(UUID surfaceId) {
        List<ReadingRepository.Shot> last = readings.lastDone(surfaceId);
        return last.stream()
                .findFirst()
                .map(first -> shown(
                        first.reading(),
                        last.stream().map(ReadingRepository.Shot::shot).toList()));
    }

    private WallReading shown(ReadingRow row, List<ShotRow> taken) {
        List<Spectrum> spectra = taken.stream().map(ShotRow::spectrum).toList();
        return new WallReading(
                row.id(),
                row.driftPercent != null,
                row.washed,
                row.instrument,
                Optional.ofNullable(row.driftPercent),
                spectra,
                spectra.isEmpty() ? Optional.empty() : Optional.of(Reading.of(spectra, row.source.uncertainty())),
                row.source,
                people.names().getOrDefault(row.begunBy, ""),
                row.begunAt,
                row.doneAt != null);
    }
}

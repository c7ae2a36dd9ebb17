package lumko.app.reading;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.core.colour.Lab;
import lumko.core.colour.Reading;
import lumko.core.colour.Spectrum;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads surfaces place by place, with the colour reader or from what was measured otherwise. */
@Service
@Transactional
public class TakingReadings {
    private final ReadingRepository readings;
    private final ShotRepository shots;
    private final ColourReader reader;
    private final StandInTarget standIn;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    TakingReadings(
            ReadingRepository readings,
            ShotRepository shots,
            ColourReader reader,
            StandInTarget standIn,
            Houses houses,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.readings = readings;
        this.shots = shots;
        this.reader = reader;
        this.standIn = standIn;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** What came of a press of the button. */
    public sealed interface Pressed {
        /** It worked. */
        record Done() implements Pressed {}

        /** The instrument could not. */
        record Failed(ColourReader.Trouble trouble) implements Pressed {}
    }

    /** Puts the reader on its tile; begins a reading where none is under way. */
    public Pressed calibrate(UUID surfaceId, boolean isWashed) {
        requireSurface(surfaceId);
        ColourReader.Answer answer = reader.calibrate();
        return switch (answer) {
            case ColourReader.Answer.Calibrated calibrated -> {
                ReadingRow row =
                        readings.findBySurfaceIdAndDoneAtIsNull(surfaceId).orElseGet(() -> begun(surfaceId));
                if (row.source != Source.READER) {
                    requireNothingRead(row);
                    row.source = Source.READER;
                }
                row.washed = isWashed;
                row.instrument = calibrated.instrument();
                row.driftPercent = calibrated.driftPercent();
                readings.saveAndFlush(row);
                yield new Pressed.Done();
            }
            case ColourReader.Answer.Read ignored -> new Pressed.Failed(ColourReader.Trouble.NOT_UNDERSTOOD);
            case ColourReader.Answer.Failed failed -> new Pressed.Failed(failed.trouble());
        };
    }

    private ReadingRow begun(UUID surfaceId) {
        ReadingRow row = new ReadingRow(surfaceId);
        row.begunBy = access.member().personId();
        row.begunAt = clock.instant();
        return row;
    }

    /** Reads one more place. */
    public Pressed shoot(UUID surfaceId) {
        Flat flat = requireSurface(surfaceId);
        Optional<ReadingRow> open = readings.findBySurfaceIdAndDoneAtIsNull(surfaceId);
        if (open.isEmpty()) {
            return new Pressed.Failed(ColourReader.Trouble.WANTS_ITS_TILE);
        }
        List<ShotRow> known = shots.findByReadingIdOrderByPosition(open.get().id());
        if (known.size() >= WallReading.MOST) {
            return new Pressed.Done();
        }
        return switch (reader.read(standIn.of(flat, surfaceId, open.get().washed))) {
            case ColourReader.Answer.Read read -> {
                int next = known.isEmpty() ? 0 : known.getLast().position + 1;
                shots.saveAndFlush(new ShotRow(open.get().id(), next, read.spectrum()));
                yield new Pressed.Done();
            }
            case ColourReader.Answer.Failed failed -> new Pressed.Failed(failed.trouble());
            case ColourReader.Answer.Calibrated ignored -> new Pressed.Failed(ColourReader.Trouble.NOT_UNDERSTOOD);
        };
    }

    /**
     * Takes places that were measured otherwise.
     *
     * @throws PlacesRefusedException if they are too many, or an estimate would be mixed with what was measured
     */
    public Pressed note(UUID surfaceId, List<Spectrum> spectra, Source source, String instrument) {
        requireSurface(surfaceId);
        ReadingRow row = readings.findBySurfaceIdAndDoneAtIsNull(surfaceId).orElseGet(() -> begun(surfaceId));
        if (row.source.isEstimate() != source.isEstimate()) {
            requireNothingRead(row);
        }
        row.source = source;
        row.instrument = instrument;
        if (row.driftPercent == null) {
            row.driftPercent = 0.0;
        }
        readings.saveAndFlush(row);
        List<ShotRow> known = shots.findByReadingIdOrderByPosition(row.id());
        if (known.size() + spectra.size() > WallReading.MOST) {
            throw new PlacesRefusedException("reading.tooManyPlaces");
        }
        int next = known.isEmpty() ? 0 : known.getLast().position + 1;
        for (Spectrum spectrum : spectra) {
            shots.save(new ShotRow(row.id(), next++, spectrum));
        }
        shots.flush();
        return new Pressed.Done();
    }

    private void requireNothingRead(ReadingRow row) {
        if (!shots.findByReadingIdOrderByPosition(row.id()).isEmpty()) {
            throw new PlacesRefusedException("reading.mixed");
        }
    }

    /** Takes the last place back. */
    public void undo(UUID surfaceId) {
        requireSurface(surfaceId);
        readings.findBySurfaceIdAndDoneAtIsNull(surfaceId).ifPresent(row -> {
            List<ShotRow> known = shots.findByReadingIdOrderByPosition(row.id());
            if (!known.isEmpty()) {
                shots.delete(known.getLast());
            }
        });
    }

    /** The reading is done; the next press begins another. */
    public void finish(UUID surfaceId) {
        Flat flat = requireSurface(surfaceId);
        ReadingRow row = readings.findBySurfaceIdAndDoneAtIsNull(surfaceId).orElseThrow(NotFoundException::new);
        List<ShotRow> known = shots.findByReadingIdOrderByPosition(row.id());
        if (known.isEmpty()) {
            throw new NotNowException("denied.nothingRead");
        }
        row.doneAt = clock.instant();
        Lab lab = Reading.of(known.stream().map(ShotRow::spectrum).toList(), row.source.uncertainty())
                .lab();
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.COLOUR_READ,
                speaker.words()
                        .say(
                                row.source.isEstimate() ? "reading.labEstimated" : "reading.lab",
                                speaker.words().fixed(lab.lightness(), 1),
                                speaker.words().fixed(lab.a(), 1),
                                speaker.words().fixed(lab.b(), 1)));
    }

    /** @throws lumko.app.platform.NotNowException if the records of its house are not this person's to change */
    @Transactional(readOnly = true)
    public void requireMayRead(UUID surfaceId) {
        requireSurface(surfaceId);
    }

    private Flat requireSurface(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        return flat;
    }
}

package lumko.app.reading;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.Paints;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.NewCoat;
import lumko.app.house.Recording;
import lumko.app.house.Surface;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.core.colour.Lab;
import lumko.core.colour.Reading;
import lumko.core.colour.Spectrum;
import lumko.core.record.Layer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads walls, and says which paint they may carry. */
@Service
@Transactional
public class Readings {
    private final ReadingRepository readings;
    private final ShotRepository shots;
    private final ColourReader reader;
    private final StandInTarget standIn;
    private final Houses houses;
    private final Recording recording;
    private final Paints paints;
    private final History history;
    private final People people;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    Readings(
            ReadingRepository readings,
            ShotRepository shots,
            ColourReader reader,
            StandInTarget standIn,
            Houses houses,
            Recording recording,
            Paints paints,
            History history,
            People people,
            Access access,
            Speaker speaker,
            Clock clock,
            ApplicationEventPublisher events) {
        this.readings = readings;
        this.shots = shots;
        this.reader = reader;
        this.standIn = standIn;
        this.houses = houses;
        this.recording = recording;
        this.paints = paints;
        this.history = history;
        this.people = people;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
        this.events = events;
    }

    // ---- looking

    /** The reading that is under way on a surface, or the last that was done. */
    @Transactional(readOnly = true)
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

    // ---- reading

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

    // ---- which paint it is

    /** Takes a candidate as what is on the surface: the record says so from now on. */
    public void confirm(UUID surfaceId, UUID productId, UUID colourId) {
        Flat flat = requireSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow(NotFoundException::new);
        PaintBook book = paints.book();
        Paint paint = new Paint(
                Optional.ofNullable(book.products().get(productId)).orElseThrow(NotFoundException::new),
                Optional.ofNullable(book.colours().get(colourId)).orElseThrow(NotFoundException::new));
        boolean estimated =
                of(surfaceId).map(reading -> reading.source().isEstimate()).orElse(false);
        boolean onRecord = surface.topCoat()
                .flatMap(coat -> coat.paint())
                .filter(paint::equals)
                .isPresent();
        if (!onRecord) {
            recording.addCoat(
                    surfaceId,
                    new NewCoat(
                            Layer.FINISH,
                            Optional.of(productId),
                            Optional.of(colourId),
                            List.of(),
                            "",
                            OptionalInt.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            speaker.words().say(estimated ? "reading.identifiedByEstimate" : "reading.identified")));
        }
        events.publishEvent(new PaintJudged(surfaceId, true));
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.PAINT_IDENTIFIED,
                paint.product().name() + ", " + paint.colour().name());
    }

    /** None of the candidates is what is on the surface. */
    public void refuse(UUID surfaceId) {
        Flat flat = requireSurface(surfaceId);
        if (of(surfaceId).flatMap(WallReading::result).isEmpty()) {
            throw new NotNowException("denied.nothingRead");
        }
        events.publishEvent(new PaintJudged(surfaceId, false));
        history.note(Subject.surface(flat.id(), surfaceId), EventKind.PAINT_REFUSED, "");
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

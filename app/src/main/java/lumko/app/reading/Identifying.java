package lumko.app.reading;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.app.account.Access;
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
import lumko.core.record.Layer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says which paint it is that was read. */
@Service
@Transactional
public class Identifying {
    private final Readings readings;
    private final Houses houses;
    private final Recording recording;
    private final Paints paints;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final ApplicationEventPublisher events;

    Identifying(
            Readings readings,
            Houses houses,
            Recording recording,
            Paints paints,
            History history,
            Access access,
            Speaker speaker,
            ApplicationEventPublisher events) {
        this.readings = readings;
        this.houses = houses;
        this.recording = recording;
        this.paints = paints;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.events = events;
    }

    /** Takes a candidate as what is on the surface: the record says so from now on. */
    public void confirm(UUID surfaceId, UUID productId, UUID colourId) {
        Flat flat = requireSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow(NotFoundException::new);
        PaintBook book = paints.book();
        Paint paint = new Paint(
                Optional.ofNullable(book.products().get(productId)).orElseThrow(NotFoundException::new),
                Optional.ofNullable(book.colours().get(colourId)).orElseThrow(NotFoundException::new));
        boolean estimated = readings.of(surfaceId)
                .map(reading -> reading.source().isEstimate())
                .orElse(false);
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
        if (readings.of(surfaceId).flatMap(WallReading::result).isEmpty()) {
            throw new NotNowException("denied.nothingRead");
        }
        events.publishEvent(new PaintJudged(surfaceId, false));
        history.note(Subject.surface(flat.id(), surfaceId), EventKind.PAINT_REFUSED, "");
    }

    private Flat requireSurface(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        return flat;
    }
}

package lumko.app.reading;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.Paints;
import lumko.app.house.Flat;
import lumko.app.house.SeenPaints;
import lumko.app.house.Surface;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.Metamerism;
import lumko.core.colour.Reading;
import lumko.core.film.Ageing;
import lumko.core.film.Match;
import lumko.core.geometry.RoomKind;
import lumko.core.quantity.Volume;
import lumko.core.record.Age;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which paints a read wall may carry. */
@Service
@Transactional(readOnly = true)
public class Candidates {
    private static final int MOST = 8;

    /** As far as a colour may have gone from what it was, and a reader be off, by CIEDE2000: what lies farther is none of it. */
    private static final double FARTHEST = 15;

    private final Readings readings;
    private final SeenPaints seenPaints;
    private final Paints paints;
    private final Store store;
    private final Speaker speaker;

    Candidates(Readings readings, SeenPaints seenPaints, Paints paints, Store store, Speaker speaker) {
        this.readings = readings;
        this.seenPaints = seenPaints;
        this.paints = paints;
        this.store = store;
        this.speaker = speaker;
    }

    /** The paints that a surface may carry, the likeliest first; what is on record for it and the nearest stand there in any case. */
    public List<Candidate> of(Flat flat, UUID surfaceId, WallReading reading) {
        Surface surface = flat.surface(surfaceId).orElseThrow(NotFoundException::new);
        RoomKind room = flat.roomOf(surfaceId).kind();
        Reading result = reading.result().orElseThrow();
        PaintBook book = paints.book();
        Lab seen = Colorimetry.DAYLIGHT.lab(result.mean());
        Set<UUID> near = Stream.concat(
                        book.within(seen, FARTHEST).stream(),
                        book.nearest(seen, MOST).stream().map(PaintBook.Near::colour))
                .flatMap(colour -> book.idsOf(colour).stream())
                .collect(Collectors.toSet());
        Map<Paint, Candidate> best = new LinkedHashMap<>();
        flat.surfaces()
                .forEach(other -> other.topCoat()
                        .ifPresent(coat -> coat.paint()
                                .ifPresent(paint -> keep(
                                        best,
                                        candidate(
                                                paint,
                                                other.id().equals(surfaceId)
                                                        ? Candidate.From.THIS_SURFACE
                                                        : Candidate.From.THIS_FLAT,
                                                coat.tin().map(Tin::label),
                                                Age.since(coat.appliedOn(), speaker.today()),
                                                reading,
                                                surface,
                                                room)))));
        for (SeenPaints.PaintUse use : seenPaints.paintUses(near, flat)) {
            book.paint(Optional.of(use.productId()), Optional.of(use.colourId()))
                    .ifPresent(paint -> keep(
                            best,
                            candidate(
                                    paint,
                                    use.isOfHouse() ? Candidate.From.THIS_HOUSE : Candidate.From.ELSEWHERE,
                                    Optional.empty(),
                                    Age.since(use.appliedOn(), speaker.today()),
                                    reading,
                                    surface,
                                    room)));
        }
        for (Tin tin : store.tinsIn(near)) {
            if (tin.left().compareTo(Volume.ZERO) > 0) {
                keep(
                        best,
                        candidate(
                                tin.paint(),
                                Candidate.From.STORE,
                                Optional.of(tin.label()),
                                Age.UNKNOWN,
                                reading,
                                surface,
                                room));
            }
        }
        List<Candidate> nearest = best.values().stream()
                .sorted(Comparator.comparingDouble(
                                (Candidate candidate) -> candidate.match().difference())
                        .thenComparing(Candidate::from))
                .limit(MOST)
                .toList();
        return nearest.stream()
                .filter(candidate -> !candidate.match().isFarOff()
                        || candidate.from() == Candidate.From.THIS_SURFACE
                        || candidate == nearest.getFirst())
                .toList();
    }

    /** How the paint on record stands to the last reading of its surface; empty without either. */
    public Optional<Candidate> againstRecord(Flat flat, Surface surface) {
        return surface.topCoat()
                .flatMap(coat -> coat.paint()
                        .flatMap(paint -> readings.lastDone(surface.id())
                                .map(reading -> candidate(
                                        paint,
                                        Candidate.From.THIS_SURFACE,
                                        coat.tin().map(Tin::label),
                                        Age.since(coat.appliedOn(), speaker.today()),
                                        reading,
                                        surface,
                                        flat.roomOf(surface.id()).kind()))));
    }

    private static void keep(Map<Paint, Candidate> best, Candidate candidate) {
        best.merge(
                candidate.paint(),
                candidate,
                (one, other) -> Comparator.comparing(Candidate::from)
                                        .thenComparingDouble(
                                                each -> each.match().difference())
                                        .compare(one, other)
                                <= 0
                        ? one
                        : other);
    }

    private static Candidate candidate(
            Paint paint,
            Candidate.From from,
            Optional<String> tin,
            Age age,
            WallReading reading,
            Surface surface,
            RoomKind room) {
        Reading result = reading.result().orElseThrow();
        Ageing aged = Ageing.of(
                paint.colour().lab(),
                age,
                room,
                surface.light(),
                paint.product().gloss60(),
                paint.product().binder(),
                reading.isWashed());
        return new Candidate(
                paint,
                from,
                tin,
                age,
                Match.of(result, aged, paint.colour().isApproximate()),
                paint.colour().measured().map(measured -> Metamerism.of(result.mean(), measured)));
    }
}

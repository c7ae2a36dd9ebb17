package lumko.app.reading;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.PaintedSurface;
import lumko.app.house.Surface;
import lumko.app.paint.Paint;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.colour.Metamerism;
import lumko.core.colour.Reading;
import lumko.core.film.Ageing;
import lumko.core.film.Match;
import lumko.core.geometry.RoomKind;
import lumko.core.record.Age;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which paints a read wall may carry. */
@Service
@Transactional(readOnly = true)
public class Candidates {
    private static final int MOST = 8;

    private final Readings readings;
    private final Houses houses;
    private final Store store;
    private final Speaker speaker;

    Candidates(Readings readings, Houses houses, Store store, Speaker speaker) {
        this.readings = readings;
        this.houses = houses;
        this.store = store;
        this.speaker = speaker;
    }

    /** The paints that a surface may carry, the likeliest first; what is on record for it and the nearest stand there in any case. */
    public List<Candidate> of(Flat flat, UUID surfaceId, WallReading reading) {
        Surface surface = flat.surface(surfaceId).orElseThrow(NotFoundException::new);
        RoomKind room = flat.roomOf(surfaceId).kind();
        Store.Stock stock = store.stock();
        Map<Paint, Candidate> best = new LinkedHashMap<>();
        for (PaintedSurface painted : houses.painted()) {
            painted.productId()
                    .map(stock.products()::get)
                    .ifPresent(product -> painted.colourId()
                            .map(stock.colours()::get)
                            .ifPresent(colour -> keep(
                                    best,
                                    candidate(
                                            new Paint(product, colour),
                                            from(painted, flat, surfaceId),
                                            painted.tinId()
                                                    .map(stock.tins()::get)
                                                    .map(Tin::label),
                                            Age.since(painted.appliedOn(), speaker.today()),
                                            reading,
                                            surface,
                                            room))));
        }
        for (Tin tin : stock.onShelf()) {
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

    private static Candidate.From from(PaintedSurface painted, Flat flat, UUID surfaceId) {
        if (painted.surfaceId().equals(surfaceId)) {
            return Candidate.From.THIS_SURFACE;
        }
        if (painted.flatId().equals(flat.id())) {
            return Candidate.From.THIS_FLAT;
        }
        return painted.houseId().equals(flat.house().id()) ? Candidate.From.THIS_HOUSE : Candidate.From.ELSEWHERE;
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

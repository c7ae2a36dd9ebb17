package lumko.app.walk;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.figure.Figures;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.house.Turnover;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.drying.Climate;
import lumko.core.fault.Mark;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.judge.Film;
import lumko.core.judge.Judge;
import lumko.core.judge.PaintBasis;
import lumko.core.judge.WallCase;
import lumko.core.work.Action;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Marks on walls, what is known of their paint, and the verdict on each. */
@Service
@Transactional
public class Walks {
    private static final double DAYS_A_YEAR = 365.25;

    private final MarkRepository marks;
    private final VisitRepository visits;
    private final Houses houses;
    private final Store store;
    private final Figures figures;
    private final People people;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Walks(
            MarkRepository marks,
            VisitRepository visits,
            Houses houses,
            Store store,
            Figures figures,
            People people,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.marks = marks;
        this.visits = visits;
        this.houses = houses;
        this.store = store;
        this.figures = figures;
        this.people = people;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    // ---- looking

    /** The open marks on some surfaces, by surface, in the order in which they were set. */
    @Transactional(readOnly = true)
    public Map<UUID, List<PlacedMark>> openMarks(Collection<UUID> surfaceIds) {
        Map<UUID, String> names = people.names();
        Map<UUID, List<PlacedMark>> bySurface = new HashMap<>();
        for (MarkRow row :
                marks.findBySurfaceIdInAndRemovedAtIsNullAndMadeGoodOnIsNullOrderBySetAtAscIdAsc(surfaceIds)) {
            List<PlacedMark> onSurface = bySurface.computeIfAbsent(row.surfaceId, id -> new ArrayList<>());
            onSurface.add(new PlacedMark(
                    row.id(),
                    onSurface.size() + 1,
                    row.mark(),
                    names.getOrDefault(row.setBy, ""),
                    row.setAt,
                    row.version()));
        }
        return bySurface;
    }

    /** One wall as its walk shows it. */
    @Transactional(readOnly = true)
    public WalkedWall wall(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow(NotFoundException::new);
        if (surface.kind() != SurfaceKind.WALL) {
            throw new NotFoundException();
        }
        return walked(flat, List.of(surface)).getFirst();
    }

    /** Every wall of a flat as its walk shows it. */
    @Transactional(readOnly = true)
    public List<WalkedWall> walls(Flat flat) {
        return walked(flat, flat.walls().toList());
    }

    private List<WalkedWall> walked(Flat flat, List<Surface> walls) {
        Map<UUID, List<PlacedMark>> bySurface =
                openMarks(walls.stream().map(Surface::id).toList());
        Map<UUID, Visit> visitOf = visits(flat);
        Catalogue catalogue = figures.catalogue();
        Judge judge = new Judge(catalogue);
        LocalDate today = speaker.today();
        return walls.stream()
                .map(surface -> {
                    List<PlacedMark> onWall = bySurface.getOrDefault(surface.id(), List.of());
                    Visit visit = visitOf.getOrDefault(surface.id(), Visit.NONE);
                    Optional<Film> film = film(surface, today);
                    PaintBasis basis = basis(surface, visit, film);
                    WallCase wallCase = new WallCase(
                            surface.asWall(),
                            onWall.stream().map(PlacedMark::mark).toList(),
                            film,
                            basis,
                            surface.light(),
                            flat.roomOf(surface.id()).kind(),
                            flat.house().site(),
                            Climate.REFERENCE,
                            daysToViewing(flat, today));
                    return new WalkedWall(
                            flat, flat.roomOf(surface.id()), surface, onWall, visit, basis, judge.judge(wallCase));
                })
                .toList();
    }

    private Map<UUID, Visit> visits(Flat flat) {
        if (flat.turnover().isEmpty()) {
            return Map.of();
        }
        Map<UUID, Tin> tins = store.stock().tins();
        Map<UUID, String> names = people.names();
        return visits.findByTurnoverId(flat.turnover().get().id()).stream()
                .collect(Collectors.toMap(
                        row -> row.surfaceId,
                        row -> new Visit(
                                Optional.ofNullable(row.paintAnswer),
                                Optional.ofNullable(row.tinId).map(tins::get),
                                Optional.ofNullable(row.answeredBy).map(names::get),
                                Optional.ofNullable(row.overruledAction),
                                Optional.ofNullable(row.overruledWhy),
                                row.version())));
    }

    private static OptionalInt daysToViewing(Flat flat, LocalDate today) {
        return flat.turnover()
                .flatMap(Turnover::viewingOn)
                .map(viewing -> OptionalInt.of((int) ChronoUnit.DAYS.between(today, viewing)))
                .orElse(OptionalInt.empty());
    }

    private static Optional<Film> film(Surface surface, LocalDate today) {
        return surface.topCoat()
                .filter(coat -> coat.product().isPresent() && coat.colour().isPresent())
                .map(coat -> new Film(
                        coat.colour().orElseThrow().screen().lab(),
                        coat.product().orElseThrow().gloss60(),
                        coat.appliedOn()
                                .map(day -> Math.max(0, ChronoUnit.DAYS.between(day, today)) / DAYS_A_YEAR)
                                .orElse(0.0)));
    }

    private static PaintBasis basis(Surface surface, Visit visit, Optional<Film> film) {
        if (film.isEmpty()) {
            return visit.tin().isPresent() ? PaintBasis.OTHER_PAINT : PaintBasis.UNKNOWN;
        }
        if (visit.answer().isEmpty()) {
            return PaintBasis.NOT_CONFIRMED;
        }
        return switch (visit.answer().get()) {
            case RECORD_AGREES -> PaintBasis.BOUGHT_AGAIN;
            case NOT_SURE -> PaintBasis.UNKNOWN;
            case TIN_IN_STORE ->
                visit.tin()
                        .map(tin -> basis(surface.topCoat().orElseThrow(), tin))
                        .orElse(PaintBasis.UNKNOWN);
        };
    }

    private static PaintBasis basis(Coat onWall, Tin tin) {
        boolean samePaint = onWall.product()
                        .map(p -> p.id().equals(tin.product().id()))
                        .orElse(false)
                && onWall.colour().map(c -> c.id().equals(tin.colour().id())).orElse(false);
        if (!samePaint) {
            return PaintBasis.OTHER_PAINT;
        }
        return onWall.tin()
                        .filter(known ->
                                known.id().equals(tin.id()) || known.batch().equals(tin.batch()))
                        .isPresent()
                ? PaintBasis.SAME_BATCH
                : PaintBasis.BOUGHT_AGAIN;
    }

    /** The mark that was taken away last on a wall, if any was. */
    @Transactional(readOnly = true)
    public Optional<UUID> lastRemoved(UUID surfaceId) {
        return marks.findBySurfaceIdAndRemovedAtIsNotNullOrderByRemovedAtDesc(surfaceId).stream()
                .findFirst()
                .map(MarkRow::id);
    }

    // ---- marking

    /**
     * Sets a mark. Sending the same mark again changes nothing, also when it has been taken away since: devices repeat what
     * they are not sure has arrived.
     *
     * @param id made on the device
     * @throws IllegalArgumentException if the place is not on the wall or a measure is outside its range
     */
    public void set(UUID id, UUID surfaceId, Mark mark) {
        Flat flat = requireWall(surfaceId);
        flat.surface(surfaceId).orElseThrow().asWall().checkOnWall(mark.centre());
        Optional<MarkRow> known = marks.findById(id);
        if (known.isPresent()) {
            if (!known.get().surfaceId.equals(surfaceId)) {
                throw new NotFoundException();
            }
            return;
        }
        MarkRow row = new MarkRow(id, surfaceId);
        row.put(mark);
        row.setBy = access.member().personId();
        row.setAt = clock.instant();
        marks.saveAndFlush(row);
    }

    /**
     * Gives a mark other measures.
     *
     * @throws lumko.app.platform.ChangedMeanwhileException if somebody changed it after it was shown
     */
    public void measure(UUID markId, Measures measures, int seenVersion) {
        MarkRow row = requireOpenMark(markId);
        row.checkSeen(seenVersion);
        row.put(new Mark(row.mark().place(), row.kind.of(measures)));
    }

    /** Takes a mark away; it can be put back. */
    public UUID remove(UUID markId) {
        MarkRow row = requireMark(markId);
        if (row.isOpen()) {
            row.removedAt = clock.instant();
        }
        return row.surfaceId;
    }

    public UUID restore(UUID markId) {
        MarkRow row = requireMark(markId);
        row.removedAt = null;
        return row.surfaceId;
    }

    /** The wall that a mark is on. */
    @Transactional(readOnly = true)
    public UUID wallOf(UUID markId) {
        return marks.findById(markId).orElseThrow(NotFoundException::new).surfaceId;
    }

    /** Notes that marks have been made good. */
    public void makeGood(Collection<UUID> markIds, LocalDate on) {
        marks.findAllById(markIds).forEach(row -> row.madeGoodOn = on);
    }

    // ---- deciding

    /** Answers which paint is on the wall, or in which it will be painted. */
    public void answer(UUID surfaceId, PaintAnswer answer, Optional<UUID> tinId, int seenVersion) {
        VisitRow row = requireVisit(surfaceId, seenVersion);
        if (answer == PaintAnswer.TIN_IN_STORE
                && !store.stock().tins().containsKey(tinId.orElseThrow(NotFoundException::new))) {
            throw new NotFoundException();
        }
        row.paintAnswer = answer;
        row.tinId = answer == PaintAnswer.TIN_IN_STORE ? tinId.orElse(null) : null;
        row.answeredBy = access.member().personId();
        visits.saveAndFlush(row);
    }

    /** Decides against the verdict, with the reason. */
    public void overrule(UUID surfaceId, Action action, String why, int seenVersion) {
        VisitRow row = requireVisit(surfaceId, seenVersion);
        row.overruledAction = action;
        row.overruledWhy = why;
        visits.saveAndFlush(row);
    }

    /** Back to the verdict. */
    public void follow(UUID surfaceId, int seenVersion) {
        VisitRow row = requireVisit(surfaceId, seenVersion);
        row.overruledAction = null;
        row.overruledWhy = null;
        visits.saveAndFlush(row);
    }

    private VisitRow requireVisit(UUID surfaceId, int seenVersion) {
        Flat flat = requireWall(surfaceId);
        UUID turnoverId = flat.turnover()
                .map(Turnover::id)
                .orElseThrow(() -> new NotAllowedException("denied.noTurnover", flat.number()));
        VisitRow row = visits.findBySurfaceIdAndTurnoverId(surfaceId, turnoverId)
                .orElseGet(() -> new VisitRow(surfaceId, turnoverId));
        row.checkSeen(seenVersion);
        return row;
    }

    private Flat requireWall(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        flat.surface(surfaceId).orElseThrow().wall().orElseThrow(NotFoundException::new);
        return flat;
    }

    private MarkRow requireMark(UUID markId) {
        MarkRow row = marks.findById(markId).orElseThrow(NotFoundException::new);
        requireWall(row.surfaceId);
        return row;
    }

    private MarkRow requireOpenMark(UUID markId) {
        MarkRow row = requireMark(markId);
        if (!row.isOpen()) {
            throw new ChangedMeanwhileException();
        }
        return row;
    }
}

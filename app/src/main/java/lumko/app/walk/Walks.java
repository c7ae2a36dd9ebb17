package lumko.app.walk;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.figure.Figures;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.house.Turnover;
import lumko.app.paint.Paint;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.EditableRow;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.practice.Practices;
import lumko.app.reading.PaintJudged;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.fault.Condition;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.hold.Binder;
import lumko.core.hold.Holding;
import lumko.core.hold.WillItHold;
import lumko.core.judge.Film;
import lumko.core.judge.Judge;
import lumko.core.judge.PaintBasis;
import lumko.core.judge.Verdict;
import lumko.core.judge.WallCase;
import lumko.core.practice.Practice;
import lumko.core.repair.Mark;
import lumko.core.repair.Method;
import lumko.core.wall.EveryTime;
import lumko.core.wall.RoomFinding;
import lumko.core.wall.Wall;
import lumko.core.work.Action;
import lumko.core.work.Setting;
import lumko.core.work.WorkPlanner;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Marks on walls, what is known of their paint, and the verdict on each. */
@Service
@Transactional
public class Walks {
    private static final double DAYS_A_YEAR = 365.25;

    private final MarkRepository marks;
    private final VisitRepository visits;
    private final RoomFindingRepository roomFindings;
    private final PlaceAnswerRepository placeAnswers;
    private final Houses houses;
    private final Store store;
    private final Figures figures;
    private final Practices practices;
    private final History history;
    private final People people;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Walks(
            MarkRepository marks,
            VisitRepository visits,
            RoomFindingRepository roomFindings,
            PlaceAnswerRepository placeAnswers,
            Houses houses,
            Store store,
            Figures figures,
            Practices practices,
            History history,
            People people,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.marks = marks;
        this.visits = visits;
        this.roomFindings = roomFindings;
        this.placeAnswers = placeAnswers;
        this.houses = houses;
        this.store = store;
        this.figures = figures;
        this.practices = practices;
        this.history = history;
        this.people = people;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    // ---- looking

    /** The open marks on some surfaces, by surface, in the order in which they were set. */
    @Transactional(readOnly = true)
    public Map<UUID, List<PlacedMark>> openMarks(Collection<UUID> surfaceIds) {
        return placed(marks.findBySurfaceIdInAndRemovedAtIsNullAndMadeGoodOnIsNullOrderBySetAtAscIdAsc(surfaceIds));
    }

    private Map<UUID, List<PlacedMark>> placed(List<MarkRow> rows) {
        Map<UUID, String> names = people.names();
        Map<UUID, List<PlacedMark>> bySurface = new HashMap<>();
        for (MarkRow row : rows) {
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

    /** One wall or ceiling as its walk shows it, with what is around it. */
    @Transactional(readOnly = true)
    public WalkedFlat around(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow(NotFoundException::new);
        if (surface.wall().isEmpty()) {
            throw new NotFoundException();
        }
        return walked(flat, List.of(surface), flat.turnover().map(Turnover::id), openMarks(List.of(surfaceId)));
    }

    /** One wall or ceiling as its walk shows it. */
    @Transactional(readOnly = true)
    public WalkedWall wall(UUID surfaceId) {
        return around(surfaceId).surfaces().getFirst();
    }

    /** A flat with every wall and ceiling as its walk shows it. */
    @Transactional(readOnly = true)
    public WalkedFlat flat(Flat flat) {
        List<Surface> faces = flat.faces().toList();
        return walked(
                flat,
                faces,
                flat.turnover().map(Turnover::id),
                openMarks(faces.stream().map(Surface::id).toList()));
    }

    /** A flat as it was walked in one turnover, with just the given marks on it, whatever has become of them since. */
    @Transactional(readOnly = true)
    public WalkedFlat as(Flat flat, UUID turnoverId, Collection<UUID> markIds) {
        return walked(flat, flat.faces().toList(), Optional.of(turnoverId), placed(marks.findAllById(markIds)));
    }

    private WalkedFlat walked(
            Flat flat, List<Surface> wanted, Optional<UUID> turnoverId, Map<UUID, List<PlacedMark>> bySurface) {
        Turn turn = turn(turnoverId);
        Practice practice = practices.of(turnoverId);
        Catalogue catalogue = figures.catalogue();
        Judge judge = new Judge(catalogue, practice);
        WillItHold willItHold = new WillItHold(catalogue);
        Covers covers = new Covers();
        List<WalkedWall> walls = wanted.stream()
                .map(surface -> wall(
                        flat,
                        surface,
                        bySurface.getOrDefault(surface.id(), List.of()),
                        turn,
                        judge,
                        willItHold,
                        covers))
                .toList();
        List<WalkedTrim> trims = flat.rooms().stream()
                .map(room -> trim(room, room.only(SurfaceKind.TRIM), turn, willItHold))
                .toList();
        return new WalkedFlat(flat, walls, trims, turn.findings(), practice);
    }

    private WalkedWall wall(
            Flat flat,
            Surface surface,
            List<PlacedMark> onWall,
            Turn turn,
            Judge judge,
            WillItHold willItHold,
            Covers covers) {
        Room room = flat.roomOf(surface.id());
        Visit visit = turn.visitOf(surface);
        LocalDate today = speaker.today();
        Optional<Film> film = film(surface, today);
        PaintBasis basis = basis(surface, visit, film);
        List<AskedPlace> places = turn.placesOn(room, surface);
        List<Mark> faults = onWall.stream().map(PlacedMark::mark).toList();
        Setting setting = setting(room, surface, faults, places, visit, turn, willItHold, covers);
        Verdict verdict = judge.judge(new WallCase(
                surface.asWall(),
                faults,
                film,
                basis,
                surface.light(),
                room.kind(),
                flat.house().site(),
                Climate.REFERENCE,
                daysToViewing(flat, today),
                setting));
        return new WalkedWall(flat, room, surface, onWall, places, visit, basis, setting, verdict);
    }

    private Setting setting(
            Room room,
            Surface surface,
            List<Mark> faults,
            List<AskedPlace> places,
            Visit visit,
            Turn turn,
            WillItHold willItHold,
            Covers covers) {
        Set<RoomFinding> findings = turn.findingsOf(room);
        Optional<Paint> next = WalkedWall.paint(surface, visit);
        List<Surface> walls = room.walls().toList();
        int side = walls.indexOf(surface);
        return new Setting(
                surface.isCeiling() ? Setting.Side.CEILING : Setting.Side.WALL,
                surface.substrate(),
                findings,
                holding(surface, next, films(findings, faults), willItHold),
                next.isPresent() && next.equals(surface.topCoat().flatMap(Coat::paint)),
                side < 0
                        ? List.of()
                        : List.of(
                                walls.get((side + walls.size() - 1) % walls.size())
                                        .id()
                                        .toString(),
                                walls.get((side + 1) % walls.size()).id().toString()),
                side < 0 ? "" : room.only(SurfaceKind.CEILING).id().toString(),
                places.stream()
                        .filter(place -> place.answer()
                                .filter(said -> said == PlaceAnswer.PAINT)
                                .isPresent())
                        .map(AskedPlace::place)
                        .toList(),
                covers.of(next, surface.topCoat().flatMap(Coat::colour)));
    }

    private WalkedTrim trim(Room room, Surface surface, Turn turn, WillItHold willItHold) {
        Visit visit = turn.visitOf(surface);
        return new WalkedTrim(
                room,
                surface,
                visit,
                holding(
                        surface,
                        WalkedWall.paint(surface, visit),
                        films(turn.findingsOf(room), List.of()),
                        willItHold));
    }

    /** What lies on a surface besides its layers. */
    private static Set<WillItHold.Film> films(Set<RoomFinding> findings, List<Mark> faults) {
        Set<WillItHold.Film> films = EnumSet.noneOf(WillItHold.Film.class);
        if (findings.contains(RoomFinding.SMELL_OF_SMOKE)) {
            films.add(WillItHold.Film.SMOKE_OR_CHALK);
        }
        for (Mark mark : faults) {
            switch (mark.fault().kind()) {
                case SMOKE -> films.add(WillItHold.Film.SMOKE_OR_CHALK);
                case GREASE -> films.add(WillItHold.Film.GREASE);
                case GLASSY_PLASTER -> films.add(WillItHold.Film.GLASSY);
                default -> {}
            }
        }
        return films;
    }

    private Holding holding(Surface surface, Optional<Paint> next, Set<WillItHold.Film> films, WillItHold willItHold) {
        double daysOld = surface.topCoat()
                .flatMap(Coat::appliedOn)
                .map(day -> (double) Math.max(0, ChronoUnit.DAYS.between(day, speaker.today())))
                .orElse(Double.POSITIVE_INFINITY);
        return willItHold.answer(
                surface.topLayer(),
                daysOld,
                surface.substrate(),
                next.map(paint -> paint.product().binder())
                        .orElse(surface.kind() == SurfaceKind.TRIM ? Binder.SOLVENTBORNE : Binder.WATERBORNE),
                films);
    }

    /** What was found out and decided in the turnover of a flat. */
    private record Turn(
            Map<UUID, Visit> visits,
            Map<UUID, Set<RoomFinding>> findings,
            List<PlaceAnswerRow> answers,
            boolean isOpen) {
        Visit visitOf(Surface surface) {
            return visits.getOrDefault(surface.id(), Visit.NONE);
        }

        Set<RoomFinding> findingsOf(Room room) {
            return findings.getOrDefault(room.id(), Set.of());
        }

        /** The places of a wall that are asked about; nothing is asked while the flat is let. */
        List<AskedPlace> placesOn(Room room, Surface surface) {
            List<Surface> walls = room.walls().toList();
            int side = walls.indexOf(surface);
            if (side < 0 || !isOpen) {
                return List.of();
            }
            return EveryTime.of(
                            room.kind(),
                            room.outline(),
                            walls.stream().map(Surface::asWall).toList())
                    .stream()
                    .filter(place -> place.side() == side)
                    .map(place -> asked(surface, place))
                    .toList();
        }

        private AskedPlace asked(Surface surface, EveryTime place) {
            AskedPlace open = new AskedPlace(surface.id(), place, Optional.empty());
            return answers.stream()
                    .filter(row -> row.surfaceId.equals(surface.id())
                            && row.kind == place.kind()
                            && row.leftMillimetres == open.left())
                    .findFirst()
                    .map(row -> new AskedPlace(surface.id(), place, Optional.of(row.answer)))
                    .orElse(open);
        }
    }

    private Turn turn(Optional<UUID> turnover) {
        if (turnover.isEmpty()) {
            return new Turn(Map.of(), Map.of(), List.of(), false);
        }
        UUID turnoverId = turnover.get();
        Map<UUID, Set<RoomFinding>> findings = roomFindings.findByTurnoverId(turnoverId).stream()
                .collect(Collectors.groupingBy(
                        row -> row.roomId,
                        Collectors.mapping(
                                row -> row.finding, Collectors.toCollection(() -> EnumSet.noneOf(RoomFinding.class)))));
        return new Turn(visits(turnoverId), findings, placeAnswers.findByTurnoverId(turnoverId), true);
    }

    private Map<UUID, Visit> visits(UUID turnoverId) {
        Map<UUID, Tin> tins = store.stock().tins();
        Map<UUID, String> names = people.names();
        return visits.findByTurnoverId(turnoverId).stream()
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
                        coat.colour().orElseThrow().lab(),
                        coat.product().orElseThrow().gloss60(),
                        coat.appliedOn()
                                .map(day -> Math.max(0, ChronoUnit.DAYS.between(day, today)) / DAYS_A_YEAR)
                                .orElse(0.0)));
    }

    private static PaintBasis basis(Surface surface, Visit visit, Optional<Film> film) {
        Optional<Coat> onWall = surface.topCoat();
        Optional<Tin> tin = visit.tin();
        boolean samePaint =
                tin.map(Tin::paint).isPresent() && tin.map(Tin::paint).equals(onWall.flatMap(Coat::paint));
        boolean sameBatch = onWall.flatMap(Coat::tin)
                .filter(known -> tin.filter(other ->
                                known.id().equals(other.id()) || known.batch().equals(other.batch()))
                        .isPresent())
                .isPresent();
        return PaintBasis.of(film.isPresent(), said(visit), samePaint, sameBatch);
    }

    private static PaintBasis.Said said(Visit visit) {
        return visit.answer()
                .map(answer -> switch (answer) {
                    case RECORD_AGREES -> PaintBasis.Said.RECORD_AGREES;
                    case TIN_IN_STORE -> visit.tin().isPresent() ? PaintBasis.Said.A_TIN : PaintBasis.Said.NOT_SURE;
                    case NOT_SURE -> PaintBasis.Said.NOT_SURE;
                })
                .orElse(PaintBasis.Said.NOTHING);
    }

    /** The mark that was taken away last on a surface, if one could be put back. */
    @Transactional(readOnly = true)
    public Optional<UUID> lastRemoved(UUID surfaceId) {
        return marks.findBySurfaceIdAndRemovedAtIsNotNullOrderByRemovedAtDesc(surfaceId).stream()
                .findFirst()
                .map(MarkRow::id);
    }

    /** A mark with how it is made good. */
    @Transactional(readOnly = true)
    public RepairedMark repaired(UUID markId) {
        MarkRow row = marks.findById(markId).orElseThrow(NotFoundException::new);
        WalkedFlat around = around(row.surfaceId);
        WalkedWall wall = around.surfaces().getFirst();
        PlacedMark placed = wall.marks().stream()
                .filter(mark -> mark.id().equals(markId))
                .findFirst()
                .orElseGet(() -> new PlacedMark(
                        markId, 0, row.mark(), people.names().getOrDefault(row.setBy, ""), row.setAt, row.version()));
        WorkPlanner planner = new WorkPlanner(figures.catalogue(), around.practice());
        return new RepairedMark(
                wall,
                placed,
                planner.repair(placed.mark(), wall.task(), wall.flat().house().site()),
                new DryingModel(figures.catalogue()));
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
        setAll(surfaceId, Map.of(id, mark), EventKind.MARK_SET);
    }

    /** Sets several marks of one stroke at once; they are taken back together. */
    public void sweep(UUID surfaceId, Map<UUID, Mark> swept) {
        setAll(surfaceId, swept, EventKind.MARKS_SWEPT);
    }

    /**
     * Sets the open marks of one surface at the same heights and distances on another. The same copy sent again changes nothing.
     *
     * @param copyId made on the device; the copies have their ids from it
     * @return how many lie on it; the others are left out
     */
    public int copy(UUID copyId, UUID fromSurfaceId, UUID toSurfaceId) {
        Flat flat = requireWall(toSurfaceId);
        flat.surface(fromSurfaceId).orElseThrow(NotFoundException::new);
        Wall target = flat.surface(toSurfaceId).orElseThrow().asWall();
        Map<UUID, Mark> copies = new LinkedHashMap<>();
        for (PlacedMark placed : openMarks(List.of(fromSurfaceId)).getOrDefault(fromSurfaceId, List.of())) {
            if (target.isOnWall(placed.mark().centre())) {
                copies.put(UUID.nameUUIDFromBytes((copyId + "/" + placed.id()).getBytes(UTF_8)), placed.mark());
            }
        }
        setAll(toSurfaceId, copies, EventKind.MARKS_COPIED);
        return copies.size();
    }

    private void setAll(UUID surfaceId, Map<UUID, Mark> wanted, EventKind kind) {
        Flat flat = requireWall(surfaceId);
        houses.lock(surfaceId);
        Wall wall = flat.surface(surfaceId).orElseThrow().asWall();
        wanted.values().forEach(mark -> wall.checkOnWall(mark.centre()));
        Instant now = clock.instant();
        List<MarkRow> rows = new ArrayList<>();
        Map<UUID, MarkRow> known =
                marks.findAllById(wanted.keySet()).stream().collect(Collectors.toMap(MarkRow::id, row -> row));
        wanted.forEach((id, mark) -> {
            if (known.containsKey(id)) {
                if (!known.get(id).surfaceId.equals(surfaceId)) {
                    throw new NotFoundException();
                }
                return;
            }
            MarkRow row = new MarkRow(id, surfaceId);
            row.put(mark);
            row.setBy = access.member().personId();
            row.setAt = now;
            rows.add(row);
        });
        marks.saveAllAndFlush(rows);
        if (rows.size() == 1) {
            noteMark(flat, rows.getFirst(), kind, words(rows.getFirst().mark()));
        } else if (!rows.isEmpty()) {
            history.note(
                    Subject.surface(flat.id(), surfaceId),
                    kind,
                    rows.size() + " × " + speaker.words().name(rows.getFirst().kind));
        }
    }

    private String words(Mark mark) {
        return new MarkWords(speaker.words()).of(mark);
    }

    private void noteMark(Flat flat, MarkRow row, EventKind kind, String detail) {
        history.note(Subject.mark(flat.id(), row.surfaceId, row.id()), kind, detail);
    }

    /**
     * Gives a mark other measures.
     *
     * @throws lumko.app.platform.ChangedMeanwhileException if somebody changed it after it was shown
     */
    public void measure(UUID markId, Measures measures, int seenVersion) {
        change(
                markId,
                seenVersion,
                EventKind.MARK_MEASURED,
                mark -> new Mark(
                        mark.place(),
                        mark.fault().kind().of(measures, mark.fault().condition()),
                        mark.wanted()));
    }

    /** Notes the state of a mark's edge, backing, sides or number. */
    public void condition(UUID markId, UnaryOperator<Condition> changed, int seenVersion) {
        change(
                markId,
                seenVersion,
                EventKind.MARK_CONDITION,
                mark -> new Mark(
                        mark.place(),
                        mark.fault()
                                .kind()
                                .of(
                                        mark.fault().measures(),
                                        changed.apply(mark.fault().condition())),
                        mark.wanted()));
    }

    /** Makes a mark good in another way than the usual one, or in the usual one again. */
    public void method(UUID markId, Optional<Method> method, int seenVersion) {
        method.ifPresent(wanted -> {
            List<Method> fitting = repaired(markId).fitting();
            if (!fitting.contains(wanted)) {
                throw new IllegalArgumentException("this way does not fit that fault");
            }
        });
        change(markId, seenVersion, EventKind.MARK_METHOD, mark -> new Mark(mark.place(), mark.fault(), method));
    }

    private void change(UUID markId, int seenVersion, EventKind kind, UnaryOperator<Mark> changed) {
        MarkRow row = requireOpenMark(markId);
        Mark mark = changed.apply(row.mark());
        if (mark.equals(row.mark())) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        row.put(mark);
        noteMark(houses.flatOfSurface(row.surfaceId), row, kind, words(mark));
    }

    /** Takes a mark away; it can be put back. */
    public void remove(UUID markId) {
        removeAll(List.of(requireMark(markId)));
    }

    public void restore(UUID markId) {
        restoreAll(List.of(requireMark(markId)));
    }

    /**
     * Takes a mark away, and with it those set in the same stroke. It names the mark it means, so that sending it again does
     * not take away another.
     */
    public void undo(UUID markId) {
        MarkRow meant = requireMark(markId);
        removeAll(
                marks
                        .findBySurfaceIdInAndRemovedAtIsNullAndMadeGoodOnIsNullOrderBySetAtAscIdAsc(
                                List.of(meant.surfaceId))
                        .stream()
                        .filter(row -> row.setAt.equals(meant.setAt))
                        .toList());
    }

    /** Puts a mark back that was taken away, and with it those taken away in the same stroke. */
    public void putBack(UUID markId) {
        MarkRow meant = requireMark(markId);
        Optional<Instant> removedAt = Optional.ofNullable(meant.removedAt);
        restoreAll(marks.findBySurfaceIdAndRemovedAtIsNotNullOrderByRemovedAtDesc(meant.surfaceId).stream()
                .filter(row -> removedAt.equals(Optional.ofNullable(row.removedAt)))
                .toList());
    }

    private void removeAll(List<MarkRow> rows) {
        if (rows.isEmpty()) {
            return;
        }
        Instant now = clock.instant();
        Flat flat = houses.flatOfSurface(rows.getFirst().surfaceId);
        for (MarkRow row : rows) {
            if (row.isOpen()) {
                row.removedAt = now;
                noteMark(flat, row, EventKind.MARK_REMOVED, words(row.mark()));
            }
        }
    }

    private void restoreAll(List<MarkRow> rows) {
        if (rows.isEmpty()) {
            return;
        }
        Flat flat = houses.flatOfSurface(rows.getFirst().surfaceId);
        for (MarkRow row : rows) {
            if (row.removedAt == null) {
                continue;
            }
            row.removedAt = null;
            noteMark(flat, row, EventKind.MARK_RESTORED, words(row.mark()));
        }
    }

    /** The wall that a mark is on. */
    @Transactional(readOnly = true)
    public UUID wallOf(UUID markId) {
        return marks.surfaceOf(markId).orElseThrow(NotFoundException::new);
    }

    /** Notes that marks have been made good. */
    public void makeGood(Collection<UUID> markIds, LocalDate on) {
        noteEach(markIds, EventKind.MARK_MADE_GOOD, row -> row.madeGoodOn = on);
    }

    /** Opens marks again that a sheet had made good. */
    public void openAgain(Collection<UUID> markIds) {
        noteEach(markIds, EventKind.MARK_OPEN_AGAIN, row -> row.madeGoodOn = null);
    }

    private void noteEach(Collection<UUID> markIds, EventKind kind, Consumer<MarkRow> change) {
        List<MarkRow> rows = marks.findAllById(markIds);
        if (!rows.isEmpty()) {
            Flat flat = houses.flatOfSurface(rows.getFirst().surfaceId);
            rows.forEach(row -> {
                change.accept(row);
                noteMark(flat, row, kind, words(row.mark()));
            });
        }
    }

    // ---- finding out

    /** Notes something of the room of a surface as a whole, or takes it back. */
    public void find(UUID surfaceId, RoomFinding finding, boolean isThere) {
        Flat flat = requireSurface(surfaceId);
        UUID turnoverId = requireTurnover(flat);
        Room room = flat.roomOf(surfaceId);
        UUID roomId = room.id();
        List<RoomFindingRow> known = roomFindings.findByTurnoverId(turnoverId).stream()
                .filter(row -> row.roomId.equals(roomId) && row.finding == finding)
                .toList();
        if (isThere == !known.isEmpty()) {
            return;
        }
        if (isThere) {
            roomFindings.saveAndFlush(new RoomFindingRow(roomId, turnoverId, finding));
        } else {
            roomFindings.deleteAll(known);
        }
        history.note(
                Subject.flat(flat.id()),
                isThere ? EventKind.FINDING_NOTED : EventKind.FINDING_WITHDRAWN,
                room.name() + ": " + speaker.words().name(finding));
    }

    /** Answers whether a place that wears at each turnover is painted this time. */
    public void answerPlace(UUID surfaceId, EveryTime.Kind kind, int leftMillimetres, PlaceAnswer answer) {
        Flat flat = requireSurface(surfaceId);
        UUID turnoverId = requireTurnover(flat);
        around(surfaceId).surfaces().getFirst().places().stream()
                .filter(place -> place.place().kind() == kind && place.left() == leftMillimetres)
                .findFirst()
                .orElseThrow(NotFoundException::new);
        PlaceAnswerRow row = placeAnswers.findByTurnoverId(turnoverId).stream()
                .filter(each -> each.surfaceId.equals(surfaceId)
                        && each.kind == kind
                        && each.leftMillimetres == leftMillimetres)
                .findFirst()
                .orElseGet(() -> new PlaceAnswerRow(surfaceId, turnoverId, kind, leftMillimetres));
        row.answer = answer;
        placeAnswers.saveAndFlush(row);
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.PLACE_ANSWERED,
                speaker.words().name(kind) + ": " + speaker.words().name(answer));
    }

    // ---- deciding

    /** Answers which paint is on the surface, or in which it will be painted. */
    public void answer(UUID surfaceId, PaintAnswer answer, Optional<UUID> tinId, int seenVersion) {
        Flat flat = requireSurface(surfaceId);
        VisitRow row = requireVisit(flat, surfaceId);
        Optional<Tin> tin = tinId.map(id -> store.stock().tins().get(id));
        if (answer == PaintAnswer.TIN_IN_STORE && tin.isEmpty()) {
            throw new NotFoundException();
        }
        UUID answeredTin = answer == PaintAnswer.TIN_IN_STORE ? tinId.orElse(null) : null;
        if (row.paintAnswer == answer && Objects.equals(row.tinId, answeredTin)) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        row.paintAnswer = answer;
        row.tinId = answeredTin;
        row.answeredBy = access.member().personId();
        visits.saveAndFlush(row);
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.PAINT_ANSWERED,
                answer == PaintAnswer.TIN_IN_STORE
                        ? tin.map(each -> each.colour().name() + ", " + each.label())
                                .orElse("")
                        : speaker.words().name(answer));
    }

    /** In a turnover, the paint question is answered by who has judged it by a reading, whatever was answered before. */
    @EventListener
    public void answer(PaintJudged judged) {
        UUID surfaceId = judged.surfaceId();
        Flat flat = houses.flatOfSurface(surfaceId);
        if (flat.turnover().isPresent()) {
            int seen = visits.findBySurfaceIdAndTurnoverId(surfaceId, requireTurnover(flat))
                    .map(VisitRow::version)
                    .orElse(EditableRow.UNSAVED);
            PaintAnswer answer = judged.isKnown() ? PaintAnswer.RECORD_AGREES : PaintAnswer.NOT_SURE;
            answer(surfaceId, answer, Optional.empty(), seen);
        }
    }

    /** Decides against the verdict, with the reason; for trim, whether it is painted. */
    public void overrule(UUID surfaceId, Action action, String why, int seenVersion) {
        Flat flat = requireSurface(surfaceId);
        VisitRow row = requireVisit(flat, surfaceId);
        if (row.overruledAction == action && why.equals(row.overruledWhy)) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        row.overruledAction = action;
        row.overruledWhy = why;
        visits.saveAndFlush(row);
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.OVERRULED,
                speaker.words().name(action) + ": " + why);
    }

    /** Back to the verdict. */
    public void follow(UUID surfaceId, int seenVersion) {
        Flat flat = requireSurface(surfaceId);
        VisitRow row = requireVisit(flat, surfaceId);
        if (row.overruledAction == null) {
            return; // sent again, and arrived the first time
        }
        row.checkSeen(seenVersion);
        row.overruledAction = null;
        row.overruledWhy = null;
        visits.saveAndFlush(row);
        history.note(Subject.surface(flat.id(), surfaceId), EventKind.VERDICT_FOLLOWED, "");
    }

    private VisitRow requireVisit(Flat flat, UUID surfaceId) {
        UUID turnoverId = requireTurnover(flat);
        houses.lock(surfaceId);
        return visits.findBySurfaceIdAndTurnoverId(surfaceId, turnoverId)
                .orElseGet(() -> new VisitRow(surfaceId, turnoverId));
    }

    private static UUID requireTurnover(Flat flat) {
        return flat.turnover()
                .map(Turnover::id)
                .orElseThrow(() -> new NotAllowedException("denied.noTurnover", flat.number()));
    }

    private Flat requireSurface(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        return flat;
    }

    private Flat requireWall(UUID surfaceId) {
        Flat flat = requireSurface(surfaceId);
        flat.surface(surfaceId).orElseThrow().wall().orElseThrow(NotFoundException::new);
        return flat;
    }

    private MarkRow requireMark(UUID markId) {
        UUID surfaceId = wallOf(markId);
        requireWall(surfaceId);
        houses.lock(surfaceId);
        return marks.findById(markId).orElseThrow(NotFoundException::new);
    }

    private MarkRow requireOpenMark(UUID markId) {
        MarkRow row = requireMark(markId);
        if (!row.isOpen()) {
            throw new ChangedMeanwhileException();
        }
        return row;
    }
}

package lumko.app.sheet;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.figure.Figures;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Layer;
import lumko.app.house.NewCoat;
import lumko.app.house.Turnover;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.walk.PlacedMark;
import lumko.app.walk.WalkedWall;
import lumko.app.walk.Walks;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.figure.Catalogue;
import lumko.core.quantity.Volume;
import lumko.core.stock.StoredTin;
import lumko.core.stock.TinChoice;
import lumko.core.turnover.FlatProgress;
import lumko.core.work.Material;
import lumko.core.work.Step;
import lumko.core.work.StepKind;
import lumko.core.work.Use;
import lumko.core.work.WallTask;
import lumko.core.work.Work;
import lumko.core.work.WorkPlanner;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sheets: made from the walked walls of a flat, ticked on site, closed into the record. */
@Service
@Transactional
public class Sheets {
    /** Version of the rules that made a sheet, kept with it. */
    static final String MODEL_VERSION = "1";

    private final SheetRepository sheets;
    private final SheetWallRepository sheetWalls;
    private final SheetMarkRepository sheetMarks;
    private final StepRepository steps;
    private final UseRepository uses;
    private final Walks walks;
    private final Houses houses;
    private final Store store;
    private final Figures figures;
    private final People people;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Sheets(
            SheetRepository sheets,
            SheetWallRepository sheetWalls,
            SheetMarkRepository sheetMarks,
            StepRepository steps,
            UseRepository uses,
            Walks walks,
            Houses houses,
            Store store,
            Figures figures,
            People people,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.sheets = sheets;
        this.sheetWalls = sheetWalls;
        this.sheetMarks = sheetMarks;
        this.steps = steps;
        this.uses = uses;
        this.walks = walks;
        this.houses = houses;
        this.store = store;
        this.figures = figures;
        this.people = people;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    // ---- looking

    /** How far the sheets of a turnover have come. */
    public record Progress(
            Optional<UUID> openSheet,
            int ticked,
            int steps,
            Optional<Instant> dryUntil,
            Optional<StepKind> next,
            Optional<LocalDate> finishedOn) {
        public static final Progress NONE =
                new Progress(Optional.empty(), 0, 0, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** The progress of some turnovers, by turnover; none where no sheet was made. */
    @Transactional(readOnly = true)
    public Map<UUID, Progress> progress(Collection<UUID> turnoverIds) {
        List<SheetRow> rows = sheets.findByTurnoverIdIn(turnoverIds);
        List<UUID> open = rows.stream()
                .filter(row -> row.closedAt == null)
                .map(SheetRow::id)
                .toList();
        Map<UUID, List<StepRow>> stepsOf =
                steps.findBySheetIdInOrderByPosition(open).stream().collect(Collectors.groupingBy(row -> row.sheetId));
        DryingModel model = new DryingModel(figures.catalogue());
        Words words = speaker.words();
        Map<UUID, Progress> progress = new HashMap<>();
        for (SheetRow row : rows) {
            Progress known = progress.getOrDefault(row.turnoverId, Progress.NONE);
            progress.put(
                    row.turnoverId,
                    row.closedAt == null
                            ? openProgress(
                                    row, stepsOf.getOrDefault(row.id(), List.of()), model, clock.instant(), known)
                            : new Progress(
                                    known.openSheet(),
                                    known.ticked(),
                                    known.steps(),
                                    known.dryUntil(),
                                    known.next(),
                                    Optional.of(later(
                                            known.finishedOn(), LocalDate.ofInstant(row.closedAt, words.zone())))));
        }
        return progress;
    }

    private static LocalDate later(Optional<LocalDate> known, LocalDate other) {
        return known.filter(day -> day.isAfter(other)).orElse(other);
    }

    private static Progress openProgress(
            SheetRow sheet, List<StepRow> ofSheet, DryingModel model, Instant now, Progress known) {
        Optional<Instant> dryUntil =
                waits(ofSheet, sheet.climate(), model, now).getLast().flatMap(DryingClock::likely);
        return new Progress(
                Optional.of(sheet.id()),
                (int) ofSheet.stream().filter(step -> step.tickedAt != null).count(),
                ofSheet.size(),
                dryUntil,
                ofSheet.stream()
                        .filter(step -> step.tickedAt == null)
                        .findFirst()
                        .map(step -> step.kind),
                known.finishedOn());
    }

    /** What the core needs to know to say where a flat stands. */
    public static FlatProgress flatProgress(Optional<Turnover> turnover, Progress progress) {
        return turnover.map(open -> new FlatProgress(
                        Optional.of(open.keysBackOn()),
                        open.dueOn(),
                        progress.openSheet().isPresent(),
                        progress.dryUntil(),
                        progress.finishedOn()))
                .orElse(FlatProgress.LET);
    }

    @Transactional(readOnly = true)
    public Optional<UUID> openSheetOf(UUID flatId) {
        return sheets.findByFlatIdAndClosedAtIsNull(flatId).map(SheetRow::id);
    }

    /** A closed sheet as listed on its flat. */
    public record Past(UUID id, Instant closedAt) {}

    @Transactional(readOnly = true)
    public List<Past> closedSheetsOf(UUID flatId) {
        return sheets.findByFlatIdOrderByMadeAtDesc(flatId).stream()
                .flatMap(row -> Optional.ofNullable(row.closedAt).map(at -> new Past(row.id(), at)).stream())
                .toList();
    }

    @Transactional(readOnly = true)
    public Sheet sheet(UUID id) {
        SheetRow row = sheets.findById(id).orElseThrow(NotFoundException::new);
        Flat flat = houses.flat(row.flatId);
        Store.Stock stock = store.stock();
        Map<UUID, String> names = people.names();
        List<SheetWall> walls = sheetWalls.findBySheetIdOrderByPosition(id).stream()
                .map(wall -> new SheetWall(
                        wall.surfaceId,
                        label(flat, wall.surfaceId),
                        wall.action,
                        Optional.ofNullable(wall.productId).map(stock.products()::get),
                        Optional.ofNullable(wall.colourId).map(stock.colours()::get),
                        Optional.ofNullable(wall.tinId).map(stock.tins()::get),
                        Volume.ofLitres(wall.litres)))
                .toList();
        List<SheetStep> sheetSteps = steps(row, flat, names);
        return new Sheet(
                id,
                flat,
                walls,
                sheetSteps,
                paints(walls, sheetSteps, stock),
                row.climate(),
                Optional.ofNullable(row.climateNotedAt),
                names.getOrDefault(row.madeBy, ""),
                row.madeAt,
                row.closedAt == null || row.closedBy == null
                        ? Optional.empty()
                        : Optional.of(new Sheet.Closed(names.getOrDefault(row.closedBy, ""), row.closedAt)),
                row.version());
    }

    private List<SheetStep> steps(SheetRow sheet, Flat flat, Map<UUID, String> names) {
        List<StepRow> rows = steps.findBySheetIdInOrderByPosition(List.of(sheet.id()));
        Map<UUID, List<Use>> usesOf = uses
                .findByStepIdIn(rows.stream().map(StepRow::id).toList())
                .stream()
                .collect(
                        Collectors.groupingBy(use -> use.stepId, Collectors.mapping(UseRow::use, Collectors.toList())));
        DryingModel model = new DryingModel(figures.catalogue());
        Instant now = clock.instant();
        List<Optional<DryingClock>> waits = waits(rows, sheet.climate(), model, now);
        List<SheetStep> all = new ArrayList<>();
        for (StepRow row : rows) {
            all.add(new SheetStep(
                    row.id(),
                    row.step(usesOf.getOrDefault(row.id(), List.of())),
                    labels(flat, row),
                    row.toDry().map(wait -> model.wait(wait.material(), wait.thickness(), sheet.climate())),
                    Optional.ofNullable(row.tickedAt)
                            .map(at -> new SheetStep.Tick(
                                    Optional.ofNullable(row.tickedBy).orElseThrow(),
                                    Optional.ofNullable(row.tickedBy)
                                            .map(names::get)
                                            .orElse(""),
                                    at,
                                    Optional.ofNullable(row.earlyWhy))),
                    clock(row, sheet.climate(), model),
                    row.tickedAt == null ? waits.get(row.position) : Optional.empty(),
                    row.version()));
        }
        return all;
    }

    private static Optional<DryingClock> clock(StepRow row, Climate climate, DryingModel model) {
        return Optional.ofNullable(row.tickedAt)
                .flatMap(at -> row.toDry().map(wait -> DryingClock.start(wait, at, climate, model)));
    }

    /**
     * What each step waits for: of all that was put on before it and is still wet by the clock, what is ready last. Where
     * somebody went on early with a reason, the hand has judged what lay before, and only what came later counts. One more
     * entry stands at the end, for what is wet after all steps.
     */
    private static List<Optional<DryingClock>> waits(
            List<StepRow> rows, Climate climate, DryingModel model, Instant now) {
        List<Optional<DryingClock>> waits = new ArrayList<>();
        Optional<DryingClock> wet = Optional.empty();
        for (StepRow row : rows) {
            waits.add(wet);
            if (row.earlyWhy != null) {
                wet = Optional.empty();
            }
            Optional<DryingClock> own = clock(row, climate, model).filter(clock -> clock.isWetAt(now));
            if (own.isPresent()
                    && wet.filter(other -> other.isReadyAfter(own.get())).isEmpty()) {
                wet = own;
            }
        }
        waits.add(wet);
        return waits;
    }

    private static List<String> labels(Flat flat, StepRow row) {
        return Arrays.stream(row.walls).map(id -> label(flat, id)).toList();
    }

    private static String label(Flat flat, UUID surfaceId) {
        return flat.roomOf(surfaceId).name() + " "
                + flat.surface(surfaceId).orElseThrow().label();
    }

    private static List<PaintNeed> paints(List<SheetWall> walls, List<SheetStep> steps, Store.Stock stock) {
        Map<String, Volume> litres = new LinkedHashMap<>();
        steps.stream()
                .flatMap(step -> step.step().uses().stream())
                .filter(use -> use.material() == Material.WALL_PAINT)
                .forEach(use -> litres.merge(use.paint(), use.volume(), Volume::plus));
        List<PaintNeed> needs = new ArrayList<>();
        litres.forEach((key, volume) -> walls.stream()
                .filter(wall -> wall.product().isPresent()
                        && wall.colour().isPresent()
                        && paintKey(
                                        wall.product().get().id(),
                                        wall.colour().get().id())
                                .equals(key))
                .findFirst()
                .ifPresent(wall -> needs.add(need(key, volume, wall, walls, stock))));
        return needs;
    }

    /** The tin answered with on the walk comes first; other tins of the same paint stand by. */
    private static PaintNeed need(String key, Volume litres, SheetWall wall, List<SheetWall> walls, Store.Stock stock) {
        var product = wall.product().orElseThrow();
        var colour = wall.colour().orElseThrow();
        List<Tin> named = walls.stream()
                .flatMap(each -> each.tin().stream())
                .filter(tin -> tin.product().equals(product) && tin.colour().equals(colour))
                .distinct()
                .toList();
        Volume inNamed = named.stream().map(Tin::left).reduce(Volume.ZERO, Volume::plus);
        List<Tin> shelf = inNamed.compareTo(litres) >= 0 ? named : stock.tinsOf(product.id(), colour.id());
        List<StoredTin> stored = shelf.stream()
                .map(tin -> new StoredTin(tin.id().toString(), tin.batch(), tin.left()))
                .toList();
        Volume onShelf = shelf.stream().map(Tin::left).reduce(Volume.ZERO, Volume::plus);
        Volume missing = product.sizes().isEmpty() ? litres.without(onShelf) : Volume.ZERO;
        TinChoice choice = TinChoice.forNeed(litres.without(missing), stored, product.sizes());
        return new PaintNeed(
                key,
                product,
                colour,
                litres,
                choice.open().stream()
                        .map(open -> stock.tins().get(UUID.fromString(open.key())))
                        .toList(),
                choice.buy(),
                missing,
                choice.isBoxed());
    }

    static String paintKey(UUID product, UUID colour) {
        return product + ":" + colour;
    }

    // ---- making

    /**
     * Makes the sheet of a flat from every wall that has work and whose paint is confirmed.
     *
     * @throws NotAllowedException if there is no such wall, or an open sheet already
     */
    public UUID make(UUID flatId) {
        Flat flat = houses.flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        UUID turnoverId = flat.turnover()
                .orElseThrow(() -> new NotAllowedException("denied.noTurnover", flat.number()))
                .id();
        if (openSheetOf(flatId).isPresent()) {
            throw new NotAllowedException("denied.sheetOpen", flat.number());
        }
        List<WalkedWall> ready =
                walks.walls(flat).stream().filter(WalkedWall::isReadyForSheet).toList();
        if (ready.isEmpty()) {
            throw new NotAllowedException("denied.nothingReady", flat.number());
        }
        Catalogue catalogue = figures.catalogue();
        WorkPlanner planner = new WorkPlanner(catalogue);
        Work work = planner.plan(
                ready.stream().map(Sheets::task).toList(), flat.house().site());
        SheetRow sheet = new SheetRow(flatId, turnoverId);
        sheet.madeBy = access.member().personId();
        sheet.madeAt = clock.instant();
        sheet.put(Climate.REFERENCE);
        sheet.modelVersion = MODEL_VERSION;
        sheets.saveAndFlush(sheet);
        for (int position = 0; position < ready.size(); position++) {
            addWall(sheet, ready.get(position), position, planner);
        }
        List<UseRow> useRows = new ArrayList<>();
        for (int position = 0; position < work.steps().size(); position++) {
            Step step = work.steps().get(position);
            StepRow row = steps.save(new StepRow(sheet.id(), position, step));
            step.uses().forEach(use -> useRows.add(new UseRow(row.id(), use)));
        }
        steps.flush();
        uses.saveAll(useRows);
        return sheet.id();
    }

    private static WallTask task(WalkedWall wall) {
        return new WallTask(
                wall.surface().id().toString(),
                wall.surface().asWall(),
                wall.faults(),
                wall.action(),
                paintKey(
                        wall.product().orElseThrow().id(),
                        wall.colour().orElseThrow().id()));
    }

    private void addWall(SheetRow sheet, WalkedWall wall, int position, WorkPlanner planner) {
        SheetWallRow row = new SheetWallRow(sheet.id(), wall.surface().id());
        row.action = wall.action();
        row.productId = wall.product().orElseThrow().id();
        row.colourId = wall.colour().orElseThrow().id();
        row.tinId = wall.visit().tin().map(Tin::id).orElse(null);
        row.position = position;
        row.litres = planner.plan(List.of(task(wall)), wall.flat().house().site())
                .volume(Material.WALL_PAINT)
                .inLitres();
        sheetWalls.save(row);
        wall.marks().stream()
                .map(PlacedMark::id)
                .forEach(markId -> sheetMarks.save(new SheetMarkRow(sheet.id(), markId)));
    }

    /** Gives a sheet up on which nothing has been ticked. */
    public UUID discard(UUID sheetId) {
        SheetRow sheet = requireOpen(sheetId);
        Flat flat = houses.flat(sheet.flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        List<StepRow> rows = steps.findBySheetIdInOrderByPosition(List.of(sheetId));
        if (rows.stream().anyMatch(row -> row.tickedAt != null)) {
            throw new NotAllowedException("denied.ticked");
        }
        uses.deleteAll(uses.findByStepIdIn(rows.stream().map(StepRow::id).toList()));
        uses.flush();
        steps.deleteAll(rows);
        sheetMarks.deleteAll(sheetMarks.findBySheetId(sheetId));
        sheetWalls.deleteAll(sheetWalls.findBySheetIdOrderByPosition(sheetId));
        steps.flush();
        sheets.delete(sheet);
        return flat.id();
    }

    // ---- ticking

    /** What came of a tick. */
    public sealed interface Ticked {
        /** It is done. */
        record Done(UUID sheetId) implements Ticked {}

        /** What was done before is still wet: a tick now needs the reason. */
        record StillWet(UUID sheetId, UUID stepId) implements Ticked {}
    }

    /**
     * Ticks a step. Ticking a ticked step again changes nothing.
     *
     * @param why the reason for going on while something is still wet; empty if there is none
     */
    public Ticked tick(UUID stepId, String why) {
        access.requirePainter();
        StepRow row = steps.findById(stepId).orElseThrow(NotFoundException::new);
        SheetRow sheet = requireOpen(row.sheetId);
        if (row.tickedAt != null) {
            return new Ticked.Done(sheet.id());
        }
        DryingModel model = new DryingModel(figures.catalogue());
        Instant now = clock.instant();
        boolean wet = waits(steps.findBySheetIdInOrderByPosition(List.of(sheet.id())), sheet.climate(), model, now)
                .get(row.position)
                .isPresent();
        if (wet && why.isEmpty()) {
            return new Ticked.StillWet(sheet.id(), stepId);
        }
        row.tickedAt = now;
        row.tickedBy = access.member().personId();
        row.earlyWhy = wet ? why : null;
        return new Ticked.Done(sheet.id());
    }

    public UUID untick(UUID stepId) {
        access.requirePainter();
        StepRow row = steps.findById(stepId).orElseThrow(NotFoundException::new);
        SheetRow sheet = requireOpen(row.sheetId);
        row.tickedAt = null;
        row.tickedBy = null;
        row.earlyWhy = null;
        return sheet.id();
    }

    /** Notes the air; every wait of the sheet follows it. */
    public void noteClimate(UUID sheetId, Climate climate) {
        access.requirePainter();
        SheetRow sheet = requireOpen(sheetId);
        sheet.put(climate);
        sheet.climateNotedAt = clock.instant();
    }

    private SheetRow requireOpen(UUID sheetId) {
        SheetRow sheet = sheets.findById(sheetId).orElseThrow(NotFoundException::new);
        if (sheet.closedAt != null) {
            throw new NotAllowedException("denied.sheetClosed");
        }
        return sheet;
    }

    // ---- closing

    /**
     * Closes a sheet: the coats go on the record with day, weather and hand, the marks are made good, the paint is taken out
     * of its tins.
     *
     * @throws NotAllowedException if a step is not ticked
     */
    public void close(UUID sheetId) {
        SheetRow row = requireOpen(sheetId);
        Sheet sheet = sheet(sheetId);
        Flat flat = sheet.flat();
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        if (!sheet.isAllTicked()) {
            throw new NotAllowedException("denied.notTicked", sheet.steps().size() - sheet.ticked());
        }
        Map<UUID, List<NewCoat>> coatsByWall = new LinkedHashMap<>();
        sheet.walls().forEach(wall -> coatsByWall.put(wall.surfaceId(), coats(sheet, wall)));
        houses.addCoats(flat.id(), coatsByWall);
        walks.makeGood(
                sheetMarks.findBySheetId(sheetId).stream()
                        .map(mark -> mark.markId)
                        .toList(),
                speaker.today());
        takePaint(sheet);
        row.closedAt = clock.instant();
        row.closedBy = access.member().personId();
    }

    private List<NewCoat> coats(Sheet sheet, SheetWall wall) {
        List<NewCoat> coats = new ArrayList<>();
        for (SheetStep step : sheet.steps()) {
            if (!step.step().walls().contains(wall.surfaceId().toString())) {
                continue;
            }
            layer(step.step(), wall)
                    .ifPresent(layer -> coats.add(new NewCoat(
                            layer,
                            layer == Layer.FINISH || layer == Layer.SPOTS
                                    ? wall.product().map(product -> product.id())
                                    : Optional.empty(),
                            layer == Layer.FINISH || layer == Layer.SPOTS
                                    ? wall.colour().map(colour -> colour.id())
                                    : Optional.empty(),
                            layer == Layer.FINISH || layer == Layer.SPOTS ? tinFor(sheet, wall) : Optional.empty(),
                            layer == Layer.FINISH || layer == Layer.PRIMER || layer == Layer.SKIM
                                    ? OptionalInt.empty()
                                    : OptionalInt.of(Math.max(1, placesOn(sheet, wall))),
                            step.tick()
                                    .map(tick -> LocalDate.ofInstant(
                                            tick.at(), speaker.words().zone())),
                            step.tick().map(SheetStep.Tick::personId),
                            Optional.of(sheet.climate()),
                            Optional.of(sheet.id()),
                            "")));
        }
        return coats;
    }

    /** The tin it was painted from, where the plan opens just one. */
    private static Optional<UUID> tinFor(Sheet sheet, SheetWall wall) {
        return sheet.paints().stream()
                .filter(paint -> wall.product().filter(paint.product()::equals).isPresent()
                        && wall.colour().filter(paint.colour()::equals).isPresent()
                        && paint.open().size() == 1
                        && paint.buy().isEmpty())
                .findFirst()
                .map(paint -> paint.open().getFirst().id());
    }

    private int placesOn(Sheet sheet, SheetWall wall) {
        List<UUID> ofSheet = sheetMarks.findBySheetId(sheet.id()).stream()
                .map(mark -> mark.markId)
                .toList();
        return (int) walks.openMarks(List.of(wall.surfaceId())).getOrDefault(wall.surfaceId(), List.of()).stream()
                .filter(mark -> ofSheet.contains(mark.id()))
                .count();
    }

    /** What a step leaves on a wall that a later painter has to know of. */
    private static Optional<Layer> layer(Step step, SheetWall wall) {
        return switch (step.kind()) {
            case FILL -> Optional.of(Layer.FILLER);
            case SKIM -> Optional.of(Layer.SKIM);
            case BLOCK_STAIN -> Optional.of(Layer.STAIN_BLOCK);
            case SPOT_PRIME -> Optional.of(Layer.SPOT_PRIMER);
            case PRIME_WALL -> Optional.of(Layer.PRIMER);
            case ROLL, ROLL_AGAIN, ROLL_FURTHER -> Optional.of(Layer.FINISH);
            case DAB, FEATHER -> wall.action().isSpots() ? Optional.of(Layer.SPOTS) : Optional.empty();
            case SET_UP,
                    PROTECT_FLOOR,
                    PLATES_OFF,
                    MAKE_SOUND,
                    FILL_AGAIN,
                    FILL_THIRD,
                    SKIM_AGAIN,
                    SAND,
                    SPONGE_LEVEL,
                    DUST_OFF,
                    SET_OUT_TOUCH_UP,
                    FIRST_DAB,
                    CUT_IN,
                    LOOK_FOR_MISSES,
                    CUT_IN_AGAIN,
                    PLATES_BACK,
                    WASH_TOOLS,
                    INSPECT,
                    PACK_UP -> Optional.empty();
        };
    }

    private void takePaint(Sheet sheet) {
        for (PaintNeed paint : sheet.paints()) {
            Volume left = paint.litres();
            for (Tin tin : paint.open()) {
                Volume from = tin.left().compareTo(left) < 0 ? tin.left() : left;
                store.take(tin.id(), from);
                left = left.without(from);
            }
        }
    }
}

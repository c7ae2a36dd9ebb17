package lumko.app.sheet;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.figure.Figures;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.house.Turnover;
import lumko.app.paint.Paint;
import lumko.app.paint.Tin;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.walk.AskedPlace;
import lumko.app.walk.PlacedMark;
import lumko.app.walk.Visit;
import lumko.app.walk.WalkedFlat;
import lumko.app.walk.WalkedTrim;
import lumko.app.walk.WalkedWall;
import lumko.app.walk.Walks;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.practice.Question;
import lumko.core.quantity.Volume;
import lumko.core.repair.Mark;
import lumko.core.step.Caution;
import lumko.core.step.Site;
import lumko.core.step.Step;
import lumko.core.step.StepKind;
import lumko.core.turnover.FlatProgress;
import lumko.core.work.Action;
import lumko.core.work.WallTask;
import lumko.core.work.Work;
import lumko.core.work.WorkPlanner;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sheets: made from the walked surfaces of a flat, ticked on site. */
@Service
@Transactional
public class Sheets {
    /** Version of the rules that made a sheet, kept with it. */
    static final String MODEL_VERSION = "2";

    private final SheetRepository sheets;
    private final SheetWallRepository sheetWalls;
    private final SheetMarkRepository sheetMarks;
    private final StepRepository steps;
    private final UseRepository uses;
    private final SheetCautionRepository cautions;
    private final SheetNoteRepository notes;
    private final SheetReader reader;
    private final Walks walks;
    private final Houses houses;
    private final Figures figures;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Sheets(
            SheetRepository sheets,
            SheetWallRepository sheetWalls,
            SheetMarkRepository sheetMarks,
            StepRepository steps,
            UseRepository uses,
            SheetCautionRepository cautions,
            SheetNoteRepository notes,
            SheetReader reader,
            Walks walks,
            Houses houses,
            Figures figures,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.sheets = sheets;
        this.sheetWalls = sheetWalls;
        this.sheetMarks = sheetMarks;
        this.steps = steps;
        this.uses = uses;
        this.cautions = cautions;
        this.notes = notes;
        this.reader = reader;
        this.walks = walks;
        this.houses = houses;
        this.figures = figures;
        this.history = history;
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
                Waits.of(ofSheet, sheet.climate(), model, now).after().flatMap(DryingClock::likely);
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
        return reader.read(sheets.findById(id).orElseThrow(NotFoundException::new));
    }

    /** A number that changes whenever anything of the sheet does; cheap to ask for. */
    @Transactional(readOnly = true)
    public long pulse(UUID id) {
        return reader.pulse(sheets.findById(id).orElseThrow(NotFoundException::new));
    }

    // ---- making

    /**
     * Makes the sheet of a flat from every surface that has work and whose paint is confirmed.
     *
     * @throws NotAllowedException if there is no such surface, a place that wears was not answered, or there is an open sheet
     */
    public UUID make(UUID flatId) {
        Flat flat = houses.flat(flatId);
        requireRecords(flat);
        UUID turnoverId = flat.turnover()
                .orElseThrow(() -> new NotAllowedException("denied.noTurnover", flat.number()))
                .id();
        if (openSheetOf(flatId).isPresent()) {
            throw new NotAllowedException("denied.sheetOpen", flat.number());
        }
        WalkedFlat walked = walks.flat(flat);
        requireAnswered(walked);
        List<WalkedWall> ready = walked.ready();
        List<WalkedTrim> trims = walked.readyTrims();
        if (ready.isEmpty() && trims.isEmpty()) {
            throw new NotAllowedException("denied.nothingReady", flat.number());
        }
        WorkPlanner planner = new WorkPlanner(figures.catalogue(), walked.practice());
        Work work = planner.plan(
                ready.stream().map(WalkedWall::task).toList(),
                trims.stream().map(WalkedTrim::task).toList(),
                flat.house().site());
        SheetRow sheet = new SheetRow(flatId, turnoverId);
        sheet.madeBy = access.member().personId();
        sheet.madeAt = clock.instant();
        sheet.put(Climate.REFERENCE);
        sheet.modelVersion = MODEL_VERSION;
        sheet.practice = Arrays.stream(Question.values())
                .map(question -> walked.practice().of(question).name())
                .toArray(String[]::new);
        sheets.saveAndFlush(sheet);
        int position = 0;
        for (WalkedWall wall : ready) {
            addWall(sheet, position++, wall.surface(), wall.action(), wall.paint(), wall.visit());
            addMarks(sheet.id(), wall.marks());
        }
        for (WalkedTrim trim : trims) {
            addWall(sheet, position++, trim.surface(), Action.ROLL, trim.paint(), trim.visit());
        }
        shareOut(sheet.id(), ready, trims, planner);
        insert(sheet.id(), 0, work.steps());
        history.note(Subject.flat(flatId), EventKind.SHEET_MADE, speaker.words().duration(work.labour()));
        return sheet.id();
    }

    private void requireAnswered(WalkedFlat walked) {
        List<AskedPlace> open = walked.openPlaces();
        if (!open.isEmpty()) {
            throw new NotAllowedException(
                    "denied.placesOpen",
                    open.size(),
                    open.stream()
                            .map(place -> walked.flat().labelOf(place.surfaceId(), speaker.words()))
                            .distinct()
                            .collect(Collectors.joining(", ")));
        }
    }

    private void addWall(
            SheetRow sheet, int position, Surface surface, Action action, Optional<Paint> paint, Visit visit) {
        SheetWallRow row = new SheetWallRow(sheet.id(), surface.id());
        row.action = action;
        row.productId = paint.map(each -> each.product().id()).orElse(null);
        row.colourId = paint.map(each -> each.colour().id()).orElse(null);
        row.tinId = visit.tin().map(Tin::id).orElse(null);
        row.position = position;
        sheetWalls.save(row);
    }

    private void addMarks(UUID sheetId, List<PlacedMark> marks) {
        sheetMarks.saveAll(
                marks.stream().map(mark -> new SheetMarkRow(sheetId, mark.id())).toList());
    }

    /** The paint of each surface as if it were painted alone, for reading on its line. */
    private void shareOut(UUID sheetId, List<WalkedWall> walls, List<WalkedTrim> trims, WorkPlanner planner) {
        Map<UUID, Volume> litres = new HashMap<>();
        walls.forEach(wall -> litres.put(
                wall.surface().id(),
                planner.plan(List.of(wall.task()), wall.flat().house().site()).paint()));
        trims.forEach(trim -> litres.put(
                trim.surface().id(),
                planner.plan(List.of(), List.of(trim.task()), new Site(2000, false))
                        .paint()));
        sheetWalls
                .findBySheetIdOrderByPosition(sheetId)
                .forEach(row -> row.litres =
                        litres.getOrDefault(row.surfaceId, Volume.ZERO).inLitres());
    }

    private void insert(UUID sheetId, int from, List<Step> planned) {
        List<UseRow> useRows = new ArrayList<>();
        List<StepRow> stepRows = new ArrayList<>();
        int position = from;
        for (Step step : planned) {
            StepRow row = new StepRow(sheetId, position++, step);
            stepRows.add(row);
            step.uses().forEach(use -> useRows.add(new UseRow(row.id(), use)));
        }
        steps.saveAllAndFlush(stepRows);
        uses.saveAll(useRows);
    }

    /**
     * Takes up what was marked since the sheet was made: its repair goes in before the next coat that is still to come.
     *
     * @return how many marks were taken up
     */
    public int takeUpFaults(UUID sheetId) {
        SheetRow row = requireOpen(sheetId);
        Sheet sheet = reader.read(row);
        requireRecords(sheet.flat());
        List<PlacedMark> found = reader.newMarks(sheetId, sheet.walls());
        Set<UUID> ids = found.stream().map(PlacedMark::id).collect(Collectors.toSet());
        List<WallTask> tasks = new ArrayList<>();
        for (WalkedWall wall : walks.flat(sheet.flat()).surfaces()) {
            List<Mark> faults = wall.marks().stream()
                    .filter(mark -> ids.contains(mark.id()))
                    .map(PlacedMark::mark)
                    .toList();
            sheet.walls().stream()
                    .filter(on -> on.surfaceId().equals(wall.surface().id()) && !faults.isEmpty())
                    .findFirst()
                    .ifPresent(on -> tasks.add(new WallTask(
                            on.surfaceId().toString(),
                            wall.surface().asWall(),
                            faults,
                            on.action(),
                            on.paint().map(Paint::key).orElse(""),
                            wall.setting())));
        }
        if (tasks.isEmpty()) {
            return 0;
        }
        Work more = new WorkPlanner(figures.catalogue(), row.practice())
                .addition(tasks, sheet.flat().house().site());
        List<StepRow> rows = steps.findBySheetIdInOrderByPosition(List.of(sheetId));
        int at = rows.stream()
                .filter(step -> step.tickedAt == null && isCoat(step.kind))
                .mapToInt(step -> step.position)
                .min()
                .orElseGet(() -> rows.stream()
                        .filter(step -> step.tickedAt == null)
                        .mapToInt(step -> step.position)
                        .min()
                        .orElse(rows.size()));
        rows.stream()
                .filter(step -> step.position >= at)
                .forEach(step -> step.position += more.steps().size());
        insert(sheetId, at, more.steps());
        addMarks(sheetId, found);
        history.note(Subject.flat(sheet.flat().id()), EventKind.FAULTS_ADDED, String.valueOf(found.size()));
        return found.size();
    }

    /** Whether faults have to be made good before this step. */
    private static boolean isCoat(StepKind kind) {
        return switch (kind.stage()) {
            case CEILING, CEILING_AGAIN, FIRST_COAT, SECOND_COAT, FURTHER_COAT -> true;
            default -> false;
        };
    }

    /** Gives a sheet up on which nothing has been ticked. */
    public UUID discard(UUID sheetId) {
        SheetRow sheet = requireOpen(sheetId);
        Flat flat = houses.flat(sheet.flatId);
        requireRecords(flat);
        List<StepRow> rows = steps.findBySheetIdInOrderByPosition(List.of(sheetId));
        if (rows.stream().anyMatch(row -> row.tickedAt != null)) {
            throw new NotAllowedException("denied.ticked");
        }
        uses.deleteAll(uses.findByStepIdIn(rows.stream().map(StepRow::id).toList()));
        uses.flush();
        steps.deleteAll(rows);
        sheetMarks.deleteAll(sheetMarks.findBySheetId(sheetId));
        sheetWalls.deleteAll(sheetWalls.findBySheetIdOrderByPosition(sheetId));
        cautions.deleteAll(cautions.findBySheetId(sheetId));
        notes.deleteAll(notes.findBySheetIdOrderByNotedAt(sheetId));
        steps.flush();
        sheets.delete(sheet);
        history.note(Subject.flat(flat.id()), EventKind.SHEET_GIVEN_UP, "");
        return flat.id();
    }

    // ---- ticking

    /** What came of a tick. */
    public sealed interface Ticked {
        /** It is done. */
        record Done(UUID sheetId) implements Ticked {}

        /** What was done before is still wet: a tick now needs the reason. */
        record StillWet(UUID sheetId, UUID stepId) implements Ticked {}

        /** What can hurt someone at this step has not been read yet. */
        record CautionFirst(UUID sheetId, UUID stepId) implements Ticked {}
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
        Set<String> read = cautions.findBySheetId(sheet.id()).stream()
                .map(caution -> caution.caution.name())
                .collect(Collectors.toSet());
        if (!read.containsAll(Arrays.asList(row.cautions))) {
            return new Ticked.CautionFirst(sheet.id(), stepId);
        }
        Instant now = clock.instant();
        boolean wet = Waits.of(
                        steps.findBySheetIdInOrderByPosition(List.of(sheet.id())),
                        sheet.climate(),
                        new DryingModel(figures.catalogue()),
                        now)
                .before(row)
                .isPresent();
        if (wet && why.isEmpty()) {
            return new Ticked.StillWet(sheet.id(), stepId);
        }
        row.tickedAt = now;
        row.tickedBy = access.member().personId();
        row.earlyWhy = wet ? why : null;
        noteStep(sheet, row, wet ? EventKind.TICKED_EARLY : EventKind.TICKED, wet ? ": " + why : "");
        return new Ticked.Done(sheet.id());
    }

    public UUID untick(UUID stepId) {
        access.requirePainter();
        StepRow row = steps.findById(stepId).orElseThrow(NotFoundException::new);
        SheetRow sheet = requireOpen(row.sheetId);
        if (row.tickedAt != null) {
            row.tickedAt = null;
            row.tickedBy = null;
            row.earlyWhy = null;
            noteStep(sheet, row, EventKind.UNTICKED, "");
        }
        return sheet.id();
    }

    private void noteStep(SheetRow sheet, StepRow row, EventKind kind, String more) {
        history.note(
                row.surfaces.length == 1 ? Subject.surface(sheet.flatId, row.surfaces[0]) : Subject.flat(sheet.flatId),
                kind,
                speaker.words().say("step." + row.kind.name()) + more);
    }

    /** Notes that the cautions of a step have been read, for the whole sheet. */
    public UUID read(UUID stepId) {
        access.requirePainter();
        StepRow row = steps.findById(stepId).orElseThrow(NotFoundException::new);
        SheetRow sheet = requireOpen(row.sheetId);
        Set<String> known = cautions.findBySheetId(sheet.id()).stream()
                .map(caution -> caution.caution.name())
                .collect(Collectors.toSet());
        for (String caution : row.cautions) {
            if (known.add(caution)) {
                cautions.save(new SheetCautionRow(
                        sheet.id(), Caution.valueOf(caution), access.member().personId(), clock.instant()));
                history.note(
                        Subject.flat(sheet.flatId),
                        EventKind.CAUTION_READ,
                        speaker.words().say("cautionWord." + caution));
            }
        }
        return sheet.id();
    }

    /** Notes the air; every wait of the sheet follows it. */
    public void noteClimate(UUID sheetId, Climate climate) {
        access.requirePainter();
        SheetRow sheet = requireOpen(sheetId);
        sheet.put(climate);
        sheet.climateNotedAt = clock.instant();
        history.note(
                Subject.flat(sheet.flatId),
                EventKind.AIR_NOTED,
                speaker.words()
                        .say(
                                "sheet.air",
                                climate.temperature(),
                                speaker.words().number(climate.humidity().inPercent(), 0),
                                climate.air()));
    }

    public void note(UUID sheetId, String words) {
        access.requirePainter();
        SheetRow sheet = requireOpen(sheetId);
        notes.save(new SheetNoteRow(sheetId, words, access.member().personId(), clock.instant()));
        history.note(Subject.flat(sheet.flatId), EventKind.NOTE_WRITTEN, words);
    }

    private SheetRow requireOpen(UUID sheetId) {
        SheetRow sheet = sheets.findById(sheetId).orElseThrow(NotFoundException::new);
        if (sheet.closedAt != null) {
            throw new NotAllowedException("denied.sheetClosed");
        }
        return sheet;
    }

    private void requireRecords(Flat flat) {
        access.requireRecordsOf(flat.house().id(), flat.house().name());
    }
}

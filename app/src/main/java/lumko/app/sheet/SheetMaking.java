package lumko.app.sheet;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.catalogue.Paint;
import lumko.app.figure.Figures;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.outcome.Moment;
import lumko.app.outcome.Predictions;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.app.store.Tin;
import lumko.app.walk.AskedPlace;
import lumko.app.walk.Marking;
import lumko.app.walk.PlacedMark;
import lumko.app.walk.Visit;
import lumko.app.walk.WalkedFlat;
import lumko.app.walk.WalkedTrim;
import lumko.app.walk.WalkedWall;
import lumko.app.walk.Walks;
import lumko.core.activity.Activity;
import lumko.core.activity.Phase;
import lumko.core.activity.Precedence;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.job.Action;
import lumko.core.job.BuildUp;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.job.Place;
import lumko.core.job.Work;
import lumko.core.judge.BuiltUp;
import lumko.core.practice.Question;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sheets made from the walked surfaces of a flat, added to, and given up. */
@Service
@Transactional
public class SheetMaking {
    /** Version of the rules that made a sheet, kept with it. */
    static final String MODEL_VERSION = "4";

    private final SheetRepository sheets;
    private final SheetWallRepository sheetWalls;
    private final SheetMarkRepository sheetMarks;
    private final StepRepository steps;
    private final PrecedenceRepository precedences;
    private final UseRepository uses;
    private final SheetCautionRepository cautions;
    private final SheetNoteRepository notes;
    private final Predictions predictions;
    private final SheetReader reader;
    private final Walks walks;
    private final Marking marking;
    private final Houses houses;
    private final Figures figures;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    SheetMaking(
            SheetRepository sheets,
            SheetWallRepository sheetWalls,
            SheetMarkRepository sheetMarks,
            StepRepository steps,
            PrecedenceRepository precedences,
            UseRepository uses,
            SheetCautionRepository cautions,
            SheetNoteRepository notes,
            Predictions predictions,
            SheetReader reader,
            Walks walks,
            Marking marking,
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
        this.precedences = precedences;
        this.uses = uses;
        this.cautions = cautions;
        this.notes = notes;
        this.predictions = predictions;
        this.reader = reader;
        this.walks = walks;
        this.marking = marking;
        this.houses = houses;
        this.figures = figures;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /**
     * Makes the sheet of a flat from every surface that has work and whose paint is confirmed.
     *
     * @throws NotNowException if there is no such surface, a place that wears was not answered, or there is an open sheet
     */
    public UUID make(UUID flatId) {
        Flat flat = houses.flat(flatId);
        requireRecords(flat);
        UUID turnoverId = flat.turnover()
                .orElseThrow(() -> new NotNowException("denied.noTurnover", flat.number()))
                .id();
        if (sheets.findByFlatIdAndClosedAtIsNull(flatId).isPresent()) {
            throw new NotNowException("denied.sheetOpen", flat.number());
        }
        WalkedFlat walked = walks.flat(flat);
        requireAnswered(walked);
        List<WalkedWall> ready = walked.ready();
        List<WalkedTrim> trims = walked.readyTrims();
        if (ready.isEmpty() && trims.isEmpty()) {
            throw new NotNowException("denied.nothingReady", flat.number());
        }
        Job job = walked.job();
        JobPlanner planner = new JobPlanner(figures.catalogue(), walked.practice());
        WorkGraph planned = planner.plan(job).by(Work.View.ROOM);
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
        shareOut(sheet.id(), job, planner);
        insert(sheet, 0, planned, Map.of());
        predictions.keep(sheet.id(), turnoverId, predicted(walked), Moment.DECIDED, MODEL_VERSION);
        history.note(Subject.flat(flatId), EventKind.SHEET_MADE, speaker.words().duration(planned.hand()));
        return sheet.id();
    }

    /** What is left was predicted too. */
    private static List<WalkedWall> predicted(WalkedFlat walked) {
        return walked.surfaces().stream()
                .filter(wall -> wall.hasWork() || !wall.marks().isEmpty())
                .toList();
    }

    private void requireAnswered(WalkedFlat walked) {
        List<AskedPlace> open = walked.openPlaces();
        if (!open.isEmpty()) {
            throw new NotNowException(
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
        row.tinId = visit.tinFor(surface).map(Tin::id).orElse(null);
        row.bought = visit.isToBuy();
        row.position = position;
        sheetWalls.save(row);
    }

    private void addMarks(UUID sheetId, List<PlacedMark> marks) {
        sheetMarks.saveAll(
                marks.stream().map(mark -> new SheetMarkRow(sheetId, mark.id())).toList());
    }

    /** The paint of each surface as if it were painted alone, for reading on its line, and what one more coat would take. */
    private void shareOut(UUID sheetId, Job job, JobPlanner planner) {
        Map<String, SheetWallRow> rows = sheetWalls.findBySheetIdOrderByPosition(sheetId).stream()
                .collect(Collectors.toMap(row -> row.surfaceId.toString(), row -> row));
        for (Face face : job.active()) {
            Job alone = Job.of(job.room(face.room()), face, job.site());
            SheetWallRow row = Optional.ofNullable(rows.get(face.key())).orElseThrow();
            row.litres = planner.plan(alone).unordered().paint().inLitres();
            row.put(BuiltUp.OneMore.of(alone, planner, figures.catalogue()));
        }
    }

    /**
     * @param known the rows of activities that are on the sheet already, by their id in the graph
     */
    private void insert(SheetRow sheet, int from, WorkGraph planned, Map<String, UUID> known) {
        Map<String, UUID> rowOf = new HashMap<>(known);
        List<UseRow> useRows = new ArrayList<>();
        List<StepRow> stepRows = new ArrayList<>();
        int position = from;
        for (Activity activity : planned.activities()) {
            if (!known.containsKey(activity.id())) {
                StepRow row = new StepRow(sheet.id(), position++, activity);
                rowOf.put(activity.id(), row.id());
                stepRows.add(row);
                activity.uses().forEach(use -> useRows.add(new UseRow(row.id(), use)));
            }
        }
        steps.saveAllAndFlush(stepRows);
        uses.saveAll(useRows);
        precedences.saveAll(precedenceRows(sheet, planned, rowOf, known));
    }

    private static List<PrecedenceRow> precedenceRows(
            SheetRow sheet, WorkGraph planned, Map<String, UUID> rowOf, Map<String, UUID> known) {
        Map<String, Instant> putOn = new HashMap<>();
        planned.standing().forEach(coat -> putOn.put(coat.id(), sheet.madeAt.minus(coat.ago())));
        List<PrecedenceRow> rows = new ArrayList<>();
        for (Precedence each : planned.precedences()) {
            UUID to = Optional.ofNullable(rowOf.get(each.to())).orElseThrow();
            PrecedenceRow row = new PrecedenceRow(sheet.id(), to, each);
            boolean isKnown = known.containsKey(each.from()) && known.containsKey(each.to());
            if (putOn.containsKey(each.from())) {
                rows.add(row.since(Optional.ofNullable(putOn.get(each.from())).orElseThrow()));
            } else if (!isKnown) {
                rows.add(row.after(Optional.ofNullable(rowOf.get(each.from())).orElseThrow()));
            }
        }
        return rows;
    }

    /**
     * Takes up what was marked since the sheet was made: its repair goes in before the next coat that is still to come.
     *
     * @return how many marks were taken up
     */
    public int takeUpFaults(UUID sheetId) {
        SheetRow row = reader.requireOpen(sheetId);
        Sheet sheet = reader.read(row);
        requireRecords(sheet.flat());
        List<PlacedMark> found = reader.newMarks(sheetId, sheet.walls());
        Set<UUID> ids = found.stream().map(PlacedMark::id).collect(Collectors.toSet());
        WalkedFlat walked = walks.flat(sheet.flat());
        List<Face> faces = new ArrayList<>();
        for (WalkedWall wall : walked.surfaces()) {
            List<Place> faults = wall.found().places().stream()
                    .filter(place -> ids.contains(UUID.fromString(place.key())))
                    .toList();
            sheet.walls().stream()
                    .filter(on -> on.surfaceId().equals(wall.surface().id()) && !faults.isEmpty())
                    .forEach(on -> faces.add(wall.found().with(on.action()).with(faults)));
        }
        if (faces.isEmpty()) {
            return 0;
        }
        takeUp(row, walked.job(faces));
        addMarks(sheetId, found);
        history.note(Subject.flat(sheet.flat().id()), EventKind.FAULTS_ADDED, String.valueOf(found.size()));
        return found.size();
    }

    /** A place was dug out hollow by sanding: it is filled, dried and sanded once more. Said twice it is filled once. */
    public void fillAgain(UUID sheetId, UUID markId) {
        Sheet sheet = reader.read(reader.requireOpen(sheetId));
        requireRecords(sheet.flat());
        SheetWall wall = sheet.walls().stream()
                .filter(each -> sheet.marksOn(each.surfaceId()).stream()
                        .anyMatch(mark -> mark.id().equals(markId)))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        PlacedMark levelled = sheet.marksOn(wall.surfaceId()).stream()
                .filter(mark -> mark.id().equals(markId))
                .findFirst()
                .orElseThrow();
        UUID hollow = UUID.nameUUIDFromBytes((sheetId + "/hollow/" + markId).getBytes(UTF_8));
        marking.set(hollow, wall.surfaceId(), levelled.mark().dugOut());
        takeUpFaults(sheetId);
    }

    /**
     * One more coat on a surface, because what is under it still grins through: after the last that is planned.
     *
     * @throws NotNowException if it is not rolled on this sheet, or has as many coats as go on
     */
    public void anotherCoat(UUID sheetId, UUID surfaceId) {
        SheetRow row = reader.requireOpen(sheetId);
        Sheet sheet = reader.read(row);
        requireRecords(sheet.flat());
        List<SheetStep> rolled = sheet.rolled(surfaceId);
        if (!JobPlanner.mayHaveAnotherCoat(rolled.size())) {
            throw new NotNowException("denied.noMoreCoats", sheet.flat().labelOf(surfaceId, speaker.words()));
        }
        WalkedFlat walked = walks.flat(sheet.flat());
        List<Face> faces = walked.surfaces().stream()
                .filter(wall -> wall.surface().id().equals(surfaceId))
                .map(wall -> wall.found().with(Action.ROLL).with(List.<Place>of()))
                .toList();
        JobPlanner planner = new JobPlanner(figures.catalogue(), sheet.practice());
        WorkGraph more = planner.anotherCoat(walked.job(faces), rolled.size()).by(Work.View.ROOM);
        int after = sheet.steps().indexOf(rolled.getLast());
        insertInto(row, planner, more, rows -> rows.get(after).position + 1);
        history.note(
                Subject.surface(sheet.flat().id(), surfaceId),
                EventKind.COAT_ADDED,
                speaker.words().say("coats.finish." + (rolled.size() + 1)));
        Job nowOn = walked.job(faces.stream()
                .map(face -> face.with(face.goesOn().in(Optional.of(new BuildUp(0, rolled.size() + 1)))))
                .toList());
        sheetWalls.findBySheetIdOrderByPosition(sheetId).stream()
                .filter(wall -> wall.surfaceId.equals(surfaceId))
                .forEach(wall -> wall.put(BuiltUp.OneMore.of(nowOn, planner, figures.catalogue())));
    }

    private void takeUp(SheetRow sheet, Job found) {
        JobPlanner planner = new JobPlanner(figures.catalogue(), sheet.practice());
        WorkGraph more = planner.addition(found).by(Work.View.ROOM);
        insertInto(sheet, planner, more, SheetMaking::beforeTheNextCoat);
    }

    private static int beforeTheNextCoat(List<StepRow> rows) {
        return rows.stream()
                .filter(step -> step.tickedAt == null && step.kind.phase() == Phase.COAT)
                .mapToInt(step -> step.position)
                .min()
                .orElseGet(() -> rows.stream()
                        .filter(step -> step.tickedAt == null)
                        .mapToInt(step -> step.position)
                        .min()
                        .orElse(rows.size()));
    }

    /** Puts more work into a sheet that is under way, from a place on that its rows tell. */
    private void insertInto(SheetRow sheet, JobPlanner planner, WorkGraph more, ToIntFunction<List<StepRow>> place) {
        List<StepRow> rows = steps.findBySheetIdInOrderByPosition(List.of(sheet.id()));
        WorkGraph underWay = new SheetGraph(rows, precedences.findBySheetIdIn(List.of(sheet.id())), Map.of()).graph();
        Set<String> done = rows.stream()
                .filter(step -> step.tickedAt != null)
                .map(step -> step.id().toString())
                .collect(Collectors.toSet());
        WorkGraph joined = planner.joined(underWay, done, more);
        int at = place.applyAsInt(rows);
        rows.stream()
                .filter(step -> step.position >= at)
                .forEach(step -> step.position += more.activities().size());
        steps.flush();
        insert(
                sheet,
                at,
                joined,
                rows.stream().collect(Collectors.toMap(step -> step.id().toString(), StepRow::id)));
    }

    /** Gives a sheet up on which nothing has been ticked. */
    public UUID discard(UUID sheetId) {
        SheetRow sheet = reader.requireOpen(sheetId);
        Flat flat = houses.flat(sheet.flatId);
        requireRecords(flat);
        List<StepRow> rows = steps.findBySheetIdInOrderByPosition(List.of(sheetId));
        if (rows.stream().anyMatch(row -> row.tickedAt != null)) {
            throw new NotNowException("denied.ticked");
        }
        uses.deleteAll(uses.findByStepIdIn(rows.stream().map(StepRow::id).toList()));
        precedences.deleteAll(precedences.findBySheetIdIn(List.of(sheetId)));
        uses.flush();
        steps.deleteAll(rows);
        sheetMarks.deleteAll(sheetMarks.findBySheetId(sheetId));
        predictions.forget(sheetId, Moment.DECIDED);
        sheetWalls.deleteAll(sheetWalls.findBySheetIdOrderByPosition(sheetId));
        cautions.deleteAll(cautions.findBySheetId(sheetId));
        notes.deleteAll(notes.findBySheetIdOrderByNotedAt(sheetId));
        steps.flush();
        sheets.delete(sheet);
        history.note(Subject.flat(flat.id()), EventKind.SHEET_GIVEN_UP, "");
        return flat.id();
    }

    private void requireRecords(Flat flat) {
        access.requireRecordsOf(flat.house().id(), flat.house().name());
    }
}

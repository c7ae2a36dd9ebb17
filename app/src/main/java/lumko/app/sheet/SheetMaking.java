package lumko.app.sheet;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.app.store.Tin;
import lumko.app.walk.AskedPlace;
import lumko.app.walk.PlacedMark;
import lumko.app.walk.Visit;
import lumko.app.walk.WalkedFlat;
import lumko.app.walk.WalkedTrim;
import lumko.app.walk.WalkedWall;
import lumko.app.walk.Walks;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.job.Work;
import lumko.core.judge.BuiltUp;
import lumko.core.practice.Question;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sheets made from the walked surfaces of a flat, and given up. */
@Service
@Transactional
public class SheetMaking {
    /** Version of the rules that made a sheet, kept with it. */
    static final String MODEL_VERSION = "7";

    private final SheetRows rows;
    private final StepRows stepRows;
    private final Predictions predictions;
    private final Walks walks;
    private final Houses houses;
    private final Figures figures;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    SheetMaking(
            SheetRows rows,
            StepRows stepRows,
            Predictions predictions,
            Walks walks,
            Houses houses,
            Figures figures,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.rows = rows;
        this.stepRows = stepRows;
        this.predictions = predictions;
        this.walks = walks;
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
        rows.requireNoneOpen(flat);
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
        rows.add(sheet);
        int position = 0;
        for (WalkedWall wall : ready) {
            addWall(sheet, position++, wall.surface(), wall.action(), wall.paint(), wall.visit());
            rows.addMarks(sheet.id(), wall.marks().stream().map(PlacedMark::id).toList());
        }
        for (WalkedTrim trim : trims) {
            addWall(sheet, position++, trim.surface(), Action.ROLL, trim.paint(), trim.visit());
        }
        shareOut(sheet.id(), job, planner);
        stepRows.insert(sheet, planned);
        predictions.keep(sheet.id(), turnoverId, predicted(walked), Moment.DECIDED, MODEL_VERSION);
        history.note(Subject.flat(flatId), EventKind.SHEET_MADE, speaker.words().work(planned.hand()));
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
        rows.add(row);
    }

    /** The paint of each surface as if it were painted alone, for reading on its line, and what one more coat would take. */
    private void shareOut(UUID sheetId, Job job, JobPlanner planner) {
        Map<String, SheetWallRow> walls =
                rows.walls(sheetId).stream().collect(Collectors.toMap(row -> row.surfaceId.toString(), row -> row));
        for (Face face : job.active()) {
            Job alone = Job.of(job.room(face.room()), face, job.site());
            SheetWallRow row = Optional.ofNullable(walls.get(face.key())).orElseThrow();
            row.litres = planner.plan(alone).unordered().paint().inLitres();
            row.put(BuiltUp.OneMore.of(alone, planner, figures.catalogue()));
        }
    }

    /** Gives a sheet up on which nothing has been ticked. */
    public UUID discard(UUID sheetId) {
        SheetRow sheet = rows.requireOpen(sheetId);
        Flat flat = houses.flat(sheet.flatId);
        requireRecords(flat);
        SheetWork work = stepRows.of(sheetId);
        if (!work.ticked().isEmpty()) {
            throw new NotNowException("denied.ticked");
        }
        stepRows.remove(work);
        predictions.forget(sheetId, Moment.DECIDED);
        rows.remove(sheet);
        history.note(Subject.flat(flat.id()), EventKind.SHEET_GIVEN_UP, "");
        return flat.id();
    }

    private void requireRecords(Flat flat) {
        access.requireRecordsOf(flat.house().id(), flat.house().name());
    }
}

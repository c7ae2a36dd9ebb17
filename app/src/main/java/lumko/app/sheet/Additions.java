package lumko.app.sheet;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.util.ArrayList;
import java.util.List;
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
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.app.walk.Marking;
import lumko.app.walk.PlacedMark;
import lumko.app.walk.WalkedFlat;
import lumko.app.walk.WalkedWall;
import lumko.app.walk.Walks;
import lumko.core.activity.Phase;
import lumko.core.activity.WorkGraph;
import lumko.core.job.Action;
import lumko.core.job.BuildUp;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.job.Place;
import lumko.core.job.Work;
import lumko.core.judge.BuiltUp;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Work that turns out to be needed while a sheet is under way. */
@Service
@Transactional
public class Additions {
    private final SheetRows rows;
    private final StepRows stepRows;
    private final SheetReader reader;
    private final Walks walks;
    private final Marking marking;
    private final Figures figures;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    Additions(
            SheetRows rows,
            StepRows stepRows,
            SheetReader reader,
            Walks walks,
            Marking marking,
            Figures figures,
            History history,
            Access access,
            Speaker speaker) {
        this.rows = rows;
        this.stepRows = stepRows;
        this.reader = reader;
        this.walks = walks;
        this.marking = marking;
        this.figures = figures;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    /**
     * Takes up what was marked since the sheet was made: its repair goes in before the next coat that is still to come.
     *
     * @return how many marks were taken up
     */
    public int takeUpFaults(UUID sheetId) {
        SheetRow row = rows.requireOpen(sheetId);
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
        rows.addMarks(sheetId, ids);
        history.note(Subject.flat(sheet.flat().id()), EventKind.FAULTS_ADDED, String.valueOf(found.size()));
        return found.size();
    }

    /** A place was dug out hollow by sanding: it is filled, dried and sanded once more. Said twice it is filled once. */
    public void fillAgain(UUID sheetId, UUID markId) {
        Sheet sheet = reader.read(rows.requireOpen(sheetId));
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
        SheetRow row = rows.requireOpen(sheetId);
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
        stepRows.insertInto(row, planner, more, steps -> steps.get(after).position + 1);
        history.note(
                Subject.surface(sheet.flat().id(), surfaceId),
                EventKind.COAT_ADDED,
                speaker.words().say("coats.finish." + (rolled.size() + 1)));
        Job nowOn = walked.job(faces.stream()
                .map(face -> face.with(face.goesOn().in(Optional.of(new BuildUp(0, rolled.size() + 1)))))
                .toList());
        rows.walls(sheetId).stream()
                .filter(wall -> wall.surfaceId.equals(surfaceId))
                .forEach(wall -> wall.put(BuiltUp.OneMore.of(nowOn, planner, figures.catalogue())));
    }

    private void takeUp(SheetRow sheet, Job found) {
        JobPlanner planner = new JobPlanner(figures.catalogue(), sheet.practice());
        WorkGraph more = planner.addition(found).by(Work.View.ROOM);
        stepRows.insertInto(sheet, planner, more, Additions::beforeTheNextCoat);
    }

    private static int beforeTheNextCoat(List<StepRow> steps) {
        return steps.stream()
                .filter(step -> step.tickedAt == null && step.kind.phase() == Phase.COAT)
                .mapToInt(step -> step.position)
                .min()
                .orElseGet(() -> steps.stream()
                        .filter(step -> step.tickedAt == null)
                        .mapToInt(step -> step.position)
                        .min()
                        .orElse(steps.size()));
    }

    private void requireRecords(Flat flat) {
        access.requireRecordsOf(flat.house().id(), flat.house().name());
    }
}

package lumko.app.sheet;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.figure.Figures;
import lumko.app.house.Turnover;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Tool;
import lumko.core.quantity.Volume;
import lumko.core.schedule.Air;
import lumko.core.turnover.FlatProgress;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sheets as one looks at them. */
@Service
@Transactional(readOnly = true)
public class Sheets {
    private final SheetRepository sheets;
    private final StepRepository steps;
    private final StepRows stepRows;
    private final SheetWallRepository walls;
    private final UseRepository uses;
    private final SheetReader reader;
    private final Figures figures;
    private final Speaker speaker;
    private final Clock clock;

    Sheets(
            SheetRepository sheets,
            StepRepository steps,
            StepRows stepRows,
            SheetWallRepository walls,
            UseRepository uses,
            SheetReader reader,
            Figures figures,
            Speaker speaker,
            Clock clock) {
        this.sheets = sheets;
        this.steps = steps;
        this.stepRows = stepRows;
        this.walls = walls;
        this.uses = uses;
        this.reader = reader;
        this.figures = figures;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** How far the sheets of a turnover have come. */
    public record Progress(
            Optional<UUID> openSheet,
            int ticked,
            int steps,
            Optional<Instant> dryUntil,
            Optional<ActivityKind> next,
            Optional<LocalDate> finishedOn) {
        public static final Progress NONE =
                new Progress(Optional.empty(), 0, 0, Optional.empty(), Optional.empty(), Optional.empty());

        /** Whether everything is ticked, or closed: what was planned for it is over. */
        public boolean isDone() {
            return openSheet.isPresent() ? next.isEmpty() : finishedOn.isPresent();
        }
    }

    /** All sheets that are not closed. */
    public List<OpenWork> openWork() {
        List<SheetRow> rows = sheets.findByClosedAtIsNull();
        List<UUID> ids = rows.stream().map(SheetRow::id).toList();
        Map<UUID, SheetWork> workOf = stepRows.of(ids);
        Map<UUID, Map<String, LocalDate>> hereOn = new HashMap<>();
        for (SheetWallRow wall : walls.findBySheetIdInAndHereOnIsNotNull(ids)) {
            Optional.ofNullable(wall.hereOn)
                    .ifPresent(day -> hereOn.computeIfAbsent(wall.sheetId, id -> new HashMap<>())
                            .put(wall.paintKey(), day));
        }
        return rows.stream()
                .map(row -> {
                    SheetGraph graph =
                            workOf.getOrDefault(row.id(), SheetWork.NONE).graph();
                    return new OpenWork(
                            row.id(),
                            row.flatId,
                            row.turnoverId,
                            graph.graph(),
                            graph.ticks(),
                            hereOn.getOrDefault(row.id(), Map.of()),
                            row.climate());
                })
                .toList();
    }

    /** Which of some steps have been ticked. */
    public Set<UUID> ticked(Collection<UUID> stepIds) {
        return stepIds.isEmpty() ? Set.of() : steps.ticked(stepIds);
    }

    /** Those of some turnovers for which a sheet has been made. */
    public Set<UUID> begun(Collection<UUID> turnoverIds) {
        return turnoverIds.isEmpty() ? Set.of() : sheets.begun(turnoverIds);
    }

    /** By flat its sheet that is not closed. */
    public Map<UUID, UUID> open() {
        return sheets.findByClosedAtIsNull().stream()
                .collect(Collectors.toMap(row -> row.flatId, SheetRow::id, (one, other) -> one));
    }

    /**
     * A job that was done.
     *
     * @param minutes of hands, as planned
     */
    public record PastWork(UUID flatId, double minutes) {}

    /** The last jobs that were closed, the latest first. */
    public List<PastWork> past(int most) {
        return steps.past(Limit.of(most));
    }

    /** By step how much paint it takes, of those that take any. */
    public Map<UUID, Volume> paint(Collection<UUID> stepIds) {
        return stepIds.isEmpty()
                ? Map.of()
                : uses.paint(stepIds).stream()
                        .collect(Collectors.toMap(
                                UseRepository.Paint::stepId, paint -> Volume.ofLitres(paint.litres())));
    }

    /** The tools that some steps take. */
    public Map<UUID, Set<Tool>> tools(Collection<UUID> stepIds) {
        return steps.findAllById(stepIds).stream()
                .collect(Collectors.toMap(
                        StepRow::id, row -> row.activity(List.of()).tools()));
    }

    /** The progress of some turnovers, by turnover; none where no sheet was made. */
    public Map<UUID, Progress> progress(Collection<UUID> turnoverIds) {
        List<SheetRow> rows = sheets.findByTurnoverIdIn(turnoverIds);
        List<UUID> open = rows.stream()
                .filter(row -> row.closedAt == null)
                .map(SheetRow::id)
                .toList();
        Map<UUID, SheetWork> workOf = stepRows.of(open);
        Words words = speaker.words();
        Map<UUID, Progress> progress = new HashMap<>();
        for (SheetRow row : rows) {
            Progress known = progress.getOrDefault(row.turnoverId, Progress.NONE);
            progress.put(
                    row.turnoverId,
                    row.closedAt == null
                            ? openProgress(row, workOf.getOrDefault(row.id(), SheetWork.NONE), known)
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

    private Progress openProgress(SheetRow sheet, SheetWork work, Progress known) {
        Air air = new Air(sheet.climate(), figures.catalogue());
        Optional<Instant> dryUntil =
                work.graph().progress(air).wetLongest(clock.instant()).flatMap(lumko.core.schedule.Clock::likely);
        return new Progress(
                Optional.of(sheet.id()),
                work.ticked().size(),
                work.steps().size(),
                dryUntil,
                work.next().map(step -> step.kind),
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

    public Optional<UUID> openSheetOf(UUID flatId) {
        return sheets.findByFlatIdAndClosedAtIsNull(flatId).map(SheetRow::id);
    }

    /** A closed sheet as listed on its flat. */
    public record Past(UUID id, Instant closedAt) {}

    public List<Past> closedSheetsOf(UUID flatId) {
        return sheets.findByFlatIdOrderByMadeAtDesc(flatId).stream()
                .flatMap(row -> Optional.ofNullable(row.closedAt).map(at -> new Past(row.id(), at)).stream())
                .toList();
    }

    public Sheet sheet(UUID id) {
        return reader.read(sheets.findById(id).orElseThrow(NotFoundException::new));
    }

    /** A number that changes whenever anything of the sheet does; cheap to ask for. */
    public long pulse(UUID id) {
        return reader.pulse(sheets.findById(id).orElseThrow(NotFoundException::new));
    }
}

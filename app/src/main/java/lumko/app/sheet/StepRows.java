package lumko.app.sheet;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import lumko.app.platform.NotFoundException;
import lumko.core.activity.Activity;
import lumko.core.activity.Precedence;
import lumko.core.activity.Use;
import lumko.core.activity.WorkGraph;
import lumko.core.job.JobPlanner;
import org.springframework.stereotype.Component;

/** The work of sheets in the database: steps, what comes before what, and what each takes. */
@Component
class StepRows {
    private final StepRepository steps;
    private final PrecedenceRepository precedences;
    private final UseRepository uses;

    StepRows(StepRepository steps, PrecedenceRepository precedences, UseRepository uses) {
        this.steps = steps;
        this.precedences = precedences;
        this.uses = uses;
    }

    StepRow step(UUID id) {
        return steps.findById(id).orElseThrow(NotFoundException::new);
    }

    SheetWork of(UUID sheetId) {
        return new SheetWork(
                steps.findBySheetIdInOrderByPosition(List.of(sheetId)), precedences.findBySheetIdIn(List.of(sheetId)));
    }

    /** The work of several sheets, by sheet. */
    Map<UUID, SheetWork> of(Collection<UUID> sheetIds) {
        Map<UUID, List<StepRow>> stepsOf = steps.findBySheetIdInOrderByPosition(sheetIds).stream()
                .collect(Collectors.groupingBy(row -> row.sheetId));
        Map<UUID, List<PrecedenceRow>> orderOf =
                precedences.findBySheetIdIn(sheetIds).stream().collect(Collectors.groupingBy(row -> row.sheetId));
        return sheetIds.stream()
                .collect(Collectors.toMap(
                        Function.identity(),
                        id -> new SheetWork(stepsOf.getOrDefault(id, List.of()), orderOf.getOrDefault(id, List.of()))));
    }

    /** What each step takes. */
    Map<UUID, List<Use>> uses(SheetWork work) {
        return uses.findByStepIdIn(work.stepIds()).stream()
                .collect(
                        Collectors.groupingBy(use -> use.stepId, Collectors.mapping(UseRow::use, Collectors.toList())));
    }

    /** Writes the steps of a sheet that has none yet. */
    void insert(SheetRow sheet, WorkGraph planned) {
        insert(sheet, 0, planned, Map.of());
    }

    /** Puts more work into a sheet that is under way, from a place on that its steps tell. */
    void insertInto(SheetRow sheet, JobPlanner planner, WorkGraph more, ToIntFunction<List<StepRow>> place) {
        SheetWork work = of(sheet.id());
        WorkGraph joined = planner.joined(
                work.graph().graph(), work.ticked().stream().map(UUID::toString).collect(Collectors.toSet()), more);
        int at = place.applyAsInt(work.steps());
        work.steps().stream()
                .filter(step -> step.position >= at)
                .forEach(step -> step.position += more.activities().size());
        steps.flush();
        insert(
                sheet,
                at,
                joined,
                work.steps().stream().collect(Collectors.toMap(step -> step.id().toString(), StepRow::id)));
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

    void remove(SheetWork work) {
        uses.deleteAll(uses.findByStepIdIn(work.stepIds()));
        precedences.deleteAll(work.order());
        uses.flush();
        steps.deleteAll(work.steps());
        steps.flush();
    }
}

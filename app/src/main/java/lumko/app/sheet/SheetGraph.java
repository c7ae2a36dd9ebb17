package lumko.app.sheet;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.core.activity.Activity;
import lumko.core.activity.Use;
import lumko.core.activity.WorkGraph;
import lumko.core.schedule.Air;
import lumko.core.schedule.Progress;
import lumko.core.schedule.Progress.Tick;
import lumko.core.schedule.Schedule;
import lumko.core.schedule.WorkingHours;

/** The activities of a sheet with what comes before what, and how far it has come by its ticks. */
final class SheetGraph {
    private final WorkGraph graph;
    private final Map<String, Tick> ticks = new HashMap<>();

    SheetGraph(List<StepRow> steps, List<PrecedenceRow> precedences, Map<UUID, List<Use>> uses) {
        List<Activity> activities = steps.stream()
                .map(row -> row.activity(uses.getOrDefault(row.id(), List.of())))
                .toList();
        graph = new WorkGraph(
                activities, precedences.stream().map(PrecedenceRow::precedence).toList(), List.of());
        for (StepRow row : steps) {
            Optional.ofNullable(row.tickedAt)
                    .ifPresent(at -> ticks.put(
                            row.id().toString(), new Tick(String.valueOf(row.tickedBy), at, row.earlyWhy != null)));
        }
        for (PrecedenceRow row : precedences) {
            Optional.ofNullable(row.since).ifPresent(at -> ticks.put(row.from(), new Tick("", at, false)));
        }
    }

    WorkGraph graph() {
        return graph;
    }

    Map<String, Tick> ticks() {
        return Map.copyOf(ticks);
    }

    Progress progress(Air air) {
        return new Progress(graph, ticks, air);
    }

    /** What is still to come, by one pair of hands, from a moment on, in the hours that they work. */
    Schedule rest(Air air, Instant now, WorkingHours hours) {
        Map<String, Duration> done = new HashMap<>();
        ticks.forEach((id, tick) -> done.put(id, Duration.between(tick.at(), now)));
        return Schedule.of(graph, done, 1, air, hours);
    }
}

package lumko.app.sheet;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.core.activity.Use;
import lumko.core.quantity.Times;
import lumko.core.schedule.Air;

/** The steps of a sheet, in their order, with what comes before what. */
record SheetWork(List<StepRow> steps, List<PrecedenceRow> order) {
    static final SheetWork NONE = new SheetWork(List.of(), List.of());

    /** For what does not ask what the steps take. */
    SheetGraph graph() {
        return graph(Map.of());
    }

    SheetGraph graph(Map<UUID, List<Use>> uses) {
        return new SheetGraph(steps, order, uses);
    }

    List<UUID> stepIds() {
        return steps.stream().map(StepRow::id).toList();
    }

    Set<UUID> ticked() {
        return steps.stream()
                .filter(step -> step.tickedAt != null)
                .map(StepRow::id)
                .collect(Collectors.toSet());
    }

    /** The first step that is still to be ticked. */
    Optional<StepRow> next() {
        return steps.stream().filter(step -> step.tickedAt == null).findFirst();
    }

    /** Notes of each step how long it took, as the ticks tell it now. */
    void time(Air air) {
        Map<String, Duration> taken = graph().progress(air).taken();
        for (StepRow step : steps) {
            step.tookMinutes = Optional.ofNullable(taken.get(step.id().toString()))
                    .map(Times::inMinutes)
                    .orElse(null);
        }
    }
}

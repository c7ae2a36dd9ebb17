package lumko.app.sheet;

import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;

/**
 * What the steps of a sheet wait for. A step that has to find its surfaces dry waits for what was put on them before and is
 * still wet by the clock. Where somebody went on early with a reason, the hand has judged what lay before on those surfaces,
 * and only what came later counts.
 *
 * @param before for each step what it waits for longest, by its id
 * @param after what is wet once everything is done
 */
record Waits(Map<UUID, DryingClock> before, Optional<DryingClock> after) {
    static Waits of(List<StepRow> rows, Climate climate, DryingModel model, Instant now) {
        Map<UUID, DryingClock> waits = new HashMap<>();
        Map<UUID, DryingClock> wet = new HashMap<>();
        for (StepRow row : rows) {
            if (row.step(List.of()).needsDry()) {
                Arrays.stream(row.surfaces)
                        .flatMap(surface -> Optional.ofNullable(wet.get(surface)).stream())
                        .reduce(Waits::later)
                        .ifPresent(clock -> waits.put(row.id(), clock));
            }
            if (row.earlyWhy != null) {
                wet.keySet().removeAll(Arrays.asList(row.surfaces));
            }
            clock(row, climate, model)
                    .filter(clock -> clock.isWetAt(now))
                    .ifPresent(clock ->
                            Arrays.stream(row.surfaces).forEach(surface -> wet.merge(surface, clock, Waits::later)));
        }
        return new Waits(waits, wet.values().stream().reduce(Waits::later));
    }

    /** The clock that a ticked step has started. */
    static Optional<DryingClock> clock(StepRow row, Climate climate, DryingModel model) {
        return Optional.ofNullable(row.tickedAt)
                .flatMap(at -> row.toDry().map(wait -> DryingClock.start(wait, at, climate, model)));
    }

    private static DryingClock later(DryingClock one, DryingClock other) {
        return other.isReadyAfter(one) ? other : one;
    }

    Optional<DryingClock> before(StepRow row) {
        return Optional.ofNullable(before.get(row.id()));
    }
}

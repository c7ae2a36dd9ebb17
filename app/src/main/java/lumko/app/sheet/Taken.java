package lumko.app.sheet;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.quantity.Times;
import lumko.core.work.Pace;

/**
 * How long the hands took for a step, told from the ticks: from the same person's tick before, or from the moment its
 * surfaces were dry if that was later. Nothing can be told of a person's first tick, where a break or a night lay in
 * between, or of steps ticked together afterwards.
 */
final class Taken {
    private static final Duration TICKED_TOGETHER = Duration.ofSeconds(20);

    private Taken() {}

    static Map<UUID, Duration> of(List<StepRow> rows, Climate climate, DryingModel model) {
        List<StepRow> ticked = rows.stream()
                .filter(row -> row.tickedAt != null)
                .sorted(Comparator.comparing(Taken::at))
                .toList();
        Map<UUID, Instant> lastOf = new HashMap<>();
        Map<UUID, Duration> taken = new HashMap<>();
        for (StepRow row : ticked) {
            UUID person = Optional.ofNullable(row.tickedBy).orElseThrow();
            Instant end = at(row);
            Optional.ofNullable(lastOf.get(person))
                    .map(before -> begun(row, before, ticked, climate, model))
                    .map(begun -> Duration.between(begun, end))
                    .filter(length -> length.compareTo(TICKED_TOGETHER) > 0
                            && new Pace.Taken(row.kind, Times.ofMinutes(row.minutes), length).isWork())
                    .ifPresent(length -> taken.put(row.id(), length));
            lastOf.put(person, end);
        }
        return taken;
    }

    private static Instant begun(
            StepRow row, Instant handsFree, List<StepRow> ticked, Climate climate, DryingModel model) {
        Instant begun = handsFree;
        for (StepRow before : ticked) {
            if (at(before).isBefore(at(row)) && before.isOn(row)) {
                Instant dry = Waits.clock(before, climate, model)
                        .flatMap(DryingClock::likely)
                        .orElse(begun);
                if (dry.isAfter(begun) && dry.isBefore(at(row))) {
                    begun = dry;
                }
            }
        }
        return begun;
    }

    private static Instant at(StepRow row) {
        return Optional.ofNullable(row.tickedAt).orElseThrow();
    }
}

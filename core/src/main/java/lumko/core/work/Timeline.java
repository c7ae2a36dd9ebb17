package lumko.core.work;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.step.Step;

/**
 * When each step of a job can be done by one person who takes them in order: it starts when the hands are free and
 * everything put on before on one of its surfaces is dry.
 *
 * @param entries one for each step, in the order of the job
 * @param dryAt when the last coat is dry
 */
public record Timeline(List<Entry> entries, Duration dryAt) {
    /**
     * A step in time, counted from the start of the job.
     *
     * @param waited how long the hands stand still before it, because something is wet
     * @param latest the latest start, where the step has one
     */
    public record Entry(Step step, Duration start, Duration end, Duration waited, Optional<Duration> latest) {
        /** Whether it comes too late: the edge has set, the tape has dried on. */
        public boolean isTooLate() {
            return latest.filter(limit -> start.compareTo(limit) > 0).isPresent();
        }
    }

    public Timeline {
        entries = List.copyOf(entries);
    }

    /** Waits are the likely ones in the given air. */
    public static Timeline of(Work work, DryingModel drying, Climate climate) {
        List<Entry> entries = new ArrayList<>();
        Duration free = Duration.ZERO;
        for (Step step : work.steps()) {
            Duration start = free;
            for (Entry before : entries) {
                if (step.needsDry() && before.step().shares(step)) {
                    start = later(start, dry(before, drying, climate));
                }
            }
            Duration end = start.plus(step.labour());
            entries.add(new Entry(step, start, end, start.minus(free), latest(step, entries)));
            free = end;
        }
        return new Timeline(
                entries,
                entries.stream().map(entry -> dry(entry, drying, climate)).reduce(Duration.ZERO, Timeline::later));
    }

    private static Optional<Duration> latest(Step step, List<Entry> before) {
        return step.within()
                .flatMap(limit -> before.stream()
                        .filter(entry -> entry.step().kind() == limit.after()
                                && entry.step().shares(step))
                        .reduce((first, second) -> second)
                        .map(entry -> entry.end().plus(limit.time())));
    }

    private static Duration dry(Entry entry, DryingModel drying, Climate climate) {
        return entry.step()
                .toDry()
                .map(wait -> entry.end().plus(wait.likely(climate, drying)))
                .orElse(entry.end());
    }

    private static Duration later(Duration one, Duration other) {
        return one.compareTo(other) >= 0 ? one : other;
    }
}

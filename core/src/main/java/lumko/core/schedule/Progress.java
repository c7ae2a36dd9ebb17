package lumko.core.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.core.activity.Activity;
import lumko.core.activity.Precedence;
import lumko.core.activity.Taken;
import lumko.core.activity.Wait;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Purpose;

/** How far a job has come by the ticks: what is wet, what each activity waits for, until when it has to begin. */
public final class Progress {
    /** Ticks so near each other were made afterwards, for several at once. ASSUMPTION. */
    private static final Duration TICKED_TOGETHER = Duration.ofSeconds(20);

    /**
     * An activity that was done.
     *
     * @param by key of the person
     * @param isEarly whether it was begun although something was still wet by the clock: the hand has judged it
     */
    public record Tick(String by, Instant at, boolean isEarly) {}

    private final Map<String, Activity> activities = new HashMap<>();
    private final Map<String, List<Precedence>> into = new HashMap<>();
    private final Map<String, Tick> ticks;
    private final Air air;

    public Progress(WorkGraph graph, Map<String, Tick> ticks, Air air) {
        graph.activities().forEach(activity -> activities.put(activity.id(), activity));
        graph.precedences()
                .forEach(each ->
                        into.computeIfAbsent(each.to(), id -> new ArrayList<>()).add(each));
        this.ticks = Map.copyOf(ticks);
        this.air = air;
    }

    private Optional<Tick> tick(String id) {
        return Optional.ofNullable(ticks.get(id));
    }

    /**
     * What an activity waits for longest: something put on before that is still wet by the clock, unless somebody has gone on
     * over it meanwhile and so judged it dry.
     */
    public Optional<Clock> waitsFor(String id, Instant now) {
        return into.getOrDefault(id, List.of()).stream()
                .filter(before -> !isJudgedDry(before))
                .flatMap(before -> clock(before).stream())
                .filter(clock -> clock.isWetAt(now))
                .reduce((one, other) -> other.isReadyAfter(one) ? other : one);
    }

    /**
     * Whether it takes a hand's judgement to go on with an activity, since what it waits for is wet by the clock. What is only done
     * just before a paint is used touches nothing wet.
     */
    public boolean isHeldUp(String id, Instant now) {
        return !activity(id).kind().isJustBeforeUse() && waitsFor(id, now).isPresent();
    }

    /** Whether an activity can be begun: it is still to be done, all that comes before it is, and nothing it waits for is wet. */
    public boolean canBegin(String id, Instant now) {
        return tick(id).isEmpty()
                && into.getOrDefault(id, List.of()).stream()
                        .map(Precedence::from)
                        .allMatch(before ->
                                !activities.containsKey(before) || tick(before).isPresent())
                && waitsFor(id, now).isEmpty();
    }

    private Optional<Clock> clock(Precedence before) {
        return before.drying()
                .flatMap(wait ->
                        tick(before.from()).map(tick -> new Clock(before.from(), wait, tick.at(), air.drying(wait))));
    }

    private boolean isJudgedDry(Precedence before) {
        Activity wet = activities.get(before.from());
        Activity next = activities.get(before.to());
        return wet != null
                && next != null
                && ticks.entrySet().stream()
                        .filter(entry ->
                                entry.getValue().isEarly() && !entry.getKey().equals(before.to()))
                        .flatMap(entry -> Optional.ofNullable(activities.get(entry.getKey())).stream())
                        .anyMatch(early -> !early.kind().isJustBeforeUse() && early.meets(next) && follows(early, wet));
    }

    private boolean follows(Activity later, Activity earlier) {
        return into.getOrDefault(later.id(), List.of()).stream()
                .anyMatch(before ->
                        before.from().equals(earlier.id()) && before.drying().isPresent());
    }

    /** The clock that a ticked activity has started, until its next coat; the slowest if it left several things wet. */
    public Optional<Clock> startedBy(String id) {
        Activity activity = activities.get(id);
        Optional<Tick> tick = tick(id);
        if (activity == null || tick.isEmpty()) {
            return Optional.empty();
        }
        return activity.wet().stream()
                .map(wet -> new Wait(wet, Purpose.RECOAT))
                .map(wait -> new Clock(id, wait, tick.get().at(), air.drying(wait)))
                .reduce((one, other) -> other.isReadyAfter(one) ? other : one);
    }

    /** What is wet longest of all that was put on. */
    public Optional<Clock> wetLongest(Instant now) {
        return ticks.keySet().stream()
                .flatMap(id -> startedBy(id).stream())
                .filter(clock -> clock.isWetAt(now))
                .reduce((one, other) -> other.isReadyAfter(one) ? other : one);
    }

    /** The moment by which an activity has to be begun, once what it follows is done. */
    public Optional<Instant> latest(String id) {
        return into.getOrDefault(id, List.of()).stream()
                .flatMap(before ->
                        before
                                .limit()
                                .flatMap(limit -> tick(before.from())
                                        .map(tick -> tick.at().plus(air.time(limit))))
                                .stream())
                .min(Comparator.naturalOrder());
    }

    /**
     * How long the hands took, told from the ticks: from the same person's tick before, or from the moment its places were
     * dry if that was later. Nothing can be told of a person's first tick, where a break or a night lay in between, or of
     * what was ticked together afterwards.
     */
    public Map<String, Duration> taken() {
        List<Map.Entry<String, Tick>> inTime = ticks.entrySet().stream()
                .filter(entry -> activities.containsKey(entry.getKey()))
                .sorted(Comparator.comparing((Map.Entry<String, Tick> entry) ->
                                entry.getValue().at())
                        .thenComparing(Map.Entry::getKey))
                .toList();
        Map<String, Instant> lastOf = new HashMap<>();
        Map<String, Duration> taken = new HashMap<>();
        for (Map.Entry<String, Tick> entry : inTime) {
            Tick tick = entry.getValue();
            Optional.ofNullable(lastOf.put(tick.by(), tick.at()))
                    .map(free -> Duration.between(begun(entry.getKey(), free, tick.at()), tick.at()))
                    .filter(length -> length.compareTo(TICKED_TOGETHER) > 0)
                    .filter(length -> isWork(activity(entry.getKey()), length))
                    .ifPresent(length -> taken.put(entry.getKey(), length));
        }
        return taken;
    }

    private static boolean isWork(Activity activity, Duration taken) {
        return new Taken(activity.kind(), activity.hand(), taken).isWork();
    }

    private Activity activity(String id) {
        return Optional.ofNullable(activities.get(id)).orElseThrow();
    }

    private Instant begun(String id, Instant handsFree, Instant at) {
        Instant begun = handsFree;
        for (Precedence before : into.getOrDefault(id, List.of())) {
            Instant dry = clock(before).flatMap(Clock::likely).orElse(begun);
            if (dry.isAfter(begun) && dry.isBefore(at)) {
                begun = dry;
            }
        }
        return begun;
    }
}

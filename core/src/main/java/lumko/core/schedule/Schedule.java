package lumko.core.schedule;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.core.activity.Activity;
import lumko.core.activity.Precedence;
import lumko.core.activity.Standing;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Purpose;
import lumko.core.quantity.Times;
import org.jspecify.annotations.Nullable;

/**
 * When each activity of a job can be done by one or several people who take them in the order of the work, as far as they are
 * ready: what cannot wait goes first, and while something dries they go on with what does not have to wait. Nothing straddles the
 * end of a shift; it dries through the night. Drying is the likely one in the air of the job.
 *
 * @param entries in the order of their start
 * @param handsEnd when the last hand is free
 * @param dryAt when the last coat is dry
 */
public record Schedule(List<Entry> entries, Duration handsEnd, Duration dryAt) {
    /** What runs out within this goes before everything else. ASSUMPTION. */
    private static final Duration SOON = Duration.ofHours(2);

    /**
     * An activity in time, counted from the start of the job.
     *
     * @param person who does it, from 0
     * @param end when its places are free again
     * @param waited how long the hands stand still before it, nights not counted
     * @param heldBy what it waited for last
     * @param latest the latest start, where something runs out
     */
    public record Entry(
            Activity activity,
            int person,
            Duration start,
            Duration end,
            Duration waited,
            Optional<Precedence> heldBy,
            Optional<Duration> latest) {
        /** Whether it comes too late: the edge has set, the tape has dried on. */
        public boolean isTooLate() {
            return latest.filter(limit -> start.compareTo(limit) > 0).isPresent();
        }
    }

    public Schedule {
        entries = List.copyOf(entries);
    }

    /** Day and night, from the first move on. */
    public static Schedule of(WorkGraph graph, int people, Air air) {
        return of(graph, Map.of(), people, air, WorkingHours.ALWAYS);
    }

    /**
     * What is still to come of a job under way.
     *
     * @param done by its id how long ago an activity was done
     */
    public static Schedule of(WorkGraph graph, Map<String, Duration> done, int people, Air air, WorkingHours hours) {
        return new Scheduling(graph, done, people, air, hours).run();
    }

    /** What the hands stand still for longest: what holds the job up. Empty where they never do. */
    public Optional<Entry> longestWait() {
        return entries.stream()
                .filter(entry -> entry.heldBy().flatMap(Precedence::drying).isPresent())
                .max(Comparator.comparing(Entry::waited));
    }

    /** The entry of an activity. */
    public Optional<Entry> entry(String id) {
        return entries.stream()
                .filter(entry -> entry.activity().id().equals(id))
                .findFirst();
    }

    /** Lays the activities out one after the other. */
    private static final class Scheduling {
        private final Air air;
        private final WorkingHours hours;
        private final List<Activity> left = new ArrayList<>();
        private final Map<String, List<Precedence>> into = new HashMap<>();
        private final Map<String, Duration> ended = new HashMap<>();
        private final List<Entry> entries = new ArrayList<>();
        private final Duration[] free;

        Scheduling(WorkGraph graph, Map<String, Duration> done, int people, Air air, WorkingHours hours) {
            this.air = air;
            this.hours = hours;
            free = new Duration[Math.max(1, people)];
            Arrays.fill(free, Duration.ZERO);
            for (Standing coat : graph.standing()) {
                ended.put(coat.id(), coat.ago().negated());
            }
            done.forEach((id, ago) -> ended.put(id, ago.negated()));
            for (Activity activity : graph.activities()) {
                if (!done.containsKey(activity.id())) {
                    left.add(activity);
                }
            }
            graph.precedences()
                    .forEach(each -> into.computeIfAbsent(each.to(), id -> new ArrayList<>())
                            .add(each));
        }

        Schedule run() {
            while (!left.isEmpty()) {
                int person = firstFree();
                // nothing is begun before the shift is
                Candidate next = next(hours.begin(free[person], Duration.ZERO));
                take(next, person);
            }
            Duration dryAt = Duration.ZERO;
            for (Entry entry : entries) {
                dryAt = Times.longer(dryAt, entry.end());
                for (Wet wet : entry.activity().wet()) {
                    dryAt = Times.longer(dryAt, entry.end().plus(air.likely(new Wait(wet, Purpose.RECOAT))));
                }
            }
            Duration handsEnd = Duration.ZERO;
            for (Duration each : free) {
                handsEnd = Times.longer(handsEnd, each);
            }
            return new Schedule(entries, handsEnd, dryAt);
        }

        private int firstFree() {
            int first = 0;
            for (int person = 1; person < free.length; person++) {
                if (free[person].compareTo(free[first]) < 0) {
                    first = person;
                }
            }
            return first;
        }

        /** An activity that may come next: from when on, held by what, and the latest start it has. */
        private record Candidate(
                Activity activity, Duration ready, Optional<Precedence> heldBy, Optional<Duration> latest) {
            /** When it can be begun by somebody who is free from a moment on. */
            Duration starts(Duration from, WorkingHours hours) {
                return hours.begin(Times.longer(from, ready), activity.hand());
            }
        }

        /** What runs out soonest of what is ready; else the first in the order of the work; else what is ready soonest. */
        private Candidate next(Duration from) {
            Candidate first = null;
            Candidate urgent = null;
            Candidate soonest = null;
            for (Activity activity : left) {
                Optional<Candidate> open = candidate(activity);
                if (open.isEmpty()) {
                    continue;
                }
                Candidate one = open.get();
                boolean isReady = one.starts(from, hours).equals(from);
                if (isReady && first == null) {
                    first = one;
                }
                if (isReady && isSooner(one, urgent)) {
                    urgent = one;
                }
                if (soonest == null || one.starts(from, hours).compareTo(soonest.starts(from, hours)) < 0) {
                    soonest = one;
                }
            }
            if (soonest == null) {
                throw new IllegalStateException("the activities of the job wait for each other");
            }
            return urgent != null ? urgent : first != null ? first : soonest;
        }

        private static boolean isSooner(Candidate one, @Nullable Candidate other) {
            Optional<Duration> latest =
                    one.latest().filter(limit -> limit.minus(one.ready()).compareTo(SOON) < 0);
            return latest.isPresent()
                    && (other == null
                            || other.latest()
                                    .filter(limit -> latest.get().compareTo(limit) < 0)
                                    .isPresent());
        }

        private Optional<Candidate> candidate(Activity activity) {
            Duration ready = Duration.ZERO;
            Optional<Precedence> heldBy = Optional.empty();
            Optional<Duration> latest = Optional.empty();
            for (Precedence before : into.getOrDefault(activity.id(), List.of())) {
                Duration end = ended.get(before.from());
                if (end == null) {
                    return Optional.empty();
                }
                Duration dry = before.drying().map(air::likely).map(end::plus).orElse(end);
                if (dry.compareTo(ready) > 0) {
                    ready = dry;
                    heldBy = Optional.of(before);
                }
                Optional<Duration> until = before.limit().map(air::time).map(end::plus);
                if (until.isPresent() && (latest.isEmpty() || until.get().compareTo(latest.get()) < 0)) {
                    latest = until;
                }
            }
            return Optional.of(new Candidate(activity, ready, heldBy, latest));
        }

        private void take(Candidate next, int person) {
            Duration start = next.starts(free[person], hours);
            Duration waited = hours.between(free[person], Times.longer(free[person], next.ready()));
            Activity activity = next.activity();
            Duration end = start.plus(activity.lasts());
            entries.add(new Entry(
                    activity,
                    person,
                    start,
                    end,
                    waited,
                    waited.isZero() ? Optional.empty() : next.heldBy(),
                    next.latest()));
            free[person] = start.plus(activity.hand());
            ended.put(activity.id(), end);
            left.remove(activity);
        }
    }
}

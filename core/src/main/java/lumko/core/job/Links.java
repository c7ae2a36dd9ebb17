package lumko.core.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.Function;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Limit;
import lumko.core.activity.Precedence;
import lumko.core.activity.Standing;
import lumko.core.activity.Wait;
import lumko.core.activity.Why;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Purpose;
import lumko.core.quantity.Volume;

/** Draws what comes before what between the activities of a job, by the rules of the order. */
final class Links {
    private record Pair(int from, int to) {}

    private final Order order;
    private final List<Standing> standing;
    private final Set<String> accents;

    Links(Order order, List<Standing> standing, Set<String> accents) {
        this.order = order;
        this.standing = standing;
        this.accents = accents;
    }

    /** The activities in the order of the work, with their precedences. */
    WorkGraph graph(List<Activity> unsorted) {
        List<Activity> activities = new ArrayList<>(unsorted);
        List<String> paints =
                activities.stream().map(Activity::paint).distinct().toList();
        activities.sort(Comparator.comparingInt((Activity one) -> order.stage(one))
                .thenComparingInt(one -> paints.indexOf(one.paint()))
                .thenComparingInt(one -> order.ranks().of(Slot.of(one))));
        Map<Pair, Precedence> pairs = new LinkedHashMap<>();
        Map<Slot, List<Integer>> bySlot = new HashMap<>();
        for (int n = 0; n < activities.size(); n++) {
            bySlot.computeIfAbsent(Slot.of(activities.get(n)), slot -> new ArrayList<>())
                    .add(n);
        }
        for (Rule rule : order.rules()) {
            link(rule, activities, bySlot, pairs);
        }
        List<Activity> sorted = inOrder(activities, pairs.keySet());
        List<Precedence> precedences = new ArrayList<>(pairs.values());
        precedences.addAll(fromStanding(activities));
        return new WorkGraph(sorted, precedences, standing);
    }

    private void link(
            Rule rule, List<Activity> activities, Map<Slot, List<Integer>> bySlot, Map<Pair, Precedence> pairs) {
        List<Integer> befores = of(rule.before(), bySlot);
        List<Integer> afters = befores.isEmpty() ? List.of() : of(rule.after(), bySlot);
        if (afters.isEmpty()) {
            return;
        }
        Map<String, List<Integer>> index = index(befores, activities, key(rule.scope()));
        for (int to : afters) {
            Activity after = activities.get(to);
            List<Integer> reached = key(rule.scope()).apply(after).stream()
                    .flatMap(key -> index.getOrDefault(key, List.of()).stream())
                    .distinct()
                    .filter(from -> from != to && reaches(rule, activities.get(from), after))
                    .toList();
            Optional<Integer> last = reached.stream()
                    .max(Comparator.comparingInt(from -> order.ranks().of(Slot.of(activities.get(from)))));
            for (int from : reached) {
                // what runs out runs from the last of them
                Optional<Limit> limit = last.filter(one -> one == from).flatMap(one -> rule.limit());
                add(pairs, new Pair(from, to), precedence(rule, activities.get(from), after, limit));
            }
        }
    }

    private static List<Integer> of(Set<Slot> slots, Map<Slot, List<Integer>> bySlot) {
        List<Integer> all = new ArrayList<>();
        for (Slot slot : slots) {
            all.addAll(bySlot.getOrDefault(slot, List.of()));
        }
        return all;
    }

    private static Map<String, List<Integer>> index(
            List<Integer> some, List<Activity> activities, Function<Activity, List<String>> key) {
        Map<String, List<Integer>> index = new HashMap<>();
        for (int n : some) {
            for (String each : key.apply(activities.get(n))) {
                index.computeIfAbsent(each, any -> new ArrayList<>()).add(n);
            }
        }
        return index;
    }

    /** What two activities have to have in common to be reached by a rule. */
    private static Function<Activity, List<String>> key(Rule.Scope scope) {
        return switch (scope) {
            case PLACE, SURFACE, ROOM, ACCENT -> Activity::rooms;
            case PAINT -> activity -> List.of(activity.paint());
            case FLAT -> activity -> List.of("");
        };
    }

    private boolean reaches(Rule rule, Activity before, Activity after) {
        return switch (rule.scope()) {
            case PLACE -> before.meets(after);
            // what is done to a room is done around each of its surfaces
            case SURFACE -> before.surfaces().isEmpty() || after.surfaces().isEmpty() || before.shares(after);
            case ACCENT ->
                after.surfaces().stream().anyMatch(accents::contains)
                        && before.surfaces().stream().noneMatch(accents::contains);
            case ROOM, PAINT, FLAT -> true;
        };
    }

    private static Precedence precedence(Rule rule, Activity before, Activity after, Optional<Limit> limit) {
        boolean waits = switch (rule.drying()) {
            // what is washed is wet around its marks too
            case WHERE_THEY_MEET -> before.meets(after) || before.kind().wetsAround() && before.shares(after);
            case BESIDE_IT_TOO -> true;
            case NOT_WAITED_FOR -> false;
        };
        return new Precedence(
                before.id(), after.id(), rule.why(), waits ? wait(before, after) : Optional.empty(), limit);
    }

    private static Optional<Wait> wait(Activity before, Activity after) {
        return purpose(before, after).flatMap(purpose -> Wait.slowest(before.wet(), purpose));
    }

    private static Optional<Purpose> purpose(Activity before, Activity after) {
        // a test patch is tried with tape, which it has to stand
        return before.kind() == ActivityKind.TEST_PATCH
                ? after.kind().needsDryFor().map(any -> Purpose.TAPE)
                : after.kind().needsDryFor();
    }

    /** Where several rules say the same, the first gives the reason; a wait or a limit counts whoever names it. */
    private static void add(Map<Pair, Precedence> pairs, Pair pair, Precedence one) {
        pairs.merge(
                pair,
                one,
                (known, other) -> new Precedence(
                        known.from(),
                        known.to(),
                        known.limit().isEmpty() && other.limit().isPresent() ? other.why() : known.why(),
                        known.drying().or(other::drying),
                        known.limit().or(other::limit)));
    }

    /** As sorted, but for walls that come later because of their colour. */
    private static List<Activity> inOrder(List<Activity> activities, Set<Pair> pairs) {
        int[] open = new int[activities.size()];
        Map<Integer, List<Integer>> next = new HashMap<>();
        for (Pair pair : pairs) {
            open[pair.to]++;
            next.computeIfAbsent(pair.from, from -> new ArrayList<>()).add(pair.to);
        }
        PriorityQueue<Integer> ready = new PriorityQueue<>();
        for (int n = 0; n < open.length; n++) {
            if (open[n] == 0) {
                ready.add(n);
            }
        }
        List<Activity> sorted = new ArrayList<>();
        while (!ready.isEmpty()) {
            int one = ready.remove();
            sorted.add(activities.get(one));
            for (int after : next.getOrDefault(one, List.of())) {
                if (--open[after] == 0) {
                    ready.add(after);
                }
            }
        }
        if (sorted.size() < activities.size()) {
            throw new IllegalStateException("the activities of the job wait for each other");
        }
        return sorted;
    }

    private List<Precedence> fromStanding(List<Activity> activities) {
        List<Precedence> precedences = new ArrayList<>();
        for (Standing coat : standing) {
            for (Activity activity : activities) {
                Optional<Wait> wait = waitsFor(coat, activity).map(purpose -> new Wait(coat.wet(), purpose));
                boolean isWiped = activity.kind() == ActivityKind.WIPE_BLEED
                        && activity.rooms().contains(coat.room());
                if (wait.isPresent() || isWiped) {
                    precedences.add(new Precedence(
                            coat.id(),
                            activity.id(),
                            Why.CRAFT,
                            wait,
                            isWiped ? Optional.of(Limit.BLEED_WIPES) : Optional.empty()));
                }
            }
        }
        return precedences;
    }

    private static Optional<Purpose> waitsFor(Standing coat, Activity activity) {
        if (activity.kind() == ActivityKind.TAPE_EDGES && activity.rooms().contains(coat.room())) {
            return Optional.of(Purpose.TAPE);
        }
        boolean isCoat = !activity.paintUsed().equals(Volume.ZERO)
                && activity.kind().needsDryFor().equals(Optional.of(Purpose.PAINT));
        return coat.mustCure() && isCoat && activity.surfaces().contains(coat.surface())
                ? Optional.of(Purpose.CURE)
                : Optional.empty();
    }
}

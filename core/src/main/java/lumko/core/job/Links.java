package lumko.core.job;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Limit;
import lumko.core.activity.Precedence;
import lumko.core.activity.Standing;
import lumko.core.activity.Standing.NextCoat;
import lumko.core.activity.Wait;
import lumko.core.activity.Why;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Purpose;
import lumko.core.quantity.Volume;

/** Draws what comes before what between the activities of a job, by the rules of the order. */
final class Links {
    /** Two activities by their numbers. */
    record Pair(int from, int to) {}

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
        List<Activity> activities = sorted(unsorted);
        int[] ranks = activities.stream()
                .mapToInt(activity -> order.ranks().exact(Slot.of(activity)))
                .toArray();
        BitSet present = new BitSet();
        Map<Integer, List<Integer>> byRank = new HashMap<>();
        for (int n = 0; n < ranks.length; n++) {
            if (ranks[n] >= 0) {
                present.set(ranks[n]);
                byRank.computeIfAbsent(ranks[n], rank -> new ArrayList<>()).add(n);
            }
        }
        Map<Pair, Precedence> pairs = new LinkedHashMap<>();
        for (Masked rule : order.masked()) {
            if (rule.before().intersects(present) && rule.after().intersects(present)) {
                link(rule, activities, ranks, byRank, pairs);
            }
        }
        new FirstUse(activities, pairs, inOrder(activities, pairs.keySet()))
                .waits()
                .forEach((pair, precedence) -> add(pairs, pair, precedence));
        List<Activity> sorted = inOrder(activities, pairs.keySet()).stream()
                .map(activities::get)
                .toList();
        List<Precedence> precedences = new ArrayList<>(pairs.values());
        precedences.addAll(fromStanding(activities));
        return new WorkGraph(sorted, precedences, standing);
    }

    /** Stage by stage, paint by paint, and in the order of the kinds. */
    private List<Activity> sorted(List<Activity> unsorted) {
        record Keyed(Activity activity, int stage, int paint, int rank) {}
        List<String> paints = unsorted.stream().map(Activity::paint).distinct().toList();
        return unsorted.stream()
                .map(one -> new Keyed(
                        one,
                        order.stage(one),
                        paints.indexOf(one.paint()),
                        order.ranks().of(Slot.of(one))))
                .sorted(Comparator.comparingInt(Keyed::stage)
                        .thenComparingInt(Keyed::paint)
                        .thenComparingInt(Keyed::rank))
                .map(Keyed::activity)
                .toList();
    }

    private void link(
            Masked masked,
            List<Activity> activities,
            int[] ranks,
            Map<Integer, List<Integer>> byRank,
            Map<Pair, Precedence> pairs) {
        Rule rule = masked.rule();
        List<Integer> befores = of(rule.before(), byRank);
        for (int to : of(rule.after(), byRank)) {
            Activity after = activities.get(to);
            List<Integer> reached = new ArrayList<>();
            int last = -1;
            for (int from : befores) {
                if (from != to && isInReach(rule, activities.get(from), after)) {
                    reached.add(from);
                    last = last < 0 || ranks[from] > ranks[last] ? from : last;
                }
            }
            for (int from : reached) {
                // what runs out runs from the last of them
                Optional<Limit> limit = from == last ? rule.limit() : Optional.empty();
                add(pairs, new Pair(from, to), precedence(rule, activities.get(from), after, limit));
            }
        }
    }

    private List<Integer> of(Set<Slot> slots, Map<Integer, List<Integer>> byRank) {
        List<Integer> all = new ArrayList<>();
        for (Slot slot : slots) {
            all.addAll(byRank.getOrDefault(order.ranks().exact(slot), List.of()));
        }
        return all;
    }

    private boolean isInReach(Rule rule, Activity before, Activity after) {
        return switch (rule.scope()) {
            case PLACE, SURFACE, ROOM, ACCENT -> isInOneRoom(before, after) && reaches(rule, before, after);
            case PAINT -> before.paint().equals(after.paint());
            case FLAT -> true;
        };
    }

    private static boolean isInOneRoom(Activity before, Activity after) {
        for (String room : after.rooms()) {
            if (before.rooms().contains(room)) {
                return true;
            }
        }
        return false;
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
    private static List<Integer> inOrder(List<Activity> activities, Set<Pair> pairs) {
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
        List<Integer> sorted = new ArrayList<>();
        while (!ready.isEmpty()) {
            int one = ready.remove();
            sorted.add(one);
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
        if (coat.next() == NextCoat.ONCE_DRY) {
            return activity.kind()
                    .needsDryFor()
                    .filter(purpose -> purpose == Purpose.PAINT)
                    .filter(purpose -> activity.surfaces().contains(coat.surface()));
        }
        if (activity.kind() == ActivityKind.TAPE_EDGES && activity.rooms().contains(coat.room())) {
            return Optional.of(Purpose.TAPE);
        }
        boolean isCoat = !activity.paintUsed().equals(Volume.ZERO)
                && activity.kind().needsDryFor().equals(Optional.of(Purpose.PAINT));
        return coat.next() == NextCoat.ONCE_CURED
                        && isCoat
                        && activity.surfaces().contains(coat.surface())
                ? Optional.of(Purpose.CURE)
                : Optional.empty();
    }
}

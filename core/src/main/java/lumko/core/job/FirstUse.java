package lumko.core.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.core.activity.Activity;
import lumko.core.activity.Precedence;
import lumko.core.activity.Why;
import lumko.core.job.Links.Pair;

/**
 * What is done just before a paint is used waits for all that the first coat of it waits for. Of several coats that one is the first
 * before which fewest things have to dry. No circle comes of it: what the first coat waits for stands before every coat of the paint.
 */
final class FirstUse {
    private final List<Activity> activities;
    private final int[] place;
    private final int[] dries;
    private final Map<Integer, Map<Pair, Precedence>> before = new HashMap<>();
    private final Map<Integer, List<Integer>> after = new HashMap<>();

    /** @param sorted the numbers of the activities in an order that keeps to the pairs */
    FirstUse(List<Activity> activities, Map<Pair, Precedence> pairs, List<Integer> sorted) {
        this.activities = activities;
        pairs.forEach((pair, precedence) -> {
            before.computeIfAbsent(pair.to(), to -> new LinkedHashMap<>()).put(pair, precedence);
            after.computeIfAbsent(pair.from(), from -> new ArrayList<>()).add(pair.to());
        });
        place = new int[activities.size()];
        dries = new int[activities.size()];
        for (int i = 0; i < sorted.size(); i++) {
            int n = sorted.get(i);
            place[n] = i;
            before(n)
                    .forEach((pair, precedence) -> dries[n] = Math.max(
                            dries[n], dries[pair.from()] + (precedence.drying().isPresent() ? 1 : 0)));
        }
    }

    private Map<Pair, Precedence> before(int number) {
        return before.getOrDefault(number, Map.of());
    }

    private boolean isJustBeforeUse(int number) {
        return activities.get(number).kind().isJustBeforeUse();
    }

    /** What comes before what besides. */
    Map<Pair, Precedence> waits() {
        Map<Pair, Precedence> waits = new LinkedHashMap<>();
        for (int n = 0; n < activities.size(); n++) {
            if (isJustBeforeUse(n)) {
                int opened = n;
                firstUse(n)
                        .ifPresent(use -> before(use).forEach((pair, precedence) -> {
                            if (!isJustBeforeUse(pair.from())) {
                                waits.put(new Pair(pair.from(), opened), until(opened, precedence));
                            }
                        }));
            }
        }
        return waits;
    }

    private Optional<Integer> firstUse(int opened) {
        return after.getOrDefault(opened, List.of()).stream()
                .filter(use -> !isJustBeforeUse(use))
                .min(Comparator.<Integer>comparingInt(use -> dries[use]).thenComparingInt(use -> place[use]));
    }

    private Precedence until(int opened, Precedence ofUse) {
        return new Precedence(
                ofUse.from(), activities.get(opened).id(), Why.BEFORE_USE, ofUse.drying(), Optional.empty());
    }
}

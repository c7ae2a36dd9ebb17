package lumko.core.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lumko.core.activity.ActivityKind;

/** Where the kinds of activity stand in the order of the work, so that every rule holds; where none decides, as they are listed. */
final class Ranks {
    private final Map<Slot, Integer> of = new HashMap<>();

    private Ranks() {}

    /** @throws IllegalStateException if the rules form a circle */
    static Ranks of(List<Rule> rules) {
        Set<Slot> all = new LinkedHashSet<>();
        for (ActivityKind kind : ActivityKind.values()) {
            all.add(new Slot(kind, 0));
        }
        Map<Slot, Set<Slot>> before = new HashMap<>();
        for (Rule rule : rules) {
            all.addAll(rule.before());
            all.addAll(rule.after());
            // which wall comes later because of its colour is a matter of the job, not of the kind
            if (rule.scope() != Rule.Scope.ACCENT) {
                rule.after()
                        .forEach(after -> before.computeIfAbsent(after, slot -> new LinkedHashSet<>())
                                .addAll(rule.before()));
            }
        }
        List<Slot> left = new ArrayList<>(all);
        left.sort((one, other) -> one.kind() == other.kind()
                ? Integer.compare(one.round(), other.round())
                : one.kind().compareTo(other.kind()));
        Ranks ranks = new Ranks();
        while (!left.isEmpty()) {
            Slot next = left.stream()
                    .filter(slot -> before.getOrDefault(slot, Set.of()).stream()
                            .allMatch(earlier -> earlier.equals(slot) || ranks.of.containsKey(earlier)))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("the rules of the order form a circle among " + left));
            ranks.of.put(next, ranks.of.size());
            left.remove(next);
        }
        return ranks;
    }

    /** The rank of a slot that rules speak of; -1 for a round that none speaks of. */
    int exact(Slot slot) {
        return of.getOrDefault(slot, -1);
    }

    int of(ActivityKind kind, int round) {
        Integer own = of.get(new Slot(kind, round));
        return own == null ? of.getOrDefault(new Slot(kind, 0), 0) : own;
    }

    int of(Slot slot) {
        return of(slot.kind(), slot.round());
    }
}

package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Kinds that are done paint by paint, while that brush is loaded, stand together in the order of the work. */
final class Stages {
    private static final List<Set<Slot>> STAGES = List.of(
            Order.of(CUT_CEILING, ROLL_CEILING),
            Order.of(SET_OUT_TOUCH_UP, FIRST_DAB),
            Order.of(CUT_IN, ROLL),
            Order.of(CUT_IN_AGAIN, ROLL_AGAIN));

    private final Map<Slot, Integer> first = new HashMap<>();
    private final Ranks ranks;

    Stages(Ranks ranks) {
        this.ranks = ranks;
        for (Set<Slot> stage : STAGES) {
            int least = stage.stream().mapToInt(ranks::of).min().orElseThrow();
            stage.forEach(slot -> first.putIfAbsent(slot, least));
        }
    }

    /** The rank at which a stage begins; that of the slot itself where it is in none. */
    int of(Slot slot) {
        return first.getOrDefault(slot, ranks.of(slot));
    }
}

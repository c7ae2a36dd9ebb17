package lumko.core.judge;

import java.util.List;
import java.util.OptionalInt;
import lumko.core.work.Action;

/**
 * What to do with a wall, what else could be done, and why.
 *
 * @param options all that could be done, in the order leave, dab, feather, roll
 * @param reasons the findings that carried it, the weightiest first
 * @param spots how many places are marked
 * @param rollsFrom the number of spots like these from which rolling is the better choice; empty if that is already so, or
 *     not within sight
 */
public record Verdict(Action action, List<Option> options, List<Finding> reasons, int spots, OptionalInt rollsFrom) {
    public Option option(Action wanted) {
        return options.stream()
                .filter(option -> option.action() == wanted)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("not weighed for this wall: " + wanted));
    }

    public Option chosen() {
        return option(action);
    }
}

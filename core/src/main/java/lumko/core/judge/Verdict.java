package lumko.core.judge;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lumko.core.activity.Advice;
import lumko.core.job.Action;

/**
 * What to do with a surface, what else could be done, and why.
 *
 * @param options all that could be done, from least to most
 * @param reasons the findings that carried it, the weightiest first
 * @param says advice that belongs to the decision rather than to a step
 * @param spots how many places are marked
 * @param rollsFrom the number of spots like these from which rolling is the better choice; empty if that is already so, or
 *     not within sight; worked out when it is asked for
 * @param deciding the places on which it hangs
 * @param changes what would come of something done otherwise, where that helps
 */
public record Verdict(
        Action action,
        List<Option> options,
        List<Finding> reasons,
        Set<Advice> says,
        int spots,
        Later<OptionalInt> rollsFrom,
        Later<Deciding> deciding,
        Later<List<Change>> changes) {
    public Option option(Action wanted) {
        return options.stream()
                .filter(option -> option.action() == wanted)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("not weighed for this surface: " + wanted));
    }

    public Option chosen() {
        return option(action);
    }

    /**
     * How a surface could be washed or touched up that is to be painted from edge to edge: the cheapest of the ways, coming back
     * included; empty where rules speak against each.
     */
    public Optional<Option> touchedUpInstead() {
        return options.stream()
                .filter(option -> option.isAllowed() && (option.action().isSpots() || option.action() == Action.WASH))
                .min(Comparator.comparing(Option::expected));
    }
}

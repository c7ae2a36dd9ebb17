package lumko.core.outcome;

import java.util.Set;
import lumko.core.quantity.Limits;

/**
 * A wall of which something was said, and what was seen of it.
 *
 * @param computed the chance that it shows, as the simulation has it, 0–1
 * @param said the chance that was told then, 0–1
 * @param seen 1 seen, 0 not seen, 0.5 seen only by somebody who looked for it
 */
public record Observation(double computed, double said, Set<Cause> causes, double seen) {
    private static final Limits SHARE = new Limits("chance", 0, 1, "");

    public Observation {
        SHARE.check(computed);
        SHARE.check(said);
        SHARE.check(seen);
        causes = Set.copyOf(causes);
    }
}

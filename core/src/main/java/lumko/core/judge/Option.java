package lumko.core.judge;

import java.time.Duration;
import java.util.List;
import lumko.core.job.Action;
import lumko.core.quantity.Volume;

/**
 * One thing that could be done with a surface, and its price.
 *
 * @param hand work of the hand, without getting to the flat
 * @param elapsed from the first move until the last coat is dry
 * @param shows the chance that somebody sees it afterwards
 * @param comingBack what coming back costs on average, as often as it shows
 * @param expected hand and paint now, and coming back
 * @param against the hard rules that speak against it; empty if it may be done
 */
public record Option(
        Action action,
        Duration hand,
        Volume paint,
        Later<Duration> elapsed,
        Chance shows,
        Duration comingBack,
        Duration expected,
        List<Finding> against) {
    public boolean isAllowed() {
        return against.isEmpty();
    }
}

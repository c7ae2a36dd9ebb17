package lumko.core.judge;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import lumko.core.job.Action;
import lumko.core.outcome.Cause;
import lumko.core.quantity.Volume;

/**
 * One thing that could be done with a surface, and its price.
 *
 * @param hand work of the hand, without getting to the flat
 * @param elapsed from the first move until the last coat is dry
 * @param shows the chance that somebody sees it afterwards
 * @param computed the same without what was learnt from outcomes, 0–1
 * @param causes what is learnt from that is there
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
        double computed,
        Set<Cause> causes,
        Duration comingBack,
        Duration expected,
        List<Finding> against) {
    public boolean isAllowed() {
        return against.isEmpty();
    }
}

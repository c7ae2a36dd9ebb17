package lumko.core.judge;

import java.time.Duration;
import java.util.List;
import lumko.core.quantity.Volume;
import lumko.core.work.Action;
import lumko.core.work.Work;

/**
 * One thing that could be done with a wall, and its price.
 *
 * @param labour minutes of the hand, without getting to the flat
 * @param elapsed from the first move until the last coat is dry
 * @param shows the chance that somebody sees it afterwards
 * @param expected labour and paint now, and coming back as often as it shows, in minutes
 * @param against the hard rules that speak against it; empty if it may be done
 */
public record Option(
        Action action,
        Work work,
        Duration labour,
        Volume paint,
        Duration elapsed,
        Chance shows,
        Duration expected,
        List<Finding> against) {
    public boolean isAllowed() {
        return against.isEmpty();
    }
}

package lumko.app.sheet;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Caution;
import lumko.core.drying.Drying;
import lumko.core.schedule.Clock;

/**
 * A step on a sheet.
 *
 * @param labels where it is done, as written on the sheet
 * @param expectedWait how long it would have to dry in the air as noted; empty if nothing dries
 * @param clock runs once it is ticked
 * @param waitsFor what was done before on the same surfaces and is still wet
 * @param canBegin whether all that comes before it is done and dry
 * @param latest the moment by which it has to be begun, once what it follows is done
 * @param within how soon it has to be begun after what it follows
 * @param unread cautions of the step that nobody has read on this sheet yet
 * @param taken how long the hands took for it, where that can be told from the ticks
 */
public record SheetStep(
        UUID id,
        Activity activity,
        List<String> labels,
        Optional<Drying> expectedWait,
        Optional<Tick> tick,
        Optional<Clock> clock,
        Optional<Clock> waitsFor,
        boolean canBegin,
        Optional<Instant> latest,
        Optional<Within> within,
        Set<Caution> unread,
        Optional<Duration> taken,
        int version) {
    /** Who ticked it, when, and why early if it was. */
    public record Tick(UUID personId, String by, Instant at, Optional<String> earlyWhy) {}

    /** So soon after the end of a kind of activity. */
    public record Within(Duration time, ActivityKind after) {}

    public boolean isTicked() {
        return tick.isPresent();
    }
}

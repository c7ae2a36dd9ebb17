package lumko.app.sheet;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.drying.Drying;
import lumko.core.work.Step;

/**
 * A step on a sheet.
 *
 * @param labels where it is done, as written on the sheet
 * @param expectedWait how long it would have to dry in the air as noted; empty if nothing dries
 * @param clock runs once it is ticked
 * @param waitsFor what was done before and is still wet
 */
public record SheetStep(
        UUID id,
        Step step,
        List<String> labels,
        Optional<Drying> expectedWait,
        Optional<Tick> tick,
        Optional<DryingClock> clock,
        Optional<DryingClock> waitsFor,
        int version) {
    /** Who ticked it, when, and why early if it was. */
    public record Tick(UUID personId, String by, Instant at, Optional<String> earlyWhy) {}

    public boolean isTicked() {
        return tick.isPresent();
    }
}

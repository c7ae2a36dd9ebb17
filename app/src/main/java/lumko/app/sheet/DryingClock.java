package lumko.app.sheet;

import java.time.Instant;
import java.util.Optional;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Drying.Dries;
import lumko.core.drying.DryingModel;
import lumko.core.step.Wait;

/**
 * When what was put on at a moment is ready for the next step, in the air as it was noted.
 *
 * @param hindrance why it does not dry at all; the moments are empty then
 */
public record DryingClock(
        Wait drying,
        Instant from,
        Optional<Instant> earliest,
        Optional<Instant> likely,
        Optional<Instant> safe,
        Optional<DoesNotDry.Cause> hindrance) {
    static DryingClock start(Wait wait, Instant from, Climate climate, DryingModel model) {
        Drying drying = wait.in(climate, model);
        return switch (drying) {
            case Dries dries ->
                new DryingClock(
                        wait,
                        from,
                        Optional.of(from.plus(dries.earliest())),
                        Optional.of(from.plus(dries.likely())),
                        Optional.of(from.plus(dries.safe())),
                        Optional.empty());
            case DoesNotDry not ->
                new DryingClock(
                        wait, from, Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(not.cause()));
        };
    }

    /** Whether it is ready later than another; what never dries is ready last. */
    boolean isReadyAfter(DryingClock other) {
        return likely.isEmpty()
                || other.likely.filter(ready -> likely.get().isAfter(ready)).isPresent();
    }

    public boolean isWetAt(Instant now) {
        return likely.map(ready -> ready.isAfter(now)).orElse(true);
    }
}

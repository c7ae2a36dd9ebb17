package lumko.core.activity;

import java.time.Duration;
import java.util.Optional;
import lumko.core.drying.DryingMaterial;
import lumko.core.quantity.Length;

/**
 * What an activity leaves wet. How long it stays so is a matter of the air and of what comes next, and is never kept.
 *
 * @param bySheet how long its maker has a coat wait for the next one in the reference air; otherwise the figures say
 */
public record Wet(DryingMaterial material, Length thickness, Optional<Duration> bySheet) {
    public static Wet of(DryingMaterial material, Length thickness) {
        return new Wet(material, thickness, Optional.empty());
    }

    /** As thick as its reference wait is given for. */
    public static Wet of(DryingMaterial material) {
        return of(material, Optional.empty());
    }

    /** A coat of a paint whose maker may have said how long. */
    public static Wet of(DryingMaterial material, Optional<Duration> bySheet) {
        return new Wet(material, material.referenceThickness(), bySheet);
    }
}

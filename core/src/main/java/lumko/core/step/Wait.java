package lumko.core.step;

import java.time.Duration;
import java.util.Optional;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.DryingModel;
import lumko.core.quantity.Length;

/**
 * What has to dry before the next step. How long that takes is a matter of the air.
 *
 * @param bySheet how long the maker has one wait in the reference air; otherwise the catalogue says
 */
public record Wait(DryingMaterial material, Length thickness, Optional<Duration> bySheet) {
    public Wait(DryingMaterial material, Length thickness) {
        this(material, thickness, Optional.empty());
    }

    /** As thick as its reference wait is given for. */
    public static Wait of(DryingMaterial material) {
        return of(material, Optional.empty());
    }

    /** A coat of a paint whose maker may have said how long. */
    public static Wait of(DryingMaterial material, Optional<Duration> bySheet) {
        return new Wait(material, material.referenceThickness(), bySheet);
    }

    /** How long it takes in an air. */
    public Drying in(Climate climate, DryingModel model) {
        return bySheet.map(known -> model.wait(material, thickness, known, climate))
                .orElseGet(() -> model.wait(material, thickness, climate));
    }

    /** How long it likely takes; where it does not dry, how long it would in the reference air: a plan has to stand on something. */
    public Duration likely(Climate climate, DryingModel model) {
        return in(climate, model) instanceof Drying.Dries dries
                ? dries.likely()
                : ((Drying.Dries) in(Climate.REFERENCE, model)).likely();
    }
}

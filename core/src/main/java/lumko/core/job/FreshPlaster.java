package lumko.core.job;

import java.time.Duration;
import java.util.Optional;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Times;
import lumko.core.record.Age;
import lumko.core.record.Stack;

/**
 * Plaster, a skim or compound that was put on all over and has to dry out before its first coat.
 *
 * @param ago how long before
 */
public record FreshPlaster(Wet wet, Duration ago) {
    /** Empty on board, on what is painted, and where nobody knows since when it has stood. */
    public static Optional<FreshPlaster> on(Stack stack, Catalogue figures) {
        return stack.isRaw() && stack.ageOfTop() instanceof Age.Known age
                ? wet(stack, figures)
                        .map(wet -> new FreshPlaster(wet, Times.ofHours(age.years() * Age.DAYS_A_YEAR * 24)))
                : Optional.empty();
    }

    private static Optional<Wet> wet(Stack stack, Catalogue figures) {
        if (stack.isSkimmed()) {
            return Optional.of(
                    stack.substrate().isPlaster()
                            ? Wet.of(DryingMaterial.PLASTER)
                            : Wet.of(DryingMaterial.DRYING_COMPOUND, figures.length(Figure.SKIM_THICKEST)));
        }
        return stack.substrate().isPlaster()
                ? Optional.of(Wet.of(DryingMaterial.PLASTER, figures.length(Figure.PLASTER_COAT)))
                : Optional.empty();
    }
}

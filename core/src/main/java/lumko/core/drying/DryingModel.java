package lumko.core.drying;

import java.time.Duration;
import java.util.Optional;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Drying.DoesNotDry.Cause;
import lumko.core.drying.Drying.Dries;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Times;

/**
 * Waits from the drying power of the air: time = reference × (vapour-pressure deficit at 21 °C and 50 %) / (deficit now),
 * growing with thickness to the material's exponent, longer in still air. Materials that set by themselves do not depend on
 * humidity. What a wait is for decides the reference.
 *
 * <p>Accuracy: within 15 % of published joint-filler charts between 16 and 27 °C and 50–80 % relative humidity. Valid for 5
 * to 40 °C and up to 95 %; colder or damper air does not dry.
 */
public final class DryingModel {
    /** What a wet layer's thickness can be. */
    public static final Limits THICKNESS = new Limits("thickness", 0.01, 50, "mm");

    private static final double COLDEST = 5;
    private static final double DAMPEST = 95;

    private final Catalogue figures;

    public DryingModel(Catalogue figures) {
        this.figures = figures;
    }

    /** The wait of a layer until the next coat of the same. */
    public Drying wait(DryingMaterial material, Length thickness, Climate climate) {
        return wait(material, thickness, Optional.empty(), Purpose.RECOAT, climate);
    }

    /**
     * The wait of a layer.
     *
     * @param bySheet until the next coat, as thick as the material's reference, in {@link Climate#REFERENCE}, by its maker; it
     *     wins over the catalogue for coats of paint, not for tape
     */
    public Drying wait(
            DryingMaterial material, Length thickness, Optional<Duration> bySheet, Purpose purpose, Climate climate) {
        THICKNESS.check(thickness.inMillimetres());
        boolean isByMaker = bySheet.isPresent() && (purpose == Purpose.RECOAT || purpose == Purpose.PAINT);
        double hours = isByMaker
                ? Times.inHours(bySheet.get()) * material.growth(thickness)
                : material.hours(thickness, purpose, figures);
        return inAir(material, hours, climate);
    }

    private Drying inAir(DryingMaterial material, double referenceHours, Climate climate) {
        if (climate.temperature().inCelsius() < COLDEST) {
            return new DoesNotDry(Cause.TOO_COLD);
        }
        double hours = referenceHours;
        if (material.driedByAir) {
            if (climate.humidity().inPercent() > DAMPEST) {
                return new DoesNotDry(Cause.TOO_DAMP);
            }
            hours *= Climate.REFERENCE.vapourPressureDeficit() / climate.vapourPressureDeficit();
            if (climate.air() == Climate.Air.STILL) {
                hours *= figures.factor(Figure.STILL_AIR);
            }
        }
        return new Dries(
                Times.ofHours(hours * material.earliestRatio),
                Times.ofHours(hours),
                Times.ofHours(hours * material.safeRatio));
    }
}

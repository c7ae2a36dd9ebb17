package lumko.core.drying;

import java.time.Duration;
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
 * humidity.
 *
 * <p>Accuracy: within 15 % of published joint-filler charts between 16 and 27 °C and 50–80 % relative humidity. Valid for 5
 * to 40 °C and up to 95 %; colder or damper air does not dry.
 */
public final class DryingModel {
    /** What a wet layer's thickness can be. */
    public static final Limits THICKNESS = new Limits("thickness", 0.01, 50, "mm");

    private static final double COLDEST = 5;
    private static final double DAMPEST = 95;
    private static final double MINUTES = 60;

    private final Catalogue figures;

    public DryingModel(Catalogue figures) {
        this.figures = figures;
    }

    /** The wait of a layer of the given thickness in the given air. */
    public Drying wait(DryingMaterial material, Length thickness, Climate climate) {
        return wait(material, thickness, Times.ofHours(figures.value(material.figure)), climate);
    }

    /**
     * The wait of a layer where another than the catalogue's is known.
     *
     * @param reference as thick as the material's reference, in {@link Climate#REFERENCE}
     */
    public Drying wait(DryingMaterial material, Length thickness, Duration reference, Climate climate) {
        THICKNESS.check(thickness.inMillimetres());
        if (climate.temperature().inCelsius() < COLDEST) {
            return new DoesNotDry(Cause.TOO_COLD);
        }
        double hours = Times.inMinutes(reference) / MINUTES * thicknessFactor(material, thickness);
        if (material.driedByAir) {
            if (climate.humidity().inPercent() > DAMPEST) {
                return new DoesNotDry(Cause.TOO_DAMP);
            }
            hours *= Climate.REFERENCE.vapourPressureDeficit() / climate.vapourPressureDeficit();
            if (climate.air() == Climate.Air.STILL) {
                hours *= figures.value(Figure.STILL_AIR);
            }
        }
        return new Dries(
                Times.ofHours(hours * material.earliestRatio),
                Times.ofHours(hours),
                Times.ofHours(hours * material.safeRatio));
    }

    private static double thicknessFactor(DryingMaterial material, Length thickness) {
        double ratio = thickness.inMillimetres() / material.referenceThickness.inMillimetres();
        return Math.max(material.leastShare, Math.pow(ratio, material.exponent));
    }
}

package lumko.app.platform;

import java.util.Map;
import lumko.core.figure.FigureUnit;

/** How the units of figures are read in the United States: what is stored, times a factor. Their names stand among the words. */
final class UsUnits {
    private static final double FOOT = 0.3048;
    private static final double SQUARE_FOOT = FOOT * FOOT;
    private static final double INCH = 25.4;
    private static final double GALLON = 3.785412;
    private static final double FLUID_OUNCE = GALLON / 128 * 1000;
    private static final double DEGREE = 1.8;
    private static final double FREEZING = 32;

    private static final Map<FigureUnit, Double> FACTORS = Map.ofEntries(
            Map.entry(FigureUnit.MINUTES_PER_METRE, FOOT),
            Map.entry(FigureUnit.MINUTES_PER_SQUARE_METRE, SQUARE_FOOT),
            Map.entry(FigureUnit.MINUTES_PER_LITRE, GALLON / 4),
            Map.entry(FigureUnit.SQUARE_METRES_PER_LITRE, GALLON / SQUARE_FOOT),
            Map.entry(FigureUnit.LITRES, 4 / GALLON),
            Map.entry(FigureUnit.MILLIMETRES, 1 / INCH),
            // thousandths of an inch
            Map.entry(FigureUnit.MICROMETRES, 1 / INCH),
            Map.entry(FigureUnit.METRES, 1 / FOOT),
            Map.entry(FigureUnit.PER_SQUARE_METRE, SQUARE_FOOT),
            Map.entry(FigureUnit.MILLILITRES_PER_SQUARE_METRE, SQUARE_FOOT / FLUID_OUNCE),
            Map.entry(FigureUnit.SQUARE_METRES, 1 / SQUARE_FOOT),
            Map.entry(FigureUnit.KELVIN, DEGREE),
            Map.entry(FigureUnit.DEGREES_CELSIUS, DEGREE));

    private UsUnits() {}

    static double shown(double stored, FigureUnit unit) {
        return stored * FACTORS.getOrDefault(unit, 1.0) + zero(unit);
    }

    static double stored(double shown, FigureUnit unit) {
        return (shown - zero(unit)) / FACTORS.getOrDefault(unit, 1.0);
    }

    private static double zero(FigureUnit unit) {
        return unit == FigureUnit.DEGREES_CELSIUS ? FREEZING : 0;
    }
}

package lumko.app.platform;

import java.util.Map;
import lumko.core.figure.FigureUnit;

/** The units that are read in the United States, and how figures are read in them: what is stored, times a factor. */
public final class UsUnits {
    public static final double METRES_A_FOOT = 0.3048;
    public static final double MILLIMETRES_AN_INCH = 25.4;
    public static final double LITRES_A_GALLON = 3.785411784;
    public static final double LITRES_A_QUART = LITRES_A_GALLON / 4;

    static final double LITRES_A_FLUID_OUNCE = LITRES_A_GALLON / 128;
    static final double SQUARE_METRES_A_SQUARE_FOOT = METRES_A_FOOT * METRES_A_FOOT;
    private static final double MILLILITRES = 1000;
    private static final double DEGREE = 1.8;
    private static final double FREEZING = 32;

    private static final Map<FigureUnit, Double> FACTORS = Map.ofEntries(
            Map.entry(FigureUnit.MINUTES_PER_METRE, METRES_A_FOOT),
            Map.entry(FigureUnit.MINUTES_PER_SQUARE_METRE, SQUARE_METRES_A_SQUARE_FOOT),
            Map.entry(FigureUnit.MINUTES_PER_LITRE, LITRES_A_QUART),
            Map.entry(FigureUnit.SQUARE_METRES_PER_LITRE, LITRES_A_GALLON / SQUARE_METRES_A_SQUARE_FOOT),
            Map.entry(FigureUnit.LITRES, 1 / LITRES_A_QUART),
            Map.entry(FigureUnit.MILLIMETRES, 1 / MILLIMETRES_AN_INCH),
            // thousandths of an inch
            Map.entry(FigureUnit.MICROMETRES, 1 / MILLIMETRES_AN_INCH),
            Map.entry(FigureUnit.METRES, 1 / METRES_A_FOOT),
            Map.entry(FigureUnit.PER_SQUARE_METRE, SQUARE_METRES_A_SQUARE_FOOT),
            Map.entry(
                    FigureUnit.MILLILITRES_PER_SQUARE_METRE,
                    SQUARE_METRES_A_SQUARE_FOOT / (LITRES_A_FLUID_OUNCE * MILLILITRES)),
            Map.entry(FigureUnit.SQUARE_METRES, 1 / SQUARE_METRES_A_SQUARE_FOOT),
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

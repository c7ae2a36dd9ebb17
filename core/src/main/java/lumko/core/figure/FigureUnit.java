package lumko.core.figure;

/** What a figure is counted in. */
public enum FigureUnit {
    MINUTES,
    MINUTES_EACH,
    MINUTES_PER_METRE,
    MINUTES_PER_SQUARE_METRE,
    MINUTES_PER_LITRE,
    HOURS,
    SQUARE_METRES_PER_LITRE,
    LITRES,
    FACTOR,
    COUNT,
    PERCENT,
    MILLIMETRES,
    METRES,
    GLOSS_UNITS,
    LIGHTNESS,
    CHROMA,
    YEARS,
    YEAR,
    DAYS,
    DEGREES_CELSIUS,
    KELVIN,
    PER_SQUARE_METRE
}

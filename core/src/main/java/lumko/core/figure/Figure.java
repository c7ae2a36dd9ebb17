package lumko.core.figure;

import static lumko.core.figure.FigureUnit.*;

/**
 * A number that a plan rests on, with its starting value and the range an organisation may set. The starting values are
 * ordinary trade ranges; where the trade gives a range its middle was taken. Those marked ASSUMPTION are the project's own
 * estimates.
 */
public enum Figure {
    // Labour of one trained person
    SET_UP(Group.LABOUR, MINUTES, 20, 0, 240),
    PACK_UP(Group.LABOUR, MINUTES, 15, 0, 240),
    PLATE_OFF(Group.LABOUR, MINUTES_EACH, 1.5, 0, 60),
    PLATE_BACK(Group.LABOUR, MINUTES_EACH, 2, 0, 60),
    PROTECT_FLOOR(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 1.0, 0, 30),
    TAPE_ON(Group.LABOUR, MINUTES_PER_METRE, 0.35, 0, 10),
    TAPE_OFF(Group.LABOUR, MINUTES_PER_METRE, 0.15, 0, 10),
    /** ASSUMPTION: pulling, unscrewing or knocking in one fixing and tapping its rim below the surface. */
    MAKE_SOUND(Group.LABOUR, MINUTES_EACH, 0.3, 0, 30),
    NAIL_HOLE_FILL(Group.LABOUR, MINUTES_EACH, 0.8, 0.1, 60),
    SCREW_HOLE_FILL(Group.LABOUR, MINUTES_EACH, 1.2, 0.1, 60),
    ANCHOR_FILL(Group.LABOUR, MINUTES_EACH, 2.5, 0.1, 60),
    DING_FILL(Group.LABOUR, MINUTES_EACH, 1.0, 0.1, 60),
    SMALL_HOLE_FIRST(Group.LABOUR, MINUTES_EACH, 10, 1, 240),
    SMALL_HOLE_NEXT(Group.LABOUR, MINUTES_EACH, 5, 1, 240),
    MEDIUM_HOLE_FIRST(Group.LABOUR, MINUTES_EACH, 25, 1, 240),
    MEDIUM_HOLE_NEXT(Group.LABOUR, MINUTES_EACH, 9, 1, 240),
    LARGE_HOLE_FIRST(Group.LABOUR, MINUTES_EACH, 70, 1, 480),
    LARGE_HOLE_NEXT(Group.LABOUR, MINUTES_EACH, 13.5, 1, 240),
    CRACK_FIRST(Group.LABOUR, MINUTES_PER_METRE, 5, 0.1, 120),
    CRACK_NEXT(Group.LABOUR, MINUTES_PER_METRE, 2, 0.1, 120),
    SAND_SPOT(Group.LABOUR, MINUTES_EACH, 0.5, 0, 60),
    SAND_WALL(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 0.8, 0, 30),
    DUST_AND_WIPE(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 0.4, 0, 30),
    SPOT_PRIME(Group.LABOUR, MINUTES_EACH, 0.4, 0, 60),
    SPOT_PRIME_LEAST(Group.LABOUR, MINUTES, 8, 0, 60),
    TOUCH_UP_SET_OUT(Group.LABOUR, MINUTES, 8, 0, 60),
    DAB(Group.LABOUR, MINUTES_EACH, 1.0, 0.1, 60),
    FEATHER(Group.LABOUR, MINUTES_EACH, 2.5, 0.1, 60),
    /** ASSUMPTION: feathering out a patch larger than a spot, added to the figure for each. */
    FEATHER_AREA(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 6, 0, 60),
    CUT_IN(Group.LABOUR, MINUTES_PER_METRE, 1.0, 0.1, 30),
    CUT_IN_AGAIN(Group.LABOUR, MINUTES_PER_METRE, 0.3, 0, 30),
    ROLL_WALL(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 1.3, 0.1, 30),
    SKIM_FIRST(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 6, 0.1, 60),
    SKIM_SECOND(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 4, 0.1, 60),
    PRIME_WALL(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 1.3, 0.1, 30),
    INSPECT(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 0.3, 0, 30),
    WASH_BRUSH(Group.LABOUR, MINUTES_EACH, 5, 0, 60),
    WASH_SLEEVE(Group.LABOUR, MINUTES_EACH, 7, 0, 60),

    // Paint
    SPREAD_EMULSION(Group.PAINT, SQUARE_METRES_PER_LITRE, 10, 3, 20),
    SPREAD_PRIMER(Group.PAINT, SQUARE_METRES_PER_LITRE, 7, 3, 20),
    SPREAD_STAIN_BLOCK(Group.PAINT, SQUARE_METRES_PER_LITRE, 8.5, 3, 20),
    LOSS_ROLLER(Group.PAINT, LITRES, 0.15, 0, 2),
    LOSS_BRUSH(Group.PAINT, PERCENT, 3, 0, 50),
    LOSS_TIN(Group.PAINT, PERCENT, 2, 0, 50),
    ROLLED_COATS(Group.PAINT, COUNT, 2, 1, 4),
    TEXTURE_ORANGE_PEEL(Group.PAINT, FACTOR, 1.10, 1, 3),
    TEXTURE_LIGHT_KNOCK_DOWN(Group.PAINT, FACTOR, 1.15, 1, 3),
    TEXTURE_HEAVY(Group.PAINT, FACTOR, 1.30, 1, 3),
    TEXTURE_BARE_MASONRY(Group.PAINT, FACTOR, 1.45, 1, 3),
    /** ASSUMPTION: what a litre of wall paint costs, in minutes of a painter's time. */
    LITRE_IN_MINUTES(Group.PAINT, MINUTES_PER_LITRE, 20, 0, 500),
    /** ASSUMPTION: filler shrinks by the middle of the 10–20 % given for drying compound. */
    FILLER_SHRINKAGE(Group.PAINT, PERCENT, 15, 0, 50),

    // Waits at 21 °C and 50 % relative humidity in moving air, the likely value
    DRY_SPACKLE(Group.DRYING, HOURS, 0.75, 0.1, 48),
    DRY_DRYING_COMPOUND(Group.DRYING, HOURS, 17, 0.5, 120),
    DRY_SETTING_COMPOUND(Group.DRYING, HOURS, 1.5, 0.2, 48),
    DRY_TWO_PART(Group.DRYING, HOURS, 0.4, 0.1, 24),
    DRY_PLASTER(Group.DRYING, HOURS, 72, 1, 1000),
    DRY_CAULK(Group.DRYING, HOURS, 1, 0.1, 48),
    DRY_PRIMER(Group.DRYING, HOURS, 1.5, 0.1, 48),
    DRY_EMULSION(Group.DRYING, HOURS, 3, 0.5, 48),
    DRY_TRIM_WATER(Group.DRYING, HOURS, 5, 0.5, 72),
    DRY_TRIM_SOLVENT(Group.DRYING, HOURS, 20, 1, 120),
    DRY_DAMP_WALL(Group.DRYING, HOURS, 2, 0.1, 48),
    /** ASSUMPTION: without moving air the wet boundary layer stays; waits are this much longer. */
    STILL_AIR(Group.DRYING, FACTOR, 1.5, 1, 4),

    // Thresholds of the verdict
    SPOTS_TO_DAB(Group.VERDICT, COUNT, 8, 1, 100),
    SPOTS_SHARE(Group.VERDICT, PERCENT, 3, 0.1, 100),
    SPOT_DIAMETER(Group.VERDICT, MILLIMETRES, 20, 3, 200),
    SANDED_BEYOND_FILLER(Group.VERDICT, MILLIMETRES, 2, 0, 50),
    SKIM_PER_SQUARE_METRE(Group.VERDICT, PER_SQUARE_METRE, 6, 1, 100),
    SKIM_SHARE(Group.VERDICT, PERCENT, 10, 1, 100),
    DARK_BELOW(Group.VERDICT, LIGHTNESS, 45, 0, 100),
    STRONG_ABOVE(Group.VERDICT, CHROMA, 35, 0, 150),
    GLOSS_ABOVE(Group.VERDICT, GLOSS_UNITS, 15, 0, 100),
    FILM_OLD_AFTER(Group.VERDICT, YEARS, 4, 0, 50),
    SHEEN_TONES_DOWN(Group.VERDICT, DAYS, 7, 0, 60),
    EYE_BAND_FROM(Group.VERDICT, METRES, 1.2, 0, 3),
    EYE_BAND_TO(Group.VERDICT, METRES, 1.9, 0, 3),
    /** ASSUMPTION: minutes that a late or disappointed tenant costs on top of the second visit. */
    DELAY_OF_COMING_BACK(Group.VERDICT, MINUTES, 30, 0, 1000),

    // Safety
    /** ASSUMPTION: houses built before this year are treated as having lead in old coats until tested; local rules differ. */
    LEAD_BEFORE(Group.SAFETY, YEAR, 1980, 1900, 2030),
    /** ASSUMPTION: textured coatings in houses built before this year are not disturbed until sampled; local rules differ. */
    ASBESTOS_BEFORE(Group.SAFETY, YEAR, 2000, 1900, 2030),
    NEAR_ELECTRICITY(Group.SAFETY, MILLIMETRES, 150, 0, 2000),
    REACH(Group.SAFETY, METRES, 2.0, 1, 3),
    COLDEST_TO_PAINT(Group.SAFETY, DEGREES_CELSIUS, 10, 0, 25),
    WARMEST_TO_PAINT(Group.SAFETY, DEGREES_CELSIUS, 30, 15, 50),
    DAMPEST_TO_PAINT(Group.SAFETY, PERCENT, 80, 30, 100);

    /** What a figure belongs to, for finding it again. */
    public enum Group {
        LABOUR,
        PAINT,
        DRYING,
        VERDICT,
        SAFETY
    }

    private final Group group;
    private final FigureUnit unit;
    private final double startingValue;
    private final double low;
    private final double high;

    Figure(Group group, FigureUnit unit, double startingValue, double low, double high) {
        this.group = group;
        this.unit = unit;
        this.startingValue = startingValue;
        this.low = low;
        this.high = high;
    }

    public Group group() {
        return group;
    }

    public FigureUnit unit() {
        return unit;
    }

    public double startingValue() {
        return startingValue;
    }

    /** The lowest value an organisation may set. */
    public double low() {
        return low;
    }

    /** The highest value an organisation may set. */
    public double high() {
        return high;
    }
}

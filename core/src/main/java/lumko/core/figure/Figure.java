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
    /** ASSUMPTION: an anchor punched in, hammered in or cut flush, before it is filled. */
    ANCHOR_IN(Group.LABOUR, MINUTES_EACH, 0.6, 0, 30),
    /** ASSUMPTION: taking a toggle or self-drilling anchor out of a board. */
    TOGGLE_OUT(Group.LABOUR, MINUTES_EACH, 1.5, 0, 60),
    /** ASSUMPTION: a new screw beside a popped one, the old one driven home. */
    FASTENER_RESET(Group.LABOUR, MINUTES_EACH, 3, 0, 60),
    /** ASSUMPTION: cutting loose paper away and sealing what is raw. */
    SEAL_RAW_PAPER(Group.LABOUR, MINUTES_EACH, 1.5, 0, 60),
    BOX_GAP_FIRST(Group.LABOUR, MINUTES_EACH, 10, 1, 240),
    BOX_GAP_NEXT(Group.LABOUR, MINUTES_EACH, 6, 1, 240),
    /** ASSUMPTION: wetting new plaster every ten minutes for 60–90 minutes. */
    KEEP_DAMP(Group.LABOUR, MINUTES_EACH, 6, 0, 60),
    CAULK_OUT(Group.LABOUR, MINUTES_PER_METRE, 1.5, 0.1, 60),
    CAULK_BEAD(Group.LABOUR, MINUTES_PER_METRE, 1.2, 0.1, 60),
    WASH(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 1.2, 0, 30),
    /** ASSUMPTION: a mould killer put on, left to work, rinsed off. */
    KILL_MOULD(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 4, 0, 60),
    STRIP_PAPER(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 9, 1, 60),
    SAND_GLUE(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 1.5, 0, 60),
    /** ASSUMPTION: scraping flakes, nibs, runs or old filler flat and feathering the edge. */
    SCRAPE_FLAT(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 8, 0, 120),
    /** ASSUMPTION: lumps taken down by hand, 60–80 first, 120 last. */
    SAND_LUMPS(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 10, 0, 120),
    /** ASSUMPTION: wiring rust off, degreasing. */
    WIRE_OFF_RUST(Group.LABOUR, MINUTES_EACH, 5, 0, 120),
    /** ASSUMPTION: a place stippled or sprayed to the texture round it. */
    RESTORE_TEXTURE(Group.LABOUR, MINUTES_EACH, 4, 0, 60),
    /** ASSUMPTION: overfilled places take this much longer to sand than those struck flush. */
    OVERFILL_SANDING(Group.LABOUR, FACTOR, 1.6, 1, 5),
    /** ASSUMPTION: levelling wet with a sponge against sanding dry, without the dust protection. */
    SPONGE_LEVELLING(Group.LABOUR, FACTOR, 1.2, 0.2, 5),
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
    CUT_IN_LOOSE(Group.LABOUR, MINUTES_PER_METRE, 0.6, 0.1, 30),
    /** ASSUMPTION: cutting in after rolling, where drips and bumps are wiped at once. */
    CUT_AFTER_ROLLING(Group.LABOUR, FACTOR, 0.85, 0.2, 2),
    ROLL_CEILING(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 1.6, 0.1, 30),
    ROLL_WIDE(Group.LABOUR, FACTOR, 0.7, 0.2, 1),
    /** ASSUMPTION: what the wide frame, sleeve and tray cost to get out and wash more than the usual ones, a colour. */
    WIDE_ROLLER_SET_OUT(Group.LABOUR, MINUTES, 8, 0, 60),
    ROLL_ADVANCE_50(Group.LABOUR, FACTOR, 1.6, 1, 3),
    /** ASSUMPTION: laying off in several passes. */
    LAY_OFF_SEVERAL(Group.LABOUR, FACTOR, 1.1, 1, 3),
    TRIM_BRUSH(Group.LABOUR, MINUTES_PER_METRE, 2.2, 0.1, 30),
    DOOR_SIDE(Group.LABOUR, MINUTES_EACH, 25, 1, 240),
    WINDOW_CASING(Group.LABOUR, MINUTES_EACH, 12, 1, 240),
    /** ASSUMPTION: keying trim with 220 before it is painted. */
    SAND_TRIM(Group.LABOUR, MINUTES_PER_METRE, 0.6, 0, 30),
    /** ASSUMPTION: a light sand of a primer coat. */
    SAND_PRIMER(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 0.4, 0, 30),
    /** ASSUMPTION: a patch of the next coat, and the cross cut when it is dry. */
    TEST_PATCH(Group.LABOUR, MINUTES_EACH, 10, 0, 60),
    /** ASSUMPTION: bleed, bumps and wavy lines put right, along exact edges. */
    CORRECT(Group.LABOUR, MINUTES_PER_METRE, 0.1, 0, 10),
    /** ASSUMPTION: scoring along dry tape before it is pulled. */
    SCORE_TAPE(Group.LABOUR, MINUTES_PER_METRE, 0.1, 0, 10),
    EVERY_TIME_CORNER(Group.LABOUR, MINUTES_EACH, 6, 0, 120),
    SPLASH_ZONE(Group.LABOUR, MINUTES_EACH, 8, 0, 120),
    ABOVE_BATH(Group.LABOUR, MINUTES_EACH, 8, 0, 120),
    /** ASSUMPTION: loosening a plate so that the brush gets behind it. */
    PLATE_LOOSENED(Group.LABOUR, MINUTES_EACH, 1, 0, 30),
    /** ASSUMPTION: masking a plate in place, on and off. */
    PLATE_MASKED(Group.LABOUR, MINUTES_EACH, 1.5, 0, 30),
    /** ASSUMPTION: painting up to a plate and scraping its edge clean. */
    PLATE_SCRAPED(Group.LABOUR, MINUTES_EACH, 0.6, 0, 30),
    RAIL_OFF_AND_ON(Group.LABOUR, MINUTES_EACH, 12, 0, 120),
    RAIL_MASKED(Group.LABOUR, MINUTES_EACH, 5, 0, 120),
    RADIATOR_BEHIND(Group.LABOUR, MINUTES_EACH, 10, 0, 240),
    RADIATOR_LIFTED(Group.LABOUR, MINUTES_EACH, 30, 0, 240),
    /** ASSUMPTION: what putting a brushed halo right costs where it shows. */
    HALO_PUT_RIGHT(Group.LABOUR, MINUTES, 15, 0, 240),
    /** ASSUMPTION: what a fitting costs that no longer works, or breaks. */
    FITTING_BROKEN(Group.LABOUR, MINUTES, 60, 0, 1000),
    /** ASSUMPTION: sweeping the floor before trim, and before it is protected late. */
    SWEEP(Group.LABOUR, MINUTES_PER_SQUARE_METRE, 0.3, 0, 10),
    SCRAPE_GLASS(Group.LABOUR, MINUTES_EACH, 4, 0, 60),
    CHANGE_LINER(Group.LABOUR, MINUTES_EACH, 1, 0, 30),
    BAG_TOOL(Group.LABOUR, MINUTES_EACH, 1.5, 0, 30),
    /** ASSUMPTION: a new sleeve taken over with tape; damped; washed, spun and dried. */
    SLEEVE_TAPED(Group.LABOUR, MINUTES, 1, 0, 30),
    SLEEVE_DAMPED(Group.LABOUR, MINUTES, 1.5, 0, 30),
    SLEEVE_WASHED(Group.LABOUR, MINUTES, 6, 0, 60),
    WASH_BRUSH(Group.LABOUR, MINUTES_EACH, 5, 0, 60),
    WASH_SLEEVE(Group.LABOUR, MINUTES_EACH, 7, 0, 60),

    // Paint
    SPREAD_EMULSION(Group.PAINT, SQUARE_METRES_PER_LITRE, 10, 3, 20),
    SPREAD_PRIMER(Group.PAINT, SQUARE_METRES_PER_LITRE, 7, 3, 20),
    SPREAD_STAIN_BLOCK(Group.PAINT, SQUARE_METRES_PER_LITRE, 8.5, 3, 20),
    SPREAD_MIST_COAT(Group.PAINT, SQUARE_METRES_PER_LITRE, 9, 3, 20),
    SPREAD_TRIM(Group.PAINT, SQUARE_METRES_PER_LITRE, 11, 3, 20),
    /** ASSUMPTION: a metre of skirting or casing as a strip this wide. */
    TRIM_STRIP(Group.PAINT, MILLIMETRES, 150, 20, 500),
    /** ASSUMPTION: a side of a door with its frame. */
    DOOR_SIDE_LITRES(Group.PAINT, LITRES, 0.2, 0.01, 2),
    /** ASSUMPTION: overfilling takes this much more filler. */
    OVERFILL(Group.PAINT, FACTOR, 1.25, 1, 3),
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
    DRY_FINE_FILLER(Group.DRYING, HOURS, 1.5, 0.1, 48),
    DRY_TEXTURE(Group.DRYING, HOURS, 2.5, 0.1, 48),
    DRY_ADHESION_PRIMER(Group.DRYING, HOURS, 12, 0.5, 72),
    DRY_SEAL_BEAD(Group.DRYING, HOURS, 0.75, 0.1, 24),
    DRY_EMULSION_TO_TAPE(Group.DRYING, HOURS, 24, 1, 168),
    OPEN_TIME(Group.DRYING, MINUTES, 11.5, 1, 60),
    /** Waterborne paint is fully cured after this; until then it takes no tape, no scrubbing, and sheds some sheen. */
    FULL_CURE(Group.DRYING, DAYS, 30, 1, 120),
    KEEP_DAMP_FOR(Group.DRYING, MINUTES, 75, 10, 240),
    BAGGED_TOOLS_KEEP(Group.DRYING, DAYS, 7, 1, 60),
    /** ASSUMPTION: bagged and cold, tools keep twice as long as at room temperature. */
    BAGGED_COLD_KEEP(Group.DRYING, DAYS, 14, 1, 90),
    BLEED_WIPES_OFF(Group.DRYING, DAYS, 2, 0, 10),
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
    /** ASSUMPTION: a repair wider than this leaves a smooth island on a textured wall. */
    SMOOTH_ISLAND_ABOVE(Group.VERDICT, MILLIMETRES, 60, 5, 1000),
    /** ASSUMPTION: so many ticked steps of a kind before the organisation's own median is offered. */
    OWN_MINUTES_FROM(Group.VERDICT, COUNT, 5, 3, 100),
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
    ABOVE_DEW_POINT(Group.SAFETY, KELVIN, 3, 0, 10),
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

package lumko.core.figure;

import static lumko.core.figure.FigureGroup.*;
import static lumko.core.figure.FigureSource.*;
import static lumko.core.figure.FigureUnit.*;

/**
 * A number that a plan rests on, with its starting value, the range an organisation may set, and where it comes from.
 */
public enum Figure {
    SET_UP(LABOUR, MINUTES, 20, 0, 240),
    PACK_UP(LABOUR, MINUTES, 15, 0, 240),
    /** A working day, Monday to Friday. */
    WORK_FROM(LABOUR, HOUR_OF_DAY, 7.5, 0, 23, ASSUMED),
    WORK_TO(LABOUR, HOUR_OF_DAY, 16, 1, 24, ASSUMED),
    BREAK_FROM(LABOUR, HOUR_OF_DAY, 12, 0, 23, ASSUMED),
    BREAK_FOR(LABOUR, MINUTES, 30, 0, 240, ASSUMED),
    /** Longer work is planned in pieces, which somebody else may go on with. */
    AT_ONE_GO(LABOUR, MINUTES, 120, 15, 480, ASSUMED),
    WAY_FROM_DEPOT(LABOUR, MINUTES, 15, 0, 240, ASSUMED),
    WAY_BETWEEN_HOUSES(LABOUR, MINUTES, 25, 0, 240, ASSUMED),
    /** Tools bagged, carried over, set out. */
    WAY_BETWEEN_FLATS(LABOUR, MINUTES, 10, 0, 240, ASSUMED),
    /** What a room comes to that nobody has walked yet. */
    ROOM_NOT_WALKED(LABOUR, MINUTES_EACH, 120, 0, 2400, ASSUMED),
    /** How many heaters there are to be put into flats while something dries. */
    HEATERS(LABOUR, COUNT, 2, 0, 50, ASSUMED),
    /** Between the last coat and a tenant who moves in. */
    AIRED_FOR(DRYING, HOURS, 24, 0, 720, ASSUMED),
    PLATE_OFF(LABOUR, MINUTES_EACH, 1.5, 0, 60),
    PLATE_BACK(LABOUR, MINUTES_EACH, 2, 0, 60),
    PROTECT_FLOOR(LABOUR, MINUTES_PER_SQUARE_METRE, 1.0, 0, 30),
    TAPE_ON(LABOUR, MINUTES_PER_METRE, 0.35, 0, 10),
    TAPE_OFF(LABOUR, MINUTES_PER_METRE, 0.15, 0, 10),
    /** Pulling, unscrewing or knocking in one fixing and tapping its rim below the surface. */
    MAKE_SOUND(LABOUR, MINUTES_EACH, 0.3, 0, 30, ASSUMED),
    NAIL_HOLE_FILL(LABOUR, MINUTES_EACH, 0.8, 0.1, 60),
    SCREW_HOLE_FILL(LABOUR, MINUTES_EACH, 1.2, 0.1, 60),
    ANCHOR_FILL(LABOUR, MINUTES_EACH, 2.5, 0.1, 60),
    DING_FILL(LABOUR, MINUTES_EACH, 1.0, 0.1, 60),
    SMALL_HOLE_FIRST(LABOUR, MINUTES_EACH, 10, 1, 240),
    SMALL_HOLE_NEXT(LABOUR, MINUTES_EACH, 5, 1, 240),
    MEDIUM_HOLE_FIRST(LABOUR, MINUTES_EACH, 25, 1, 240),
    MEDIUM_HOLE_NEXT(LABOUR, MINUTES_EACH, 9, 1, 240),
    LARGE_HOLE_FIRST(LABOUR, MINUTES_EACH, 70, 1, 480),
    LARGE_HOLE_NEXT(LABOUR, MINUTES_EACH, 13.5, 1, 240),
    CRACK_FIRST(LABOUR, MINUTES_PER_METRE, 5, 0.1, 120),
    CRACK_NEXT(LABOUR, MINUTES_PER_METRE, 2, 0.1, 120),
    /** An anchor punched in, hammered in or cut flush, before it is filled. */
    ANCHOR_IN(LABOUR, MINUTES_EACH, 0.6, 0, 30, ASSUMED),
    /** Taking a toggle or self-drilling anchor out of a board. */
    TOGGLE_OUT(LABOUR, MINUTES_EACH, 1.5, 0, 60, ASSUMED),
    /** A new screw beside a popped one, the old one driven home. */
    FASTENER_RESET(LABOUR, MINUTES_EACH, 3, 0, 60, ASSUMED),
    /** Cutting loose paper away and sealing what is raw. */
    SEAL_RAW_PAPER(LABOUR, MINUTES_EACH, 1.5, 0, 60, ASSUMED),
    BOX_GAP_FIRST(LABOUR, MINUTES_EACH, 10, 1, 240),
    BOX_GAP_NEXT(LABOUR, MINUTES_EACH, 6, 1, 240),
    /** Wetting new plaster every ten minutes for 60–90 minutes. */
    KEEP_DAMP(LABOUR, MINUTES_EACH, 6, 0, 60, ASSUMED),
    CAULK_OUT(LABOUR, MINUTES_PER_METRE, 1.5, 0.1, 60),
    CAULK_BEAD(LABOUR, MINUTES_PER_METRE, 1.2, 0.1, 60),
    WASH(LABOUR, MINUTES_PER_SQUARE_METRE, 1.2, 0, 30),
    /** A mould killer put on, left to work, rinsed off. */
    KILL_MOULD(LABOUR, MINUTES_PER_SQUARE_METRE, 4, 0, 60, ASSUMED),
    STRIP_PAPER(LABOUR, MINUTES_PER_SQUARE_METRE, 9, 1, 60),
    SAND_GLUE(LABOUR, MINUTES_PER_SQUARE_METRE, 1.5, 0, 60),
    /** Scraping flakes, nibs, runs or old filler flat and feathering the edge. */
    SCRAPE_FLAT(LABOUR, MINUTES_PER_SQUARE_METRE, 8, 0, 120, ASSUMED),
    /** Lumps taken down by hand, 60–80 first, 120 last. */
    SAND_LUMPS(LABOUR, MINUTES_PER_SQUARE_METRE, 10, 0, 120, ASSUMED),
    /** Wiring rust off, degreasing. */
    WIRE_OFF_RUST(LABOUR, MINUTES_EACH, 5, 0, 120, ASSUMED),
    /** A place stippled or sprayed to the texture round it. */
    RESTORE_TEXTURE(LABOUR, MINUTES_EACH, 4, 0, 60, ASSUMED),
    /** Overfilled places take this much longer to sand than those struck flush. */
    OVERFILL_SANDING(LABOUR, FACTOR, 1.6, 1, 5, ASSUMED),
    /** Levelling wet with a sponge against sanding dry, without the dust protection. */
    SPONGE_LEVELLING(LABOUR, FACTOR, 1.2, 0.2, 5, ASSUMED),
    SAND_SPOT(LABOUR, MINUTES_EACH, 0.5, 0, 60),
    SAND_WALL(LABOUR, MINUTES_PER_SQUARE_METRE, 0.8, 0, 30),
    DUST_AND_WIPE(LABOUR, MINUTES_PER_SQUARE_METRE, 0.4, 0, 30),
    SPOT_PRIME(LABOUR, MINUTES_EACH, 0.4, 0, 60),
    SPOT_PRIME_LEAST(LABOUR, MINUTES, 8, 0, 60),
    TOUCH_UP_SET_OUT(LABOUR, MINUTES, 8, 0, 60),
    DAB(LABOUR, MINUTES_EACH, 1.0, 0.1, 60),
    FEATHER(LABOUR, MINUTES_EACH, 2.5, 0.1, 60),
    /** Feathering out a patch larger than a spot, added to the figure for each. */
    FEATHER_AREA(LABOUR, MINUTES_PER_SQUARE_METRE, 6, 0, 60, ASSUMED),
    CUT_IN(LABOUR, MINUTES_PER_METRE, 1.0, 0.1, 30),
    CUT_IN_AGAIN(LABOUR, MINUTES_PER_METRE, 0.3, 0, 30),
    ROLL_WALL(LABOUR, MINUTES_PER_SQUARE_METRE, 1.3, 0.1, 30),
    SKIM_FIRST(LABOUR, MINUTES_PER_SQUARE_METRE, 6, 0.1, 60),
    SKIM_SECOND(LABOUR, MINUTES_PER_SQUARE_METRE, 4, 0.1, 60),
    PRIME_WALL(LABOUR, MINUTES_PER_SQUARE_METRE, 1.3, 0.1, 30),
    INSPECT(LABOUR, MINUTES_PER_SQUARE_METRE, 0.3, 0, 30),
    CUT_IN_LOOSE(LABOUR, MINUTES_PER_METRE, 0.6, 0.1, 30),
    /** Cutting in after rolling, where drips and bumps are wiped at once. */
    CUT_AFTER_ROLLING(LABOUR, FACTOR, 0.85, 0.2, 2, ASSUMED),
    ROLL_CEILING(LABOUR, MINUTES_PER_SQUARE_METRE, 1.6, 0.1, 30),
    ROLL_WIDE(LABOUR, FACTOR, 0.7, 0.2, 1),
    /** What the wide frame, sleeve and tray cost to get out and wash more than the usual ones, a colour. */
    WIDE_ROLLER_SET_OUT(LABOUR, MINUTES, 8, 0, 60, ASSUMED),
    ROLL_ADVANCE_50(LABOUR, FACTOR, 1.6, 1, 3),
    /** Laying off in several passes. */
    LAY_OFF_SEVERAL(LABOUR, FACTOR, 1.1, 1, 3, ASSUMED),
    TRIM_BRUSH(LABOUR, MINUTES_PER_METRE, 2.2, 0.1, 30),
    DOOR_SIDE(LABOUR, MINUTES_EACH, 25, 1, 240),
    WINDOW_CASING(LABOUR, MINUTES_EACH, 12, 1, 240),
    /** Radiators, shelves, panelling and the like, by brush or small roller, a coat. */
    BRUSH_FIXTURE(LABOUR, MINUTES_PER_SQUARE_METRE, 14, 1, 120, ASSUMED),
    /** A fixture, however small: it is laid out, brushed round every bar, and looked at from all sides. */
    FIXTURE_LEAST(LABOUR, MINUTES_EACH, 4, 0, 60, ASSUMED),
    /** Keying such with 220. */
    SAND_FIXTURE(LABOUR, MINUTES_PER_SQUARE_METRE, 5, 0, 60, ASSUMED),
    /** Keying trim with 220 before it is painted. */
    SAND_TRIM(LABOUR, MINUTES_PER_METRE, 0.6, 0, 30, ASSUMED),
    /** A light sand of a primer coat. */
    SAND_PRIMER(LABOUR, MINUTES_PER_SQUARE_METRE, 0.4, 0, 30, ASSUMED),
    /** A patch of the next coat, and the cross cut when it is dry. */
    TEST_PATCH(LABOUR, MINUTES_EACH, 10, 0, 60, ASSUMED),
    /** Bleed, bumps and wavy lines put right, along exact edges. */
    CORRECT(LABOUR, MINUTES_PER_METRE, 0.1, 0, 10, ASSUMED),
    /** Scoring along dry tape before it is pulled. */
    SCORE_TAPE(LABOUR, MINUTES_PER_METRE, 0.1, 0, 10, ASSUMED),
    EVERY_TIME_CORNER(LABOUR, MINUTES_EACH, 6, 0, 120),
    SPLASH_ZONE(LABOUR, MINUTES_EACH, 8, 0, 120),
    ABOVE_BATH(LABOUR, MINUTES_EACH, 8, 0, 120),
    /** Loosening a plate so that the brush gets behind it. */
    PLATE_LOOSENED(LABOUR, MINUTES_EACH, 1, 0, 30, ASSUMED),
    /** Masking a plate in place, on and off. */
    PLATE_MASKED(LABOUR, MINUTES_EACH, 1.5, 0, 30, ASSUMED),
    /** Painting up to a plate and scraping its edge clean. */
    PLATE_SCRAPED(LABOUR, MINUTES_EACH, 0.6, 0, 30, ASSUMED),
    RAIL_OFF_AND_ON(LABOUR, MINUTES_EACH, 12, 0, 120),
    RAIL_MASKED(LABOUR, MINUTES_EACH, 5, 0, 120),
    RADIATOR_BEHIND(LABOUR, MINUTES_EACH, 10, 0, 240),
    RADIATOR_LIFTED(LABOUR, MINUTES_EACH, 30, 0, 240),
    /** What putting a brushed halo right costs where it shows. */
    HALO_PUT_RIGHT(LABOUR, MINUTES, 15, 0, 240, ASSUMED),
    /** What a fitting costs that no longer works, or breaks. */
    FITTING_BROKEN(LABOUR, MINUTES, 60, 0, 1000, ASSUMED),
    /** Sweeping the floor before trim, and before it is protected late. */
    SWEEP(LABOUR, MINUTES_PER_SQUARE_METRE, 0.3, 0, 10, ASSUMED),
    SCRAPE_GLASS(LABOUR, MINUTES_EACH, 4, 0, 60),
    CHANGE_LINER(LABOUR, MINUTES_EACH, 1, 0, 30),
    BAG_TOOL(LABOUR, MINUTES_EACH, 1.5, 0, 30),
    /** A new sleeve taken over with tape; damped; washed, spun and dried. */
    SLEEVE_TAPED(LABOUR, MINUTES, 1, 0, 30, ASSUMED),
    SLEEVE_DAMPED(LABOUR, MINUTES, 1.5, 0, 30),
    SLEEVE_WASHED(LABOUR, MINUTES, 6, 0, 60),
    WASH_BRUSH(LABOUR, MINUTES_EACH, 5, 0, 60),
    WASH_SLEEVE(LABOUR, MINUTES_EACH, 7, 0, 60),
    BOX_TINS(LABOUR, MINUTES, 5, 0, 60),
    STIR(LABOUR, MINUTES, 7.5, 0, 60),
    WRAP_FURNITURE(LABOUR, MINUTES, 10, 0, 240),
    SAND_SPOT_TO_DAB(LABOUR, MINUTES_EACH, 1.5, 0, 60),
    SECOND_ROUND_SPOT(LABOUR, MINUTES_EACH, 2, 0, 60),
    /** Brushing out a joint before a bead goes in. */
    CLEAN_JOINT(LABOUR, MINUTES_PER_METRE, 0.3, 0, 30, ASSUMED),
    /** A thin line of paint over the edge of a tape. */
    SEAL_TAPE_EDGE(LABOUR, MINUTES_PER_METRE, 0.5, 0, 10, ASSUMED),
    /** A loosened plate tightened again. */
    PLATE_TIGHTENED(LABOUR, MINUTES_EACH, 0.5, 0, 30, ASSUMED),
    /** What crept under a tape wiped off with a damp cloth over a knife tip. */
    BLEED_WIPED(LABOUR, MINUTES_PER_METRE, 3, 0, 60, ASSUMED),
    /** Exact taping and repainting of one side of a line. */
    LINE_REPAINTED(LABOUR, MINUTES_PER_METRE, 3, 0, 60, ASSUMED),
    /** What a first full coat shows is filled, sanded and spotted in. */
    FILL_WHAT_SHOWS(LABOUR, MINUTES_PER_SQUARE_METRE, 0.8, 0, 30, ASSUMED),
    /** A hollow repair filled, dried and sanded once more. */
    REFILL_HOLLOW(LABOUR, MINUTES_EACH, 2, 0, 60, ASSUMED),
    /** A whole wall of new plaster under the powered sander. */
    SAND_PLASTER_BY_MACHINE(LABOUR, MINUTES_PER_SQUARE_METRE, 2.5, 0, 60, ASSUMED),
    /** Plaster sanded back to a corner bead. */
    SAND_TO_BEAD(LABOUR, MINUTES_PER_METRE, 4, 0, 60, ASSUMED),
    /** Glue washed off instead of sanded. */
    WASH_GLUE(LABOUR, MINUTES_PER_SQUARE_METRE, 2.5, 0, 60, ASSUMED),
    /** Timber strips fixed on a finished wall. */
    FIT_STRIP(LABOUR, MINUTES_PER_METRE, 3, 0, 60, ASSUMED),
    /** Washing with a degreaser is slower than with sugar soap. */
    DEGREASE(LABOUR, MINUTES_PER_SQUARE_METRE, 2.4, 0, 30, ASSUMED),
    SPREAD_EMULSION(PAINT, SQUARE_METRES_PER_LITRE, 10, 3, 20),
    SPREAD_PRIMER(PAINT, SQUARE_METRES_PER_LITRE, 7, 3, 20),
    SPREAD_STAIN_BLOCK(PAINT, SQUARE_METRES_PER_LITRE, 8.5, 3, 20),
    SPREAD_MIST_COAT(PAINT, SQUARE_METRES_PER_LITRE, 9, 3, 20),
    SPREAD_TRIM(PAINT, SQUARE_METRES_PER_LITRE, 11, 3, 20),
    /** A metre of skirting or casing as a strip this wide. */
    TRIM_STRIP(PAINT, MILLIMETRES, 150, 20, 500, ASSUMED),
    /** A side of a door with its frame. */
    DOOR_SIDE_LITRES(PAINT, LITRES, 0.2, 0.01, 2, ASSUMED),
    /** Overfilling takes this much more filler. */
    OVERFILL(PAINT, FACTOR, 1.25, 1, 3, ASSUMED),
    LOSS_ROLLER(PAINT, LITRES, 0.15, 0, 2),
    LOSS_BRUSH(PAINT, PERCENT, 3, 0, 50),
    LOSS_TIN(PAINT, PERCENT, 2, 0, 50),
    ROLLED_COATS(PAINT, COUNT, 2, 1, 4),
    TEXTURE_ORANGE_PEEL(PAINT, FACTOR, 1.10, 1, 3),
    TEXTURE_LIGHT_KNOCK_DOWN(PAINT, FACTOR, 1.15, 1, 3),
    TEXTURE_HEAVY(PAINT, FACTOR, 1.30, 1, 3),
    TEXTURE_BARE_MASONRY(PAINT, FACTOR, 1.45, 1, 3),
    /** What a litre of wall paint costs, in minutes of a painter's time. */
    LITRE_IN_MINUTES(PAINT, MINUTES_PER_LITRE, 20, 0, 500, ASSUMED),
    /** Filler shrinks by the middle of the 10–20 % given for drying compound. */
    FILLER_SHRINKAGE(PAINT, PERCENT, 15, 0, 50, ASSUMED),
    SPREAD_ON_PRIMER(PAINT, SQUARE_METRES_PER_LITRE, 8.5, 3, 20),
    MIST_PAINT_SHARE(PAINT, PERCENT, 70, 30, 100),
    OPENING_STAYS_IN(PAINT, SQUARE_METRES, 0.5, 0, 5),
    CUT_STRIP(PAINT, MILLIMETRES, 50, 10, 200),
    SHEET_OF_PLASTER(PAINT, SQUARE_METRES, 7, 1, 100),
    SHEET_OF_PAINTED_WALL(PAINT, SQUARE_METRES, 25, 1, 500),
    SHEET_OF_SPOTS(PAINT, COUNT, 40, 1, 500),
    /** A bucket of 5 L for 20 m², of which 1 in 50 is cleaner. */
    CLEANER(PAINT, MILLILITRES_PER_SQUARE_METRE, 5, 0, 100, ASSUMED),
    /** What loading a brush and a mini roller takes up before anything reaches the wall. */
    SPOT_TOOL_LOAD(PAINT, LITRES, 0.03, 0, 1, ASSUMED),
    /** A wet film of 100 µm, twice over for what stays in the small roller. */
    SPOT_FILM(PAINT, MILLIMETRES, 0.2, 0.05, 2, ASSUMED),
    /** Wall primed round one spot, across. */
    PRIMED_ROUND_SPOT(PAINT, MILLIMETRES, 180, 20, 1000, ASSUMED),
    /** A can of half a litre of texture covers about a square metre. */
    TEXTURE_FILM(PAINT, MILLIMETRES, 0.5, 0.1, 5, ASSUMED),
    DRY_SPACKLE(DRYING, HOURS, 0.75, 0.1, 48),
    DRY_DRYING_COMPOUND(DRYING, HOURS, 17, 0.5, 120),
    DRY_SETTING_COMPOUND(DRYING, HOURS, 1.5, 0.2, 48),
    DRY_TWO_PART(DRYING, HOURS, 0.4, 0.1, 24),
    DRY_PLASTER(DRYING, HOURS, 72, 1, 1000),
    DRY_CAULK(DRYING, HOURS, 1, 0.1, 48),
    DRY_PRIMER(DRYING, HOURS, 1.5, 0.1, 48),
    DRY_EMULSION(DRYING, HOURS, 3, 0.5, 48),
    DRY_TRIM_WATER(DRYING, HOURS, 5, 0.5, 72),
    DRY_TRIM_SOLVENT(DRYING, HOURS, 20, 1, 120),
    DRY_DAMP_WALL(DRYING, HOURS, 2, 0.1, 48),
    DRY_FINE_FILLER(DRYING, HOURS, 1.5, 0.1, 48),
    DRY_TEXTURE(DRYING, HOURS, 2.5, 0.1, 48),
    DRY_ADHESION_PRIMER(DRYING, HOURS, 12, 0.5, 72),
    DRY_SEAL_BEAD(DRYING, HOURS, 0.75, 0.1, 24),
    DRY_EMULSION_TO_TAPE(DRYING, HOURS, 24, 1, 168),
    DRY_EMULSION_TO_TOUCH(DRYING, HOURS, 0.75, 0.1, 24),
    DRY_TRIM_TO_TAPE(DRYING, HOURS, 24, 1, 168),
    DRY_COMPOUND_TO_SAND(DRYING, HOURS, 12, 1, 120),
    /** Set is not dry: it is painted when pale. */
    DRY_SETTING_TO_PAINT(DRYING, HOURS, 6, 0.5, 120, ASSUMED),
    /** Fresh plaster is wetted again before the old has sucked it dry. */
    WETTED_WITHIN(DRYING, MINUTES, 10, 1, 60),
    OPEN_TIME(DRYING, MINUTES, 11.5, 1, 60),
    /** Waterborne paint is fully cured after this; until then it takes no tape, no scrubbing, and sheds some sheen. */
    FULL_CURE(DRYING, DAYS, 30, 1, 120),
    KEEP_DAMP_FOR(DRYING, MINUTES, 75, 10, 240),
    BAGGED_TOOLS_KEEP(DRYING, DAYS, 7, 1, 60),
    /** Bagged and cold, tools keep twice as long as at room temperature. */
    BAGGED_COLD_KEEP(DRYING, DAYS, 14, 1, 90, ASSUMED),
    BLEED_WIPES_OFF(DRYING, DAYS, 2, 0, 10),
    /** Without moving air the wet boundary layer stays; waits are this much longer. */
    STILL_AIR(DRYING, FACTOR, 1.5, 1, 4, ASSUMED),
    SMALL_HOLE_TO(SIZES, MILLIMETRES, 50, 20, 100),
    MEDIUM_HOLE_TO(SIZES, MILLIMETRES, 150, 60, 400),
    /** A covered hole no wider than this is done in two coats. */
    TWO_COATS_TO(SIZES, MILLIMETRES, 25, 5, 100, ASSUMED),
    HAIRLINE_TO(SIZES, MILLIMETRES, 0.5, 0.1, 2),
    WIDE_CRACK_FROM(SIZES, MILLIMETRES, 2, 0.5, 10),
    GAP_CAULKED_TO(SIZES, MILLIMETRES, 3, 1, 20),
    /** A crack that gapes so far is no longer a matter of filler. */
    STRUCTURE_FROM(SIZES, MILLIMETRES, 5, 1, 20, ASSUMED),
    SPACKLE_ONE_FILL(SIZES, MILLIMETRES, 3, 1, 10),
    KNIFE_FIRST(SIZES, MILLIMETRES, 150, 50, 600),
    KNIFE_SECOND(SIZES, MILLIMETRES, 250, 50, 600),
    KNIFE_THIRD(SIZES, MILLIMETRES, 300, 50, 600),
    /** A knife reaches so far past what it fills, both sides together. */
    KNIFE_BEYOND(SIZES, MILLIMETRES, 8, 0, 100, ASSUMED),
    /** A hole in board is as deep as the board. */
    SHELL(SIZES, MILLIMETRES, 12.5, 5, 50),
    /** Filler struck off flush reaches so far past the rim. */
    FILLED_PAST(SIZES, MILLIMETRES, 2, 0, 30, ASSUMED),
    /** What is filled where a rim was knocked in. */
    RIM_FILL(SIZES, MILLIMETRES, 2, 0.5, 10, ASSUMED),
    /** A second fastener is set so far beside a popped one. */
    FASTENER_BESIDE(SIZES, MILLIMETRES, 40, 10, 100, ASSUMED),
    /** How far two fasteners are feathered out. */
    FASTENER_FEATHERED(SIZES, MILLIMETRES, 60, 10, 300, ASSUMED),
    /** The dent that a plug leaves, in widths of the plug: unscrewed, punched in, hammered in, cut flush. */
    DENT_UNSCREWED(SIZES, FACTOR, 1.5, 1, 5, ASSUMED),
    DENT_PUNCHED(SIZES, FACTOR, 1.6, 1, 5, ASSUMED),
    DENT_HAMMERED(SIZES, FACTOR, 2.4, 1, 5, ASSUMED),
    DENT_CUT_FLUSH(SIZES, FACTOR, 1.2, 1, 5, ASSUMED),
    /** How far below the surface a plug is driven. */
    PLUG_BELOW(SIZES, MILLIMETRES, 4, 1, 20, ASSUMED),
    PLUG_CUT_BELOW(SIZES, MILLIMETRES, 1.5, 0.5, 10, ASSUMED),
    /** How wide and deep a crack is raked. */
    RAKED_GROOVE(SIZES, MILLIMETRES, 3, 1, 20, ASSUMED),
    /** How wide a filled hairline is in the end. */
    CRACK_FILLED_ACROSS(SIZES, MILLIMETRES, 50, 5, 300, ASSUMED),
    /** How deep a gap is packed before its bead. */
    GAP_PACKED_DEEP(SIZES, MILLIMETRES, 10, 1, 50, ASSUMED),
    BEAD_LEAST(SIZES, MILLIMETRES, 5, 1, 20, ASSUMED),
    /** What is painted beside a bead. */
    BEAD_BESIDE(SIZES, MILLIMETRES, 10, 0, 100, ASSUMED),
    /** Tooling a bead with a cloth, and with a tool, against a wet finger. */
    TOOLED_WITH_CLOTH(LABOUR, FACTOR, 1.1, 0.2, 3, ASSUMED),
    TOOLED_WITH_TOOL(LABOUR, FACTOR, 0.9, 0.2, 3, ASSUMED),
    /** How far plaster runs past the hole it fills. */
    PLASTER_PAST(SIZES, MILLIMETRES, 20, 0, 200, ASSUMED),
    /** A patch round a box is buttered so thick. */
    BOX_PATCH_BED(SIZES, MILLIMETRES, 3, 1, 20),
    /** How far a thin skim runs past torn paper. */
    SKIM_PAST(SIZES, MILLIMETRES, 20, 0, 200, ASSUMED),
    /** How far the step of a scraped place is feathered. */
    RIM_FEATHERED(SIZES, MILLIMETRES, 50, 5, 300, ASSUMED),
    /** How far the paint is sanded past what was shaved off. */
    SHAVED_BEYOND(SIZES, MILLIMETRES, 10, 0, 200, ASSUMED),
    /** How far the paint is sanded beside a run. */
    RUN_SANDED_BESIDE(SIZES, MILLIMETRES, 10, 0, 200, ASSUMED),
    /** More lumps than this are taken down by machine. */
    LUMPS_BY_MACHINE(SIZES, SQUARE_METRES, 2, 0.1, 50, ASSUMED),
    /** Panels meet so often. */
    SEAM_EVERY(SIZES, METRES, 1.2, 0.3, 5, ASSUMED),
    /** How far beyond an old patch the feathering runs: a hand's width. */
    FEATHERED_BEYOND(SIZES, MILLIMETRES, 100, 0, 500, ASSUMED),
    /** Of a skim coat, the average of the first and of the thinner second. */
    SKIM_FILM(SIZES, MILLIMETRES, 0.6, 0.1, 5, ASSUMED),
    SKIM_FILM_AGAIN(SIZES, MILLIMETRES, 0.3, 0.1, 5, ASSUMED),
    /** New plaster on masonry, base and finish. */
    PLASTER_COAT(SIZES, MILLIMETRES, 12, 3, 40, ASSUMED),
    /** What a skim dries by: where it is thickest. */
    SKIM_THICKEST(SIZES, MILLIMETRES, 1, 0.1, 10, ASSUMED),
    /** A sheet along a wall that is rolled. */
    FLOOR_STRIP(SIZES, METRES, 1, 0.1, 5, ASSUMED),
    /** A sheet below a spot. */
    FLOOR_BELOW_SPOT(SIZES, SQUARE_METRES, 0.5, 0, 5, ASSUMED),
    /** What is wiped round a spot: about half a metre square. */
    WIPED_ROUND_SPOT(SIZES, SQUARE_METRES, 0.25, 0, 5, ASSUMED),
    SPOTS_SHARE(VERDICT, PERCENT, 3, 0.1, 100),
    SPOT_DIAMETER(VERDICT, MILLIMETRES, 20, 3, 200),
    SANDED_BEYOND_FILLER(VERDICT, MILLIMETRES, 2, 0, 50),
    SKIM_PER_SQUARE_METRE(VERDICT, PER_SQUARE_METRE, 6, 1, 100),
    SKIM_SHARE(VERDICT, PERCENT, 10, 1, 100),
    /** How far the colour of what goes on may be off for all spots at once, one standard deviation. */
    SPREAD_SAME_TIN(VERDICT, COLOUR_DIFFERENCE, 0.2, 0, 10, ASSUMED),
    SPREAD_SAME_BATCH(VERDICT, COLOUR_DIFFERENCE, 0.3, 0, 10, ASSUMED),
    SPREAD_BOUGHT_AGAIN(VERDICT, COLOUR_DIFFERENCE, 0.7, 0, 10, ASSUMED),
    SPREAD_OTHER_PAINT(VERDICT, COLOUR_DIFFERENCE, 2, 0, 20, ASSUMED),
    /** What a wall shifts a year beyond the first. */
    SHIFTS_A_YEAR(VERDICT, COLOUR_DIFFERENCE, 0.15, 0, 5, ASSUMED),
    /** How far its sheen may be off, one standard deviation. */
    SHEEN_SAME_BATCH(VERDICT, GLOSS_UNITS, 0.5, 0, 20, ASSUMED),
    SHEEN_BOUGHT_AGAIN(VERDICT, GLOSS_UNITS, 1, 0, 20, ASSUMED),
    SHEEN_OTHER_PAINT(VERDICT, GLOSS_UNITS, 3, 0, 20, ASSUMED),
    NOT_SEEN(VERDICT, COLOUR_DIFFERENCE, 0.5, 0.1, 3),
    HARDLY_SEEN(VERDICT, COLOUR_DIFFERENCE, 1, 0.2, 5),
    CLEARLY_SEEN(VERDICT, COLOUR_DIFFERENCE, 2, 0.5, 10),
    /** How far each spot's colour may be off for itself: filler that drinks, a film that is thin. One standard deviation. */
    SPOT_DIFFERS(EYE, COLOUR_DIFFERENCE, 0.4, 0, 5, ASSUMED),
    /** Filler that is felt to be flush still stands out so far. */
    FILLER_FLUSH(EYE, MILLIMETRES, 0.03, 0, 1, ASSUMED),
    /** So many spots turn out badly: their filler stands out so far instead. */
    POOR_HAND(EYE, PERCENT, 10, 0, 100, ASSUMED),
    FILLER_PROUD(EYE, MILLIMETRES, 0.15, 0, 2, ASSUMED),
    /** A score from which somebody sees it, by what room it is in; 1 is seen by one who looks for it, 2 by one who does not. */
    SEEN_IN_LIVING(EYE, COLOUR_DIFFERENCE, 1.5, 0.3, 5, ASSUMED),
    SEEN_IN_BEDROOM(EYE, COLOUR_DIFFERENCE, 1.5, 0.3, 5, ASSUMED),
    SEEN_IN_HALL(EYE, COLOUR_DIFFERENCE, 1.8, 0.3, 5, ASSUMED),
    SEEN_IN_KITCHEN(EYE, COLOUR_DIFFERENCE, 1.8, 0.3, 5, ASSUMED),
    SEEN_IN_BATH(EYE, COLOUR_DIFFERENCE, 1.8, 0.3, 5, ASSUMED),
    SEEN_ON_STAIRS(EYE, COLOUR_DIFFERENCE, 1.8, 0.3, 5, ASSUMED),
    /** Touched up only where it shows no more often than so. */
    SHOWS_AT_MOST(EYE, PERCENT, 50, 1, 100, ASSUMED),
    /** What lies above or below the eyes has to differ so many times as much. */
    LESS_LOOKED_AT(EYE, FACTOR, 1.35, 1, 5, ASSUMED),
    /** From how far walls are looked at. */
    STANDS_OFF(EYE, METRES, 2, 0.3, 10),
    /** The same in halls, on stairs and in baths. */
    STANDS_CLOSE(EYE, METRES, 1.2, 0.3, 10),
    /** So many come to look. */
    LOOKERS(EYE, COUNT, 2, 1, 20, ASSUMED),
    /** So many of them look along a wall, towards the light. */
    LOOKS_ALONG(EYE, PERCENT, 10, 0, 100, ASSUMED),
    LOOKS_ALONG_HALL(EYE, PERCENT, 20, 0, 100, ASSUMED),
    /** What the sharper of two in three lookers sees is smaller by so much than what the duller sees. */
    LOOKERS_DIFFER(EYE, FACTOR, 1.35, 1, 3, ASSUMED),
    /** Of the light on a wall, so much comes from a window in a neighbouring wall. */
    LIGHT_RAKING(EYE, PERCENT, 40, 0, 100, ASSUMED),
    /** The same from one in the facing or in the same wall. */
    LIGHT_WINDOW(EYE, PERCENT, 20, 0, 100, ASSUMED),
    /** Root mean square of the relief that each tool leaves. */
    RELIEF_BRUSH(EYE, MICROMETRES, 20, 0, 200, ASSUMED),
    RELIEF_FOAM_PAD(EYE, MICROMETRES, 7, 0, 200, ASSUMED),
    RELIEF_ROLLER_END(EYE, MICROMETRES, 12, 0, 200, ASSUMED),
    RELIEF_ROLLER(EYE, MICROMETRES, 25, 0, 200, ASSUMED),
    RELIEF_LONG_NAP(EYE, MICROMETRES, 50, 0, 200, ASSUMED),
    DARK_BELOW(VERDICT, LIGHTNESS, 45, 0, 100),
    STRONG_ABOVE(VERDICT, CHROMA, 35, 0, 150),
    GLOSS_ABOVE(VERDICT, GLOSS_UNITS, 15, 0, 100),
    FILM_OLD_AFTER(VERDICT, YEARS, 4, 0, 50),
    /** A repair wider than this leaves a smooth island on a textured wall. */
    SMOOTH_ISLAND_ABOVE(VERDICT, MILLIMETRES, 60, 5, 1000, ASSUMED),
    /** So many ticked steps of a kind before the organisation's own median is offered. */
    OWN_MINUTES_FROM(VERDICT, COUNT, 5, 3, 100, ASSUMED),
    SHEEN_TONES_DOWN(VERDICT, DAYS, 7, 0, 60),
    EYE_BAND_FROM(VERDICT, METRES, 1.2, 0, 3),
    EYE_BAND_TO(VERDICT, METRES, 1.9, 0, 3),
    /** Minutes that a late or disappointed tenant costs on top of the second visit. */
    DELAY_OF_COMING_BACK(VERDICT, MINUTES, 30, 0, 1000, ASSUMED),
    /** Houses built before this year are treated as having lead in old coats until tested; local rules differ. */
    LEAD_BEFORE(SAFETY, YEAR, 1980, 1900, 2030, ASSUMED),
    /** Textured coatings in houses built before this year are not disturbed until sampled; local rules differ. */
    ASBESTOS_BEFORE(SAFETY, YEAR, 2000, 1900, 2030, ASSUMED),
    NEAR_ELECTRICITY(SAFETY, MILLIMETRES, 150, 0, 2000),
    REACH(SAFETY, METRES, 2.0, 1, 3),
    ABOVE_DEW_POINT(SAFETY, KELVIN, 3, 0, 10),
    COLDEST_TO_PAINT(SAFETY, DEGREES_CELSIUS, 10, 0, 25),
    WARMEST_TO_PAINT(SAFETY, DEGREES_CELSIUS, 30, 15, 50),
    DAMPEST_TO_PAINT(SAFETY, PERCENT, 80, 30, 100);

    private final FigureGroup group;
    private final FigureUnit unit;
    private final double startingValue;
    private final double low;
    private final double high;
    private final FigureSource source;

    Figure(FigureGroup group, FigureUnit unit, double startingValue, double low, double high) {
        this(group, unit, startingValue, low, high, TRADE);
    }

    Figure(FigureGroup group, FigureUnit unit, double startingValue, double low, double high, FigureSource source) {
        this.group = group;
        this.unit = unit;
        this.startingValue = startingValue;
        this.low = low;
        this.high = high;
        this.source = source;
    }

    public FigureGroup group() {
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

    public FigureSource source() {
        return source;
    }
}

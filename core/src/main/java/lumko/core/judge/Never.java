package lumko.core.judge;

/** What is never done, whatever the practice of the house. {@link NeverRules} tests plans against it. */
public enum Never {
    /** Paint or dab over wet filler. */
    PAINT_WET_FILLER,
    /** Sand between the coats of compound. */
    SAND_BETWEEN_COATS,
    /** Fill before a greasy wall is washed. */
    FILL_UNWASHED,
    /** Lay a bead or filler over the old bead. */
    BEAD_OVER_OLD,
    /** Only spot-prime a bare or skimmed wall. */
    SPOT_PRIME_BARE_WALL,
    /** Seal plaster under paint with an adhesive sealer. */
    GLUE_SEALER,
    /** Chip plaster off a corner bead with a scraper. */
    SCRAPER_ON_BEAD,
    /** Put ordinary tape on fresh or painted surfaces. */
    ORDINARY_TAPE,
    /** Put a thinned first coat on what is already painted. */
    MIST_ON_PAINT,
    /** Fill before the mould is killed. */
    FILL_OVER_MOULD,
    /** Go back over setting paint. */
    ROLL_SETTING_PAINT,
    /** Roll the ceiling after the accent wall. */
    CEILING_AFTER_ACCENT,
    /** Paint before its primer is dry. */
    PAINT_WET_PRIMER,
    /** Start all walls with a mix that does not reach, and not say so. */
    START_WITHOUT_ENOUGH,
    /** Mix waterborne with solventborne. */
    MIX_BINDERS,
    /** Cut in ahead when the strip dries before it is rolled, where the house rolls it wet. */
    CUT_ROOM_AHEAD,
    /** Dab before the paint is confirmed, and not say so. */
    DAB_UNCONFIRMED,
    /** Fill on raw paper. */
    FILL_RAW_PAPER,
    /** Roll before the texture is restored. */
    ROLL_BEFORE_TEXTURE,
    /** Wipe old bleed with a damp cloth. */
    WIPE_OLD_BLEED,
    /** Cut in exactly at an edge that is covered later. */
    EXACT_COVERED_EDGE,
    /** Paint over damp, and not say that its cause comes first. */
    PAINT_DAMP,
    /** Lift a radiator alone. */
    RADIATOR_ALONE,
    /** Tape fresh trim. */
    TAPE_FRESH_TRIM,
    /** Stop after one coat because it looks even. */
    STOP_AFTER_ONE,
    /** Take up the floor sheet before the masking above it. */
    SHEET_BEFORE_MASKING,
    /** Fill over a proud rim. */
    FILL_OVER_RIM,
    /** Roll over dirt, grease, smoke, mould, stain, rust, flakes or paper remains. */
    ROLL_OVER_UNTREATED,
    /** Paint round a plate again. */
    PAINT_ROUND_PLATE,
    /** Roll only over the lap line. */
    ROLL_LINE_ONLY,
    /** Wipe at a run that is setting. */
    WIPE_RUN,
    /** Wash bare plaster or board with water. */
    WASH_RAW
}

package lumko.core.activity;

/**
 * Advice that stands where it is needed: one line at its activity, or in the verdict. The sentence itself is made where the
 * user's language and units are known.
 */
public enum Advice {
    /** A touch-up is hard to find, not invisible; only a whole wall is. */
    NOT_INVISIBLE,
    /** The least visible place first; let it dry, judge, then the places at eye level. */
    LEAST_VISIBLE_FIRST,
    /** Fresh paint is shinier than the wall for a week and up to about thirty days. */
    SHEEN_FADES,
    /** Heating off and the radiator cold, until the coat is dry. */
    HEATING_OFF,
    /** Handles off or masked, panels before rails, ajar until dry. */
    DOOR_AJAR,
    /** Moved before the paint sets, so that it does not stick. */
    WINDOW_MOVED,
    /** Fresh trim paint sticks to what stands on it for days. */
    NOTHING_ON_IT,
    /** Touch up early before a viewing, so that the shine has gone. */
    TOUCH_UP_EARLY,
    /** Spots and minutes are counted both ways before paint is opened. */
    BOTH_WAYS_COUNTED,
    /** Every filled place is sealed before the roller, or it shows dull. */
    PRIME_EVERY_FILL,
    /** A plug is driven only just below the surface, so that something carries the filler. */
    PLUG_JUST_BELOW,
    /** The raised ring is scraped off before filling. */
    RING_SCRAPED,
    /** Filler is cleared out of the relief around the hole. */
    RELIEF_CLEARED,
    /** A punch leaves a smaller dent than a hammer. */
    PUNCH_DENTS_LESS,
    /** The hammer leaves the bigger dent: count on a second fill. */
    HAMMER_SECOND_FILL,
    /** A plug knocked in too deep needs something behind the filler. */
    DEEP_PLUG_BACKED,
    /** Screws are kept with their plate. */
    SCREWS_WITH_PLATE,
    /** Plates come back clean. */
    PLATES_CLEAN,
    /** Plates off beats painting round them. */
    PLATES_OFF_BETTER,
    /** What stays is moved to the middle, wrapped, and kept from dust. */
    WRAP_WHAT_STAYS,
    /** Preparing takes about twice as long as painting. */
    PREP_TWICE,
    /** Wash, let it dry, then judge and decide. */
    WASH_THEN_JUDGE,
    /** No fingers and no dust on the wall around. */
    NO_FINGERS,
    /** At eye level the sheen may show along the wall. */
    SHEEN_ALONG_WALL,
    /** Look along the wall, not only at it. */
    LOOK_ALONG,
    /** Ridges between coats of compound are scraped, not sanded. */
    SCRAPE_RIDGES,
    /** Fit a stop or it comes back. */
    FIT_STOP,
    /** Grease goes before filler. */
    GREASE_FIRST,
    /** A sheen is keyed lightly. */
    KEY_SHEEN,
    /** Cold and damp make drying several times as long: heat steadily or plan another day. */
    HEAT_OR_WAIT,
    /** What dries overnight comes last in the shift. */
    OVERNIGHT_LAST,
    /** A stepped crack is not covered before its cause is known; photograph it and mark its ends. */
    STEPPED_CAUSE_FIRST,
    /** Stop, do not stand under it, call the right trade. */
    SAG_STOP,
    /** The old bead is cut and peeled off first. */
    OLD_BEAD_OUT,
    /** Caulk shrinks: look whether it wants a second bead. */
    CAULK_SHRINKS,
    /** Sheets clog on plaster; a vacuum brush revives them. */
    CLOGGED_SHEET,
    /** Another trade's bad work may be sent back, with pictures. */
    SEND_BACK,
    /** Why did it flake, damp or no hold? Feel and look before filling. */
    WHY_FLAKED,
    /** Chips are gathered wet and disposed of by local rules. */
    CHIPS_GATHERED_WET,
    /** Bleed first: after two days it no longer wipes off. */
    BLEED_TWO_DAYS,
    /** Dry tape is scored along its edge before it is pulled. */
    SCORE_DRY_TAPE,
    /** Primer is ready when blotches have turned one even tone. */
    PRIMER_EVEN_TONE,
    /** The second coat goes on although the first looks done. */
    SECOND_COAT_RULE,
    /** Dull it until no shine is left in flat light. */
    DULL_NO_SHINE,
    /** Somebody stays within reach for ninety minutes and wets it. */
    STAY_NINETY_MINUTES,
    /** Plaster is painted only when pale all over and not cool to the palm. */
    PAINT_WHEN_PALE,
    /** The first coat is the test: expect a second round of filling and leave time for it. */
    FIRST_COAT_IS_TEST,
    /** Expect scuffs; keep a small kit for a look every half year. */
    HALF_YEARLY_LOOK,
    /** Smoke means every wall and ceiling of the flat. */
    SMOKE_ALL_SURFACES,
    /** What comes through the stain block wants a second coat of it before the finish. */
    SECOND_BLOCK_COAT,
    /** The ring comes through paint without a blocker. */
    RING_BLEEDS,
    /** Without air and warmth mould comes back. */
    MOULD_NEEDS_AIR,
    /** Corner, splash zone and wall above the bath are rolled as panels at each turnover, fault or not. */
    PANEL_EVERY_TIME,
    /** Bright metal or firm dark rust only, no powder, before the primer. */
    BRIGHT_METAL,
    /** Dab on wet filler and the tool pulls it out. */
    WET_FILLER_PULLS,
    /** Is there time for all of it in one go? Else do not start. */
    TIME_FOR_ALL,
    /** The last strokes run towards the window. */
    TOWARDS_WINDOW,
    /** Dark paint shows every spot: corner to corner. */
    DARK_SHOWS,
    /** A third coat is possible: its odds are given. */
    THIRD_COAT_ODDS,
    /** A further ceiling coat is a planned chance: about an hour. */
    CEILING_COAT_MORE,
    /** Find out what is on this very wall before a tin is opened. */
    CONFIRM_PAINT,
    /** Write down what goes on now. */
    RECORD_PAINT,
    /** The coats really needed on this pair of colours are noted for next time. */
    RECORD_COATS,
    /** Stir from the bottom: settled paint is another colour. */
    STIR_FROM_BOTTOM,
    /** The tape edge is sealed with the colour the tape protects. */
    SEAL_PROTECTED_COLOUR,
    /** Wall paint a little over the skirting; the skirting paint makes the line. */
    WALL_ONTO_SKIRTING,
    /** The mix runs out: fewer walls, or buy before mixing. */
    MIX_RUNS_OUT,
    /** All of a mix is made first, with a jar kept for touch-ups. */
    MIX_ALL_FIRST,
    /** The colour is judged dry. */
    JUDGE_DRY,
    /** Tins of the same paint are poured together first. */
    BOX_TINS,
    /** Date and colour stand on each bag. */
    BAG_DATED,
    /** A tool bagged for more than a week is looked at, washed or replaced. */
    BAG_OVER_WEEK,
    /** Looked at from about 1.2 m and from both sides. */
    INSPECT_1_2_M,
    /** Looked at from about 2 m and from both sides. */
    INSPECT_2_M,
    /** What is left is labelled: what, where, when, how much. */
    LABEL_LEFTOVERS,
    /** No weight on the tool, outwards, ever drier. */
    NO_WEIGHT,
    /** One last coat over all is part of the job, not a bonus. */
    LAST_COAT_PART,
    /** A place gone hollow is filled and levelled once more. */
    HOLLOW_AGAIN,
    /** A missing tool is asked for, not replaced by a guess. */
    ASK_FOR_TOOL,
    /** Raw paper is sealed, otherwise it bubbles. */
    SEAL_RAW_PAPER,
    /** Texture first, then primer. */
    TEXTURE_BEFORE_PRIMER,
    /** Steam: the tough finish stays. */
    STEAM_TOUGH,
    /** Skim once instead of chasing spots. */
    SKIM_ONCE,
    /** A lamp is held along the wall before and after. */
    LAMP_ALONG,
    /** Test for lead before scraping. */
    TEST_LEAD_FIRST,
    /** The high part first, then the ladder goes. */
    HIGH_FIRST,
    /** A little of each paint is kept out for corrections. */
    KEEP_LITTLE_OUT,
    /** Tape exactly on the line, pressed down; or freehand. */
    TAPE_ON_LINE,
    /** This side of the line is painted again, the tape sits on the other. */
    LINE_OF_THIS_SURFACE,
    /** The ceiling's side of the line is painted again, in its own paint. */
    LINE_OF_CEILING,
    /** The trim's side of the line is painted again, in its own paint. */
    LINE_OF_TRIM,
    /** The side of the wall beside is painted again, in its own paint. */
    LINE_OF_WALL_BESIDE,
    /** A chip gets the trim's own paint, twice, over primer where it is bare. */
    CHIP_FROM_POT,
    /** Scrape to where it holds, then dull. */
    SCRAPE_TO_HOLD,
    /** Paint on unkeyed gloss peels in sheets. */
    UNKEYED_PEELS,
    /** Seam work is hours; painting over is the other school. */
    SEAM_HOURS,
    /** Radiator off only where the pipes give; supply and valves first. */
    PIPES_MUST_GIVE,
    /** What is behind it may never have been painted. */
    BEHIND_UNPAINTED,
    /** One direction, once, then leave it. */
    LAY_OFF_ONCE,
    /** Small stretches at a time in this air. */
    SMALL_STRETCHES,
    /** Tint the undercoat towards the final colour, or count on another coat. */
    TINT_UNDERCOAT,
    /** Pale shapes show under a spot repair. */
    PALE_SHAPES,
    /** A match by machine is for whole walls. */
    MATCH_WHOLE_WALL,
    /** Tape comes off the carpet while the paint is wet. */
    CARPET_TAPE_WET,
    /** Less paint on the brush at the carpet. */
    CARPET_THIN_LOAD,
    /** Supply off and proved dead before plates or fittings are loosened or wet work comes near. */
    SUPPLY_OFF,
    /** Look for cables before cutting. */
    LOOK_FOR_CABLES,
    /** A two-strap half mask of the right class, also for dusting. */
    TWO_STRAP_MASK,
    /** Gloves and goggles for strong cleaner. */
    GLOVES_GOGGLES,
    /** No dry sanding while lead is an open question. */
    NO_DRY_SANDING,
    /** Bleach is never mixed with acid or ammonia; air. */
    NEVER_MIX_BLEACH,
    /** Eyes and head covered overhead. */
    EYES_OVERHEAD,
    /** Ladder or platform footed, right height, never overreach. */
    FOOTED_LADDER,
    /** Paint goes back to its tin and the tool is wiped before it is rinsed. */
    WIPE_BEFORE_RINSE,
    /** A radiator by two people, watched for leaks. */
    RADIATOR_BY_TWO,
    /** Sampled before old coatings or boards are disturbed. */
    SAMPLE_ASBESTOS
}

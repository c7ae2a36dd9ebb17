package lumko.core.activity;

import static lumko.core.activity.Phase.*;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import lumko.core.drying.Purpose;
import lumko.core.record.Layer;

/** What is done on a job, in the usual order. Which comes after which, and why, is said by the order of the job. */
public enum ActivityKind {
    SET_UP(OPEN),
    /** What stays is moved to the middle and wrapped. */
    WRAP_FURNITURE(PROTECT),
    PROTECT_FLOOR(PROTECT),
    PLATES_OFF(PROTECT),
    FITTINGS_OFF(PROTECT),
    LOOSEN_FITTINGS(PROTECT),
    MASK_FITTINGS(PROTECT),
    KILL_MOULD(PREPARE),
    STRIP_PAPER(PREPARE),
    SAND_GLUE_OFF(PREPARE, Purpose.PAINT),
    WASH_GLUE_OFF(PREPARE),
    WASH(PREPARE),
    WIPE_BLEED(PREPARE),
    TEST_PATCH(PREPARE, Purpose.PAINT),
    CUT_OUT_CAULK(PREPARE),
    MAKE_SOUND(PREPARE),
    SEAL_PAPER(PREPARE, Purpose.PAINT),
    FILL(PREPARE, Purpose.PAINT),
    KEEP_DAMP(PREPARE),
    FILL_AGAIN(PREPARE, Purpose.RECOAT),
    FILL_THIRD(PREPARE, Purpose.RECOAT),
    SKIM(PREPARE, Purpose.PAINT),
    SKIM_AGAIN(PREPARE, Purpose.RECOAT),
    SAND(PREPARE, Purpose.SAND),
    SPONGE_LEVEL(PREPARE, Purpose.SAND),
    SAND_TO_BEAD(PREPARE, Purpose.SAND),
    /** A repair that has gone hollow filled and levelled once more. */
    REFILL_HOLLOW(PREPARE, Purpose.RECOAT),
    KEY_SAND(PREPARE, Purpose.PAINT),
    RESTORE_TEXTURE(PREPARE, Purpose.PAINT),
    CAULK(PREPARE, Purpose.PAINT),
    DUST_OFF(PREPARE, Purpose.HANDLE),
    BLOCK_STAIN(PREPARE, Purpose.PAINT),
    PRIME_METAL(PREPARE, Purpose.PAINT),
    SPOT_PRIME(PREPARE, Purpose.PAINT),
    SEAL_THINNED(PREPARE, Purpose.PAINT),
    MIST_COAT(PREPARE, Purpose.PAINT),
    PRIME_WALL(PREPARE, Purpose.PAINT),
    ADHESION_PRIME(PREPARE, Purpose.PAINT),
    PRIME_TRIM(PREPARE, Purpose.PAINT),
    LIGHT_SAND(PREPARE, Purpose.SAND),
    SAND_PRIMER(PREPARE, Purpose.SAND),
    PRIME_AGAIN(PREPARE, Purpose.RECOAT),
    PREPARE_SLEEVE(COAT),
    /** Stirred from the bottom, once a paint and visit. */
    STIR(COAT),
    /** Tins of one paint poured together. */
    BOX_TINS(COAT),
    TAPE_EDGES(COAT, Purpose.TAPE),
    SEAL_TAPE_EDGE(COAT, Purpose.PAINT),
    CUT_CEILING(COAT, Purpose.PAINT),
    ROLL_CEILING(COAT, Purpose.PAINT),
    ROLL_CEILING_AGAIN(COAT, Purpose.RECOAT),
    SET_OUT_TOUCH_UP(COAT),
    FIRST_DAB(COAT, Purpose.PAINT),
    CUT_IN(COAT, Purpose.PAINT),
    ROLL(COAT, Purpose.PAINT),
    ROLL_PANEL(COAT, Purpose.PAINT),
    BAG_TOOLS(COAT),
    LOOK_FOR_MISSES(COAT, Purpose.HANDLE),
    FILL_WHAT_SHOWS(COAT, Purpose.RECOAT),
    DAB(COAT, Purpose.RECOAT),
    FEATHER(COAT, Purpose.RECOAT),
    CUT_IN_AGAIN(COAT, Purpose.RECOAT),
    ROLL_AGAIN(COAT, Purpose.RECOAT),
    ROLL_FURTHER(COAT, Purpose.RECOAT),
    SWEEP(TRIM, Purpose.HANDLE),
    SAND_TRIM(TRIM, Purpose.SAND),
    PAINT_TRIM(TRIM, Purpose.PAINT),
    PAINT_TRIM_AGAIN(TRIM, Purpose.RECOAT),
    UNMASK(CLOSE),
    CORRECT(CLOSE, Purpose.HANDLE),
    TIGHTEN_PLATES(CLOSE, Purpose.HANDLE),
    PLATES_BACK(CLOSE, Purpose.HANDLE),
    FITTINGS_BACK(CLOSE, Purpose.HANDLE),
    FIT_STRIPS(CLOSE, Purpose.PAINT),
    SCRAPE_OFF(CLOSE, Purpose.HANDLE),
    WASH_TOOLS(CLOSE),
    INSPECT(CLOSE, Purpose.HANDLE),
    PACK_UP(CLOSE);

    private static final Set<ActivityKind> ONCE_PER_PAINT =
            EnumSet.of(STIR, BOX_TINS, PREPARE_SLEEVE, SET_OUT_TOUCH_UP, BAG_TOOLS, WASH_TOOLS);
    private static final Set<ActivityKind> JUST_BEFORE_USE = EnumSet.of(STIR, BOX_TINS, SET_OUT_TOUCH_UP);
    private static final Set<ActivityKind> ROLLING =
            EnumSet.of(ROLL_CEILING, ROLL_CEILING_AGAIN, ROLL, ROLL_AGAIN, ROLL_FURTHER);
    private static final Set<ActivityKind> CUTTING = EnumSet.of(CUT_CEILING, CUT_IN, CUT_IN_AGAIN);
    private static final Set<ActivityKind> BRUSHING = EnumSet.of(PAINT_TRIM, PAINT_TRIM_AGAIN);
    private static final Set<ActivityKind> OF_SPOTS = EnumSet.of(FIRST_DAB, DAB, FEATHER);
    private static final Set<ActivityKind> WET = EnumSet.of(KILL_MOULD, STRIP_PAPER, WASH_GLUE_OFF, WASH);
    private static final Set<ActivityKind> LEVELLING = EnumSet.of(SAND, SPONGE_LEVEL);
    private static final Set<ActivityKind> LOOKING = EnumSet.of(LOOK_FOR_MISSES, UNMASK, CORRECT, INSPECT);
    private static final Set<ActivityKind> OF_TAPE = EnumSet.of(TAPE_EDGES, SEAL_TAPE_EDGE, UNMASK);

    private final Phase phase;
    private final Optional<Purpose> needsDryFor;

    ActivityKind(Phase phase) {
        this.phase = phase;
        this.needsDryFor = Optional.empty();
    }

    ActivityKind(Phase phase, Purpose needsDryFor) {
        this.phase = phase;
        this.needsDryFor = Optional.of(needsDryFor);
    }

    public Phase phase() {
        return phase;
    }

    /** What a place has to be dry for before this is done on it; empty if it does not matter whether it is wet. */
    public Optional<Purpose> needsDryFor() {
        return needsDryFor;
    }

    /** Whether it is done when the first coat that needs it can be put on, and not before: what was stirred settles again. */
    public boolean isJustBeforeUse() {
        return JUST_BEFORE_USE.contains(this);
    }

    /** Whether it belongs to the visit to the flat rather than to a surface. */
    public boolean isOfTheVisit() {
        return this == SET_UP || this == PACK_UP;
    }

    /** Whether it is done once for a paint and a visit, however many surfaces are painted with it. */
    public boolean isOncePerPaint() {
        return ONCE_PER_PAINT.contains(this);
    }

    /** Whether it puts a coat on a surface from edge to edge. */
    public boolean isRolling() {
        return ROLLING.contains(this);
    }

    /** Whether filler is taken down to the surface in it. */
    public boolean isLevelling() {
        return LEVELLING.contains(this);
    }

    /** Whether one looks at the coats with it, and sees what grins through them. */
    public boolean isLooking() {
        return LOOKING.contains(this);
    }

    /** Whether the surface is wet around the places too. */
    public boolean wetsAround() {
        return WET.contains(this);
    }

    /** Whether it cuts a coat in along the edges. */
    public boolean isCutting() {
        return CUTTING.contains(this);
    }

    /** Whether it belongs to a paint of the record, so that surfaces in different paints are different activities. */
    public boolean isOfAPaint() {
        return isOncePerPaint()
                || isRolling()
                || isCutting()
                || BRUSHING.contains(this)
                || OF_SPOTS.contains(this)
                || OF_TAPE.contains(this)
                || this == ROLL_PANEL;
    }

    /** The layer it leaves on a surface, which a later painter has to know of. */
    public Optional<Layer> leaves() {
        return switch (this) {
            case FILL -> Optional.of(Layer.FILLER);
            case SKIM -> Optional.of(Layer.SKIM);
            case BLOCK_STAIN -> Optional.of(Layer.STAIN_BLOCK);
            case SPOT_PRIME, SEAL_THINNED, PRIME_METAL -> Optional.of(Layer.SPOT_PRIMER);
            case MIST_COAT -> Optional.of(Layer.MIST_COAT);
            case PRIME_WALL, PRIME_AGAIN, ADHESION_PRIME, PRIME_TRIM -> Optional.of(Layer.PRIMER);
            case ROLL, ROLL_AGAIN, ROLL_FURTHER, ROLL_CEILING, ROLL_CEILING_AGAIN, PAINT_TRIM, PAINT_TRIM_AGAIN ->
                Optional.of(Layer.FINISH);
            case DAB, FEATHER, ROLL_PANEL -> Optional.of(Layer.SPOTS);
            case SET_UP,
                    STIR,
                    BOX_TINS,
                    PREPARE_SLEEVE,
                    WRAP_FURNITURE,
                    PROTECT_FLOOR,
                    PLATES_OFF,
                    FITTINGS_OFF,
                    LOOSEN_FITTINGS,
                    MASK_FITTINGS,
                    KILL_MOULD,
                    STRIP_PAPER,
                    SAND_GLUE_OFF,
                    WASH_GLUE_OFF,
                    WASH,
                    WIPE_BLEED,
                    TEST_PATCH,
                    CUT_OUT_CAULK,
                    MAKE_SOUND,
                    SEAL_PAPER,
                    KEEP_DAMP,
                    FILL_AGAIN,
                    FILL_THIRD,
                    SKIM_AGAIN,
                    SAND,
                    SPONGE_LEVEL,
                    SAND_TO_BEAD,
                    REFILL_HOLLOW,
                    KEY_SAND,
                    RESTORE_TEXTURE,
                    CAULK,
                    DUST_OFF,
                    LIGHT_SAND,
                    SAND_PRIMER,
                    TAPE_EDGES,
                    SEAL_TAPE_EDGE,
                    CUT_CEILING,
                    SET_OUT_TOUCH_UP,
                    FIRST_DAB,
                    CUT_IN,
                    BAG_TOOLS,
                    LOOK_FOR_MISSES,
                    FILL_WHAT_SHOWS,
                    CUT_IN_AGAIN,
                    SWEEP,
                    SAND_TRIM,
                    UNMASK,
                    CORRECT,
                    TIGHTEN_PLATES,
                    PLATES_BACK,
                    FITTINGS_BACK,
                    FIT_STRIPS,
                    SCRAPE_OFF,
                    WASH_TOOLS,
                    INSPECT,
                    PACK_UP -> Optional.empty();
        };
    }
}

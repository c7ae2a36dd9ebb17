package lumko.core.step;

/** The steps of a job. Those of one stage are finished everywhere before the next stage begins. */
public enum StepKind {
    SET_UP(Stage.OPEN),
    PREPARE_SLEEVE(Stage.OPEN),
    PROTECT_FLOOR(Stage.PROTECT),
    PLATES_OFF(Stage.FITTINGS),
    FITTINGS_OFF(Stage.FITTINGS),
    LOOSEN_FITTINGS(Stage.FITTINGS),
    MASK_FITTINGS(Stage.FITTINGS),
    KILL_MOULD(Stage.FIRST_CLEAN),
    WASH(Stage.FIRST_CLEAN),
    STRIP_PAPER(Stage.MAKE_SOUND),
    CUT_OUT_CAULK(Stage.MAKE_SOUND),
    MAKE_SOUND(Stage.MAKE_SOUND),
    SEAL_PAPER(Stage.SEAL),
    FILL(Stage.FILL),
    KEEP_DAMP(Stage.FILL),
    FILL_AGAIN(Stage.FILL_AGAIN),
    FILL_THIRD(Stage.FILL_THIRD),
    SKIM(Stage.SKIM),
    SKIM_AGAIN(Stage.SKIM_AGAIN),
    SAND(Stage.SAND),
    SPONGE_LEVEL(Stage.SAND),
    KEY_SAND(Stage.SAND),
    RESTORE_TEXTURE(Stage.TEXTURE),
    CAULK(Stage.CAULK),
    DUST_OFF(Stage.CLEAN),
    TEST_PATCH(Stage.PRIME),
    BLOCK_STAIN(Stage.PRIME),
    PRIME_METAL(Stage.PRIME),
    SPOT_PRIME(Stage.PRIME),
    MIST_COAT(Stage.PRIME),
    PRIME_WALL(Stage.PRIME),
    ADHESION_PRIME(Stage.PRIME),
    PRIME_AGAIN(Stage.PRIME_AGAIN),
    SAND_PRIMER(Stage.SAND_PRIMER),
    TAPE_EDGES(Stage.TAPE),
    CUT_CEILING(Stage.CEILING),
    ROLL_CEILING(Stage.CEILING),
    ROLL_CEILING_AGAIN(Stage.CEILING_AGAIN),
    SET_OUT_TOUCH_UP(Stage.FIRST_COAT),
    FIRST_DAB(Stage.FIRST_COAT),
    CUT_IN(Stage.FIRST_COAT),
    ROLL(Stage.FIRST_COAT),
    ROLL_PANEL(Stage.FIRST_COAT),
    DAB(Stage.SECOND_COAT),
    FEATHER(Stage.SECOND_COAT),
    BAG_TOOLS(Stage.LOOK),
    LOOK_FOR_MISSES(Stage.LOOK),
    CUT_IN_AGAIN(Stage.SECOND_COAT),
    ROLL_AGAIN(Stage.SECOND_COAT),
    ROLL_FURTHER(Stage.FURTHER_COAT),
    SWEEP(Stage.TRIM),
    SAND_TRIM(Stage.TRIM),
    PRIME_TRIM(Stage.TRIM),
    PAINT_TRIM(Stage.TRIM),
    PAINT_TRIM_AGAIN(Stage.TRIM_AGAIN),
    UNMASK(Stage.UNMASK),
    CORRECT(Stage.CORRECT),
    PLATES_BACK(Stage.CLOSE),
    FITTINGS_BACK(Stage.CLOSE),
    SCRAPE_OFF(Stage.CLOSE),
    WASH_TOOLS(Stage.CLOSE),
    INSPECT(Stage.CLOSE),
    PACK_UP(Stage.CLOSE);

    /** A part of the job that is finished everywhere before the next begins; in the order of the starting practice. */
    public enum Stage {
        OPEN,
        PROTECT,
        FITTINGS,
        FIRST_CLEAN,
        MAKE_SOUND,
        SEAL,
        FILL,
        FILL_AGAIN,
        FILL_THIRD,
        SKIM,
        SKIM_AGAIN,
        SAND,
        TEXTURE,
        CAULK,
        CLEAN,
        PRIME,
        PRIME_AGAIN,
        SAND_PRIMER,
        TAPE,
        CEILING,
        CEILING_AGAIN,
        FIRST_COAT,
        LOOK,
        SECOND_COAT,
        FURTHER_COAT,
        TRIM,
        TRIM_AGAIN,
        UNMASK,
        CORRECT,
        CLOSE
    }

    private final Stage stage;

    StepKind(Stage stage) {
        this.stage = stage;
    }

    public Stage stage() {
        return stage;
    }

    /** Whether it belongs to the visit to the flat rather than to a surface. */
    public boolean isOfTheVisit() {
        return this == SET_UP || this == PACK_UP;
    }

    /** Whether it puts on a paint of the record, so that surfaces in different paints are different steps. */
    public boolean isOfAPaint() {
        return switch (stage) {
            case CEILING, CEILING_AGAIN, FIRST_COAT, SECOND_COAT, FURTHER_COAT, TRIM_AGAIN -> true;
            case TRIM -> this == PAINT_TRIM;
            case OPEN -> this == PREPARE_SLEEVE;
            case CLOSE -> this == WASH_TOOLS;
            case LOOK -> this == BAG_TOOLS;
            case PROTECT,
                    FITTINGS,
                    FIRST_CLEAN,
                    MAKE_SOUND,
                    SEAL,
                    FILL,
                    FILL_AGAIN,
                    FILL_THIRD,
                    SKIM,
                    SKIM_AGAIN,
                    SAND,
                    TEXTURE,
                    CAULK,
                    CLEAN,
                    PRIME,
                    PRIME_AGAIN,
                    SAND_PRIMER,
                    TAPE,
                    UNMASK,
                    CORRECT -> false;
        };
    }
}

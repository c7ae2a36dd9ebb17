package lumko.core.work;

/** The steps of a job in the order in which they are done. Steps of one stage and one paint follow each other directly. */
public enum StepKind {
    SET_UP(Stage.OPEN),
    PROTECT_FLOOR(Stage.OPEN),
    PLATES_OFF(Stage.OPEN),
    MAKE_SOUND(Stage.MAKE_SOUND),
    FILL(Stage.FILL),
    FILL_AGAIN(Stage.FILL_AGAIN),
    FILL_THIRD(Stage.FILL_THIRD),
    SKIM(Stage.SKIM),
    SKIM_AGAIN(Stage.SKIM_AGAIN),
    SAND(Stage.SAND),
    SPONGE_LEVEL(Stage.SAND),
    DUST_OFF(Stage.CLEAN),
    BLOCK_STAIN(Stage.PRIME),
    SPOT_PRIME(Stage.PRIME),
    PRIME_WALL(Stage.PRIME),
    SET_OUT_TOUCH_UP(Stage.FIRST_COAT),
    FIRST_DAB(Stage.FIRST_COAT),
    CUT_IN(Stage.FIRST_COAT),
    ROLL(Stage.FIRST_COAT),
    DAB(Stage.SECOND_COAT),
    FEATHER(Stage.SECOND_COAT),
    LOOK_FOR_MISSES(Stage.SECOND_COAT),
    CUT_IN_AGAIN(Stage.SECOND_COAT),
    ROLL_AGAIN(Stage.SECOND_COAT),
    ROLL_FURTHER(Stage.FURTHER_COAT),
    PLATES_BACK(Stage.CLOSE),
    WASH_TOOLS(Stage.CLOSE),
    INSPECT(Stage.CLOSE),
    PACK_UP(Stage.CLOSE);

    /** A part of the job that is finished everywhere before the next begins. */
    enum Stage {
        OPEN,
        MAKE_SOUND,
        FILL,
        FILL_AGAIN,
        FILL_THIRD,
        SKIM,
        SKIM_AGAIN,
        SAND,
        CLEAN,
        PRIME,
        FIRST_COAT,
        SECOND_COAT,
        FURTHER_COAT,
        CLOSE
    }

    private final Stage stage;

    StepKind(Stage stage) {
        this.stage = stage;
    }

    Stage stage() {
        return stage;
    }

    /** Whether it belongs to the visit to the flat rather than to a wall. */
    public boolean isOfTheVisit() {
        return this == SET_UP || this == PACK_UP;
    }
}

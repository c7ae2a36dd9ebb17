package lumko.core.judge;

/** A rule that spoke on a wall. The figures it spoke with come with the {@link Finding}. */
public enum Rule {
    NOTHING_MARKED,
    PAINT_UNKNOWN,
    PAINT_NOT_CONFIRMED,
    PAINT_IS_OTHER,
    PAINT_SAME_BATCH,
    PAINT_BOUGHT_AGAIN,
    STAIN_BLEEDS,
    TOO_MANY_SPOTS,
    SPOTS_TAKE_TOO_MUCH,
    SPOT_TOO_WIDE_TO_DAB,
    PATCH_TOO_WIDE_TO_FEATHER,
    OLD_TOUCH_UP_NEEDS_FEATHERING,
    SKIM_RATHER_THAN_CHASE,
    DARK_WALL,
    STRONG_COLOUR,
    TOO_GLOSSY,
    FILM_IS_OLD,
    IN_THE_EYE_BAND,
    RAKING_LIGHT,
    GLARE_BESIDE_WINDOW,
    SHEEN_NOT_TONED_DOWN,
    CHEAPEST
}

package lumko.core.repair;

/** Why a method is the one for a fault. The figures it speaks with come with the {@link Choice}. */
public enum Because {
    USUAL_WAY,
    HOUSE_PRACTICE,
    OTHER_SCHOOL,
    TIMBER_OR_METAL,
    DRIVEN_TOO_FAR,
    SMALL_HOLE,
    MEDIUM_HOLE,
    LARGE_HOLE,
    EDGE_WILL_NOT_CARRY_PAPER,
    SOLID_BEHIND,
    OLD_PLASTER_SUCKS,
    RAW_PAPER_BUBBLES,
    HAIRLINE,
    WIDE_OR_RECURRING,
    JOINT_MOVES,
    JOINT_WIDE_AND_STILL,
    BOARD_IS_BARE,
    PLASTER_IS_BARE,
    PAINT_WOULD_NOT_HOLD,
    COVERS_MUCH,
    TEXTURE_IS_LOST,
    WASHING_MAY_DO,
    RAW_IS_NOT_WASHED,
    BLEEDS_THROUGH,
    TURNS_NO_MORE,
    STILL_WIPES_OFF,
    HAS_SET
}

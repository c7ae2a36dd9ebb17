package lumko.app.plan;

/**
 * What would make a late flat ready sooner, tried by planning again.
 *
 * @param minutes so much sooner; negative if later
 * @param isOnTime whether it would then be ready when it is due
 * @param who or when, for what has one
 */
record Help(Kind kind, int minutes, boolean isOnTime, String who) {
    enum Kind {
        /** A few degrees more, the same moisture. */
        HEATER,
        /** Filler that sets instead of one that dries. */
        SETTING_FILLER,
        /** Walls that would be rolled are dabbed or feathered, where no rule speaks against it. */
        TOUCHED_UP,
        /** Sheen tones down a week less before people come to look. */
        SHEEN_A_WEEK_LESS,
        /** Somebody works on a Saturday. */
        SATURDAY,
        /** Whoever can, from whatever house. */
        FROM_OTHER_HOUSES
    }
}

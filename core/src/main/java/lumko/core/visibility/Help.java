package lumko.core.visibility;

/**
 * What could be done so that a touch-up shows less, and from where it would be gone then.
 *
 * @param goneFrom in metres; endless where it would still be seen from as far as anyone stands
 */
public record Help(Kind kind, double goneFrom) {
    /** What could be done. */
    public enum Kind {
        /** Feather 30 mm wider. */
        FEATHER_WIDER,
        /** Put it on with what the wall was painted with. */
        TOOL_OF_THE_WALL,
        /** Leave it another week before anybody looks. */
        WAIT_A_WEEK,
        /** Wash the wall first. */
        WASH_FIRST,
        /** Level the filler, and give it back the relief of the wall. */
        LEVEL_THE_FILLER,
        /** Roll the whole wall: then there is no patch. */
        ROLL_THE_WALL
    }
}

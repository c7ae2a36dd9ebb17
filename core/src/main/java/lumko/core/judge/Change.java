package lumko.core.judge;

import lumko.core.job.Action;

/**
 * What would come of something done otherwise: worked out by judging the surface again.
 *
 * @param action what would be best then
 * @param shows the chance that it shows then
 */
public record Change(Kind kind, Action action, Chance shows) {
    /** What could be done otherwise, in the order in which a painter would think of it. */
    public enum Kind {
        /** The whole surface is washed first. */
        WASH_FIRST,
        /** Touched up three days earlier, or looked at three days later. */
        THREE_MORE_DAYS,
        /** The tin that was used on the wall is found. */
        ORIGINAL_TIN,
        /** The edge is drawn out further with an ever drier tool. */
        DRIER_EDGE
    }
}

package lumko.core.work;

import java.util.List;
import java.util.Set;
import lumko.core.film.Cover;
import lumko.core.hold.Holding;
import lumko.core.wall.EveryTime;
import lumko.core.wall.RoomFinding;
import lumko.core.wall.Substrate;

/**
 * What a surface is and what stands around it.
 *
 * @param holding whether the next coat holds on it
 * @param samePaint whether the paint that goes on is the one that is on it
 * @param neighbours keys of the walls to its left and right
 * @param ceiling key of the ceiling over it, empty if it is one or there is none on record
 * @param panels the every-time places that are to be painted
 * @param cover what is known of the paint that goes on, over what is there
 */
public record Setting(
        Side side,
        Substrate substrate,
        Set<RoomFinding> findings,
        Holding holding,
        boolean samePaint,
        List<String> neighbours,
        String ceiling,
        List<EveryTime> panels,
        Cover cover) {
    /** Which surface of the room. */
    public enum Side {
        WALL,
        CEILING
    }

    /** A sound wall on its own, repainted as it is. */
    public static final Setting PLAIN = new Setting(
            Side.WALL, Substrate.GYPSUM_BOARD, Set.of(), Holding.YES, true, List.of(), "", List.of(), Cover.UNKNOWN);

    public boolean isCeiling() {
        return side == Side.CEILING;
    }
}

package lumko.app.front;

import java.util.List;
import java.util.UUID;
import lumko.core.turnover.FlatState;

/**
 * The front of all houses.
 *
 * @param houses all houses, where there are too many to be drawn side by side; else none
 * @param needing the flats that need a hand, most pressing first, as many as one reads
 * @param inAll how many need one
 */
record FrontView(
        List<HouseTab> houses,
        List<FacadeDrawing> facades,
        double width,
        double height,
        List<Hand> needing,
        int inAll) {
    /** So many pixels of a unit of the drawing are the least at which the numbers of the flats can be read. */
    private static final double LEAST_SCALE = 0.8;

    /** In pixels: on a narrow screen it is scrolled rather than made smaller. */
    public long leastWidth() {
        return Math.round(width * LEAST_SCALE);
    }

    /** How many more flats need a hand than are listed. */
    public int more() {
        return inAll - needing.size();
    }

    /**
     * A house to choose.
     *
     * @param needing how many of them need a hand
     * @param isShown whether it is the one that is drawn
     */
    record HouseTab(UUID houseId, String name, long needing, boolean isShown) {}

    /** A house drawn from its ground line up; one unit is about a pixel of a wide screen. */
    record FacadeDrawing(
            UUID houseId,
            String name,
            String roof,
            double x,
            double y,
            double width,
            double height,
            List<WindowDrawing> windows) {}

    /** A flat's window, filled with its wall colour or the hatch of what nobody knows. */
    record WindowDrawing(
            UUID flatId,
            String number,
            double x,
            double y,
            double size,
            String fill,
            FlatState state,
            boolean late,
            String title) {
        private static final int LONGEST_LABEL = 4;

        /** Its number as far as there is room for it. */
        public String label() {
            return number.length() <= LONGEST_LABEL ? number : number.substring(0, LONGEST_LABEL - 1) + "…";
        }

        /** The shape that tells its state. */
        public String symbol() {
            return "#s-" + state.name();
        }
    }

    /**
     * A flat that needs a hand: what stands, what matters, and the one thing to do.
     *
     * @param prospect when the plan has it ready and how likely in time; empty if it is not planned
     * @param next who comes next by the plan
     */
    record Hand(
            UUID flatId,
            String flat,
            boolean late,
            String what,
            String matters,
            String prospect,
            String next,
            String action,
            String link) {}
}

package lumko.core.geometry;

/** A room or a wall that cannot be built, or a place that is none of its own. Says why, so that the edge can say it in words. */
public final class ShapeException extends IllegalArgumentException {
    /** Why it cannot be. */
    public enum Why {
        WALLS_CROSS("the walls of the room cross each other"),
        RUNS_LEFT_ROUND("the corners of a room run clockwise seen from above"),
        TURNS_WRONG("going round a room to the right one turns right four times more often than left"),
        OPENINGS_OVERLAP("two openings overlap"),
        FLAT_BOX("a rectangle on a wall needs a width and a height above 0 mm"),
        ABOVE_THE_ROOF("that lies above the roof, not on the wall"),
        CUT_BY_THE_ROOF("an opening or a fitting would be cut by the roof"),
        PEAK_HANGS("the peak would hang below the line between the corners"),
        BELOW_THE_STAIRS("that lies below the stairs, not on the wall"),
        CUT_BY_THE_STAIRS("an opening or a fitting would be cut by the stairs"),
        STAIRS_REACH_THE_TOP("the stairs would climb beyond the upper edge of the wall"),
        IN_A_DOOR("that place is in the door, not on the wall"),
        IN_A_WINDOW("that place is in the window, not on the wall"),
        IN_AN_OPENING("that place is in an opening, not on the wall");

        private final String sentence;

        Why(String sentence) {
            this.sentence = sentence;
        }
    }

    private final Why why;

    ShapeException(Why why) {
        super(why.sentence);
        this.why = why;
    }

    public Why why() {
        return why;
    }
}

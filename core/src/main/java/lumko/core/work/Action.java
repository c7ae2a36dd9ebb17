package lumko.core.work;

/** What can be done with a wall. */
public enum Action {
    LEAVE,
    DAB,
    FEATHER,
    ROLL,
    SKIM_AND_ROLL;

    /** Whether only the marked places are painted. */
    public boolean isSpots() {
        return this == DAB || this == FEATHER;
    }

    /** Whether the wall is painted from edge to edge. */
    public boolean isWholeWall() {
        return this == ROLL || this == SKIM_AND_ROLL;
    }
}

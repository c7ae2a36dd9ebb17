package lumko.core.job;

/** What can be done with a surface, from least to most. */
public enum Action {
    LEAVE,
    /** Made good by washing alone. */
    WASH,
    DAB,
    FEATHER,
    ROLL,
    SKIM_AND_ROLL,
    /** Rolled with every wall of its room. */
    ROOM,
    /** Rolled with every wall and ceiling of its flat. */
    FLAT;

    /** Whether only the marked places are painted. */
    public boolean isSpots() {
        return this == DAB || this == FEATHER;
    }

    /** Whether the surface is painted from edge to edge. */
    public boolean isWhole() {
        return this == ROLL || this == SKIM_AND_ROLL || takesInOthers();
    }

    /** Whether other surfaces are painted with it. */
    public boolean takesInOthers() {
        return this == ROOM || this == FLAT;
    }
}

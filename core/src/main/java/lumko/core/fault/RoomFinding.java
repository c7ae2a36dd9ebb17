package lumko.core.fault;

/** What one notices of a room as a whole, by nose, palm and asking. */
public enum RoomFinding {
    SMELL_OF_SMOKE,
    DAMP,
    MOULD,
    STEAM,
    TENANT_COLOUR,
    /** A floor is laid afterwards: nothing to protect, and the lowest edge will be covered. */
    FLOOR_COMES_LATER,
    /** Furniture that cannot leave. */
    FURNISHED,
    /** A damp white cloth comes away yellow although nothing smells. */
    FILM_ON_THE_CLOTH;

    /** Whether a film lies on every wall and ceiling that bleeds through paint. */
    public boolean isSmoke() {
        return this == SMELL_OF_SMOKE || this == FILM_ON_THE_CLOTH;
    }
}

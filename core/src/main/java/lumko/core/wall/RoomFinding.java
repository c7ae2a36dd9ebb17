package lumko.core.wall;

/** What one notices of a room as a whole, by nose, palm and asking. */
public enum RoomFinding {
    SMELL_OF_SMOKE,
    DAMP,
    MOULD,
    STEAM,
    TENANT_COLOUR,
    /** A floor is laid afterwards: nothing to protect, and the lowest edge will be covered. */
    FLOOR_COMES_LATER,
    FURNISHED
}

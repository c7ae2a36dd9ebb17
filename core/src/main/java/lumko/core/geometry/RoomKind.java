package lumko.core.geometry;

/** What a room is used for. */
public enum RoomKind {
    LIVING,
    BEDROOM,
    HALL,
    KITCHEN,
    BATH,
    STAIRS;

    /** Whether one stands close to its walls; elsewhere one steps back. Source: catalogue of figures, Sizes. */
    public boolean isNarrow() {
        return switch (this) {
            case HALL, BATH, STAIRS -> true;
            case LIVING, BEDROOM, KITCHEN -> false;
        };
    }
}

package lumko.core.geometry;

import lumko.core.quantity.Length;

/** What a room is used for. */
public enum RoomKind {
    LIVING,
    BEDROOM,
    HALL,
    KITCHEN,
    BATH,
    STAIRS;

    /** From how far its walls are looked at: 2 m, or 1.2 m where one stands close. Source: catalogue of figures, Sizes. */
    public Length inspectionDistance() {
        return switch (this) {
            case HALL, BATH, STAIRS -> Length.ofMetres(1.2);
            case LIVING, BEDROOM, KITCHEN -> Length.ofMetres(2.0);
        };
    }
}

package lumko.core.geometry;

/** The relief of a wall. Deeper relief takes more paint and shows a smooth repair. */
public enum Texture {
    SMOOTH,
    ORANGE_PEEL,
    LIGHT_KNOCK_DOWN,
    HEAVY,
    BARE_MASONRY
}

package lumko.core.geometry;

/** How daylight meets a wall. Light along the wall shows every bump; a window in the wall itself glares beside it. */
public enum WindowLight {
    FROM_LEFT,
    FROM_RIGHT,
    FACING,
    SAME_WALL,
    NONE;

    /** Whether the light strikes along the wall. */
    public boolean isRaking() {
        return this == FROM_LEFT || this == FROM_RIGHT;
    }
}

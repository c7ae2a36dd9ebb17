package lumko.core.geometry;

/**
 * How daylight meets a surface. Light along a wall shows every bump; a window in the wall itself, or beside a ceiling, glares beside
 * what is looked at.
 */
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

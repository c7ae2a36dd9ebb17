package lumko.core.activity;

import java.time.Duration;

/**
 * What was put on a surface before the job begins and has not cured or dried out yet.
 *
 * @param ago how long before
 */
public record Standing(String room, String surface, Wet wet, Duration ago, NextCoat next) {
    /** When the next coat can go on it. */
    public enum NextCoat {
        ANY_TIME,
        /** It would not hold before. */
        ONCE_CURED,
        /** New plaster is painted pale and dry. */
        ONCE_DRY
    }

    /** What its precedences are written from. */
    public String id() {
        return surface + "/COAT_ON_IT";
    }
}

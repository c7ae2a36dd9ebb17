package lumko.core.activity;

import java.time.Duration;

/**
 * A coat that was put on a surface before the job begins and has not cured yet.
 *
 * @param ago how long before
 * @param mustCure whether the next coat would not hold on it before it has cured
 */
public record Standing(String room, String surface, Wet wet, Duration ago, boolean mustCure) {
    /** What its precedences are written from. */
    public String id() {
        return surface + "/COAT_ON_IT";
    }
}

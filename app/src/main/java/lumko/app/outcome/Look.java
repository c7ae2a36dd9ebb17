package lumko.app.outcome;

import java.time.LocalDate;

/**
 * Somebody came to look at a wall.
 *
 * @param on the day
 */
public record Look(Outcome outcome, Stood stood, Light light, LocalDate on) {
    /** From where. */
    public enum Stood {
        FRONT,
        /** Along the wall, towards the light. */
        ALONG,
        /** Nose to the wall. */
        NEAR
    }

    /** In which light. */
    public enum Light {
        DAYLIGHT,
        LAMPS,
        TORCH
    }
}

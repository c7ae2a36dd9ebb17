package lumko.core.drying;

import java.time.Duration;

/** How long a wet material waits for its next step. */
public sealed interface Drying {
    /**
     * It dries. The clock tells when to look; the hand decides.
     *
     * @param earliest before this it is certainly wet
     * @param likely when most such places are ready
     * @param safe after this it is ready wherever the air was as entered
     */
    record Dries(Duration earliest, Duration likely, Duration safe) implements Drying {}

    /** The air is too damp or too cold for it to dry at all. */
    record DoesNotDry(Cause cause) implements Drying {
        public enum Cause {
            TOO_DAMP,
            TOO_COLD
        }
    }
}

package lumko.app.reading;

import java.util.Optional;
import lumko.app.paint.Paint;
import lumko.core.colour.Lab;
import lumko.core.colour.Metamerism;
import lumko.core.colour.Seen;

/**
 * A paint that a wall may carry.
 *
 * @param from where it is known from
 * @param expected what it would have become on this wall
 * @param difference ΔE00 between the reading and that
 * @param uncertainty of the difference, from reading and ageing
 * @param otherLights how the two part under other lights; empty where the colour was never measured
 */
public record Candidate(
        Paint paint,
        From from,
        Optional<String> tin,
        double years,
        Lab expected,
        double difference,
        double uncertainty,
        Optional<Metamerism> otherLights) {
    /** ΔE00. ASSUMPTION: age, dirt and batch together do not take a paint as far as this. */
    private static final double FAR_OFF = 5;

    /** Where a paint is known from, the nearest first. */
    public enum From {
        THIS_SURFACE,
        THIS_FLAT,
        THIS_HOUSE,
        STORE,
        ELSEWHERE
    }

    /** Whether the reading cannot tell it from the wall. */
    public boolean cannotBeToldApart() {
        return difference <= uncertainty;
    }

    /** Whether it is seen to be something else, however favourably the uncertainty falls. */
    public boolean isSomethingElse() {
        return Seen.of(Math.max(0, difference - uncertainty)).compareTo(Seen.HARDLY) > 0;
    }

    /** Whether it is no candidate at all, however favourably the uncertainty falls. */
    public boolean isFarOff() {
        return difference - uncertainty > FAR_OFF;
    }

    public Seen seen() {
        return Seen.of(difference);
    }
}

package lumko.core.film;

import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.Reading;
import lumko.core.colour.Seen;

/**
 * How a reading of a wall stands to a paint that may be on it.
 *
 * @param expected what the paint would have become
 * @param difference ΔE00 between the reading and that
 * @param uncertainty of the difference, ΔE00, from reading, ageing and what is known of the colour
 */
public record Match(Lab expected, double difference, double uncertainty) {
    /** A colour nobody has measured may be off by so much, ΔE00. ASSUMPTION. */
    static final double NEVER_MEASURED = 1.5;

    /** ΔE00. ASSUMPTION: age, dirt and batch together do not take a paint as far as this. */
    private static final double FAR_OFF = 5;

    /** @param isApproximate whether nobody has measured the paint's colour */
    public static Match of(Reading read, Ageing aged, boolean isApproximate) {
        double paint = Math.hypot(aged.uncertainty(), isApproximate ? NEVER_MEASURED : 0);
        return new Match(
                aged.likely(),
                ColourDifference.between(read.lab(), aged.likely()),
                Math.hypot(read.uncertainty(), paint));
    }

    /** Whether the reading cannot tell it from the wall. */
    public boolean cannotBeToldApart() {
        return difference <= uncertainty;
    }

    /** Whether it is seen to be something else, however favourably the uncertainty falls. */
    public boolean isSomethingElse() {
        return Seen.of(Math.max(0, difference - uncertainty)).compareTo(Seen.HARDLY) > 0;
    }

    /** Whether it is out of the question, however favourably the uncertainty falls. */
    public boolean isFarOff() {
        return difference - uncertainty > FAR_OFF;
    }

    public Seen seen() {
        return Seen.of(difference);
    }
}

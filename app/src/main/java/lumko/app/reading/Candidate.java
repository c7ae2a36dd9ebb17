package lumko.app.reading;

import java.util.Optional;
import lumko.app.catalogue.Paint;
import lumko.core.colour.Metamerism;
import lumko.core.film.Match;
import lumko.core.record.Age;

/**
 * A paint that a wall may carry.
 *
 * @param from where it is known from
 * @param match how the reading stands to it
 * @param otherLights how the two part under other lights; empty where the colour was never measured
 */
public record Candidate(
        Paint paint, From from, Optional<String> tin, Age age, Match match, Optional<Metamerism> otherLights) {
    /** Where a paint is known from, the nearest first. */
    public enum From {
        THIS_SURFACE,
        THIS_FLAT,
        THIS_HOUSE,
        STORE,
        ELSEWHERE
    }
}

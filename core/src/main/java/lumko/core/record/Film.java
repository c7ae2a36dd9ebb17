package lumko.core.record;

import java.util.Optional;
import java.util.OptionalDouble;
import lumko.core.colour.Lab;
import lumko.core.paint.Binder;

/**
 * What a paint makes on a wall, as far as it is known.
 *
 * @param gloss60 at 60°, in gloss units, once cured
 * @param colour in daylight, 10°, when it was put on
 */
public record Film(Optional<Binder> binder, OptionalDouble gloss60, Optional<Lab> colour) {
    public static final Film UNKNOWN = new Film(Optional.empty(), OptionalDouble.empty(), Optional.empty());

    public static Film of(Binder binder, double gloss60, Lab colour) {
        return new Film(Optional.of(binder), OptionalDouble.of(gloss60), Optional.of(colour));
    }
}

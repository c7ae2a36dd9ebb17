package lumko.core.film;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * What is known of the paint that goes on, over what is there.
 *
 * @param sheet what its maker says of a coat
 * @param coatsToHide how many coats until what is there is not seen; empty where a colour or the data sheet is not known
 */
public record Cover(Optional<DataSheet> sheet, OptionalInt coatsToHide) {
    public static final Cover UNKNOWN = new Cover(Optional.empty(), OptionalInt.empty());
}

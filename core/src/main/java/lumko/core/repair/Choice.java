package lumko.core.repair;

import java.util.List;
import lumko.core.quantity.Length;

/** A method that fits a fault, and why, with the lengths that the sentence names. */
public record Choice(Method method, Because because, List<Length> lengths) {
    static Choice of(Method method, Because because, Length... lengths) {
        return new Choice(method, because, List.of(lengths));
    }
}

package lumko.core.repair;

import java.util.List;

/** A method that fits a fault, and why, with the figures the sentence names. */
public record Choice(Method method, Because because, List<Object> figures) {
    static Choice of(Method method, Because because, Object... figures) {
        return new Choice(method, because, List.of(figures));
    }
}

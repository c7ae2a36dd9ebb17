package lumko.core.judge;

import java.util.List;

/**
 * What a rule found: its figures in the order in which a sentence would name them, as quantities, durations, counts or
 * numbers. The sentence itself is made where the user's language and units are known.
 */
public record Finding(Rule rule, List<Object> figures) {
    static Finding of(Rule rule, Object... figures) {
        return new Finding(rule, List.of(figures));
    }
}

package lumko.app.house;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.core.judge.Scrutiny;

/**
 * The time between two tenants of a flat.
 *
 * @param scrutiny how hard those who come will look
 */
public record Turnover(
        UUID id,
        UUID flatId,
        LocalDate keysBackOn,
        Optional<LocalDate> viewingOn,
        Optional<LocalDate> moveInOn,
        Scrutiny scrutiny,
        int version) {
    /** The first day on which somebody looks at the flat with critical eyes. */
    public Optional<LocalDate> dueOn() {
        return Stream.of(viewingOn, moveInOn).flatMap(Optional::stream).min(LocalDate::compareTo);
    }
}

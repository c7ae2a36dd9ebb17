package lumko.app.house;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** The time between two tenants of a flat. */
public record Turnover(
        UUID id,
        UUID flatId,
        LocalDate keysBackOn,
        Optional<LocalDate> viewingOn,
        Optional<LocalDate> moveInOn,
        int version) {
    /** The first day on which somebody looks at the flat with critical eyes. */
    public Optional<LocalDate> dueOn() {
        return Stream.of(viewingOn, moveInOn).flatMap(Optional::stream).min(LocalDate::compareTo);
    }
}

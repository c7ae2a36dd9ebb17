package lumko.core.turnover;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/**
 * How far the turnover of a flat has come.
 *
 * @param keysBackOn when the keys come or came back; empty while the flat is let
 * @param dueOn the first day on which somebody looks at it; empty if nobody is expected
 * @param hasOpenSheet whether work has been planned and is not finished
 * @param dryUntil until when the last ticked step has to dry; empty if nothing is drying
 * @param finishedOn when the last sheet of this turnover was closed; empty if none was
 */
public record FlatProgress(
        Optional<LocalDate> keysBackOn,
        Optional<LocalDate> dueOn,
        boolean hasOpenSheet,
        Optional<Instant> dryUntil,
        Optional<LocalDate> finishedOn) {
    public static final FlatProgress LET =
            new FlatProgress(Optional.empty(), Optional.empty(), false, Optional.empty(), Optional.empty());

    public FlatState state(LocalDate today, Instant now, Catalogue figures) {
        if (keysBackOn.isEmpty()) {
            return FlatState.LET;
        }
        if (keysBackOn.get().isAfter(today)) {
            return FlatState.NOTICE;
        }
        if (hasOpenSheet) {
            return dryUntil.filter(until -> until.isAfter(now)).isPresent() ? FlatState.DRYING : FlatState.IN_WORK;
        }
        if (finishedOn.isEmpty()) {
            return FlatState.EMPTY;
        }
        LocalDate tonedDown =
                finishedOn.get().plusDays(figures.time(Figure.SHEEN_TONES_DOWN).toDays());
        return tonedDown.isAfter(today) ? FlatState.CURING : FlatState.READY;
    }

    /** Whether it is not finished although the day has come. */
    public boolean isLate(LocalDate today) {
        return keysBackOn.isPresent()
                && (hasOpenSheet || finishedOn.isEmpty())
                && dueOn.filter(due -> !due.isAfter(today)).isPresent();
    }
}

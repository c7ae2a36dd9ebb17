package lumko.core.record;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import lumko.core.quantity.Limits;

/**
 * How long ago a coat was put on: known, or unknown. What does not know it says what it does then; no rule takes it for
 * nought, for ever, or for something in between without saying so.
 */
public sealed interface Age {
    /** Nobody knows since when. */
    Age UNKNOWN = new Unknown();

    double DAYS_A_YEAR = 365.25;

    /** So many years, 0–200. */
    record Known(double years) implements Age {
        private static final Limits RANGE = new Limits("age of a coat", 0, 200, "years");

        public Known {
            RANGE.check(years);
        }
    }

    /** Nobody knows. */
    record Unknown() implements Age {}

    static Age ofYears(double years) {
        return new Known(years);
    }

    static Age ofDays(double days) {
        return new Known(days / DAYS_A_YEAR);
    }

    /** The age today of what was put on a day; a day yet to come counts as today. */
    static Age since(Optional<LocalDate> day, LocalDate today) {
        return day.map(from -> ofDays(Math.max(0, ChronoUnit.DAYS.between(from, today))))
                .orElse(UNKNOWN);
    }

    default boolean isKnown() {
        return this instanceof Known;
    }

    /** The years where they are known, otherwise those that a rule takes for it and says so. */
    default double yearsOr(double assumed) {
        return switch (this) {
            case Known known -> known.years();
            case Unknown() -> assumed;
        };
    }

    /** Whether it is known to be less than so many days. */
    default boolean isUnderDays(double days) {
        return this instanceof Known known && known.years() * DAYS_A_YEAR < days;
    }
}

package lumko.app.tables;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Which comes first in a date written with numbers alone, 3/4/2019. */
enum DayOrder {
    DAY_FIRST,
    MONTH_FIRST;

    private static final Pattern NUMBERS = Pattern.compile("(\\d{1,2})[./-](\\d{1,2})[./-](\\d{4})");
    private static final int MONTHS = 12;

    /**
     * What the dates of a column show: one whose first number is no month has the day first. Empty where none shows it, or they
     * contradict each other.
     */
    static Optional<DayOrder> of(Collection<String> dates) {
        boolean dayFirst = false;
        boolean monthFirst = false;
        for (String date : dates) {
            Matcher numbers = NUMBERS.matcher(date.strip());
            if (numbers.matches()) {
                dayFirst |= Integer.parseInt(numbers.group(1)) > MONTHS;
                monthFirst |= Integer.parseInt(numbers.group(2)) > MONTHS;
            }
        }
        return dayFirst == monthFirst ? Optional.empty() : Optional.of(dayFirst ? DAY_FIRST : MONTH_FIRST);
    }

    /** Whether a date can be read in one way only, or in none. */
    static boolean isPlain(String date) {
        Matcher numbers = NUMBERS.matcher(date.strip());
        return !numbers.matches() || numbers.group(1).equals(numbers.group(2));
    }

    /** A date as the forms write it; as it was where it is no date in numbers. */
    String iso(String date) {
        Matcher numbers = NUMBERS.matcher(date.strip());
        if (!numbers.matches()) {
            return date;
        }
        int first = Integer.parseInt(numbers.group(1));
        int second = Integer.parseInt(numbers.group(2));
        try {
            return LocalDate.of(
                            Integer.parseInt(numbers.group(3)),
                            this == DAY_FIRST ? second : first,
                            this == DAY_FIRST ? first : second)
                    .toString();
        } catch (DateTimeException none) {
            return date;
        }
    }
}

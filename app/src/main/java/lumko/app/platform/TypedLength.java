package lumko.app.platform;

import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A length as people write it: with its unit, {@code 4.2 m}, {@code 420 cm}, {@code 11'6"}, {@code 11 ft 6 1/2 in}, {@code 138"},
 * {@code 6½ in}, or without, in the unit that was asked for. What is written with a unit means that unit, whoever reads it.
 */
final class TypedLength {
    private static final String NUMBER = "(\\d+(?:[.,]\\d+)?(?: \\d+/\\d+)?|\\d+/\\d+)";
    private static final Pattern METRIC = Pattern.compile(NUMBER + " ?(mm|cm|m)");
    private static final Pattern FEET = Pattern.compile(NUMBER + " ?(?:feet|foot|ft|')");
    private static final Pattern INCHES = Pattern.compile(NUMBER + " ?(?:inches|inch|in|\")");
    private static final Pattern FEET_AND_INCHES =
            Pattern.compile(NUMBER + " ?(?:feet|foot|ft|') ?[,-]? ?" + NUMBER + " ?(?:inches|inch|in|\")?");
    private static final Pattern FRACTION = Pattern.compile("(?:(\\d+) )?(\\d+)/(\\d+)");

    private static final Map<String, Double> MILLIMETRES = Map.of("mm", 1.0, "cm", 10.0, "m", 1000.0);
    private static final double INCH = UsUnits.MILLIMETRES_AN_INCH;
    private static final double FOOT = UsUnits.METRES_A_FOOT * 1000;

    private static final Map<String, String> LETTERS =
            Map.of("′", "'", "’", "'", "″", "\"", "”", "\"", "''", "\"", "½", " 1/2", "¼", " 1/4", "¾", " 3/4");

    private TypedLength() {}

    /**
     * @param unit millimetres that a number without a unit counts in
     * @return millimetres; empty if it is no length
     */
    static OptionalDouble millimetres(String typed, double unit) {
        String written = typed.toLowerCase(Locale.ROOT);
        for (Map.Entry<String, String> letter : LETTERS.entrySet()) {
            written = written.replace(letter.getKey(), letter.getValue());
        }
        written = written.strip().replaceAll("\\s+", " ");
        Matcher both = FEET_AND_INCHES.matcher(written);
        if (both.matches()) {
            return OptionalDouble.of(number(both.group(1)) * FOOT + number(both.group(2)) * INCH);
        }
        Matcher feet = FEET.matcher(written);
        if (feet.matches()) {
            return OptionalDouble.of(number(feet.group(1)) * FOOT);
        }
        Matcher inches = INCHES.matcher(written);
        if (inches.matches()) {
            return OptionalDouble.of(number(inches.group(1)) * INCH);
        }
        Matcher metric = METRIC.matcher(written);
        if (metric.matches()) {
            return OptionalDouble.of(number(metric.group(1)) * MILLIMETRES.getOrDefault(metric.group(2), 1.0));
        }
        if (FRACTION.matcher(written).matches()) {
            return OptionalDouble.of(number(written) * unit);
        }
        OptionalDouble plain = Plain.number(written);
        return plain.isPresent() ? OptionalDouble.of(plain.getAsDouble() * unit) : plain;
    }

    private static double number(String written) {
        Matcher fraction = FRACTION.matcher(written);
        if (fraction.matches()) {
            double whole = fraction.group(1) == null ? 0 : Double.parseDouble(fraction.group(1));
            double parts = Double.parseDouble(fraction.group(3));
            return parts == 0 ? Double.NaN : whole + Double.parseDouble(fraction.group(2)) / parts;
        }
        return Plain.number(written).orElse(Double.NaN);
    }
}

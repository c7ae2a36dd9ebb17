package lumko.app.platform;

import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A volume as people write it: with its unit, {@code 2.5 L}, {@code 400 ml}, {@code 1 gal}, or without, in the one asked for. */
final class TypedVolume {
    private static final Pattern WITH_UNIT =
            Pattern.compile("(\\S+?) ?(ml|l|litres?|liters?|gal|gallons?|qt|quarts?|fl\\.? ?oz)\\.?");
    private static final Map<String, Double> LITRES = Map.of(
            "l",
            1.0,
            "litre",
            1.0,
            "liter",
            1.0,
            "gal",
            UsUnits.LITRES_A_GALLON,
            "gallon",
            UsUnits.LITRES_A_GALLON,
            "qt",
            UsUnits.LITRES_A_QUART,
            "quart",
            UsUnits.LITRES_A_QUART);

    private TypedVolume() {}

    /**
     * @param unit litres that a number without a unit counts in
     * @return litres; empty if it is no volume
     */
    static OptionalDouble litres(String typed, double unit) {
        Matcher withUnit = WITH_UNIT.matcher(typed.strip().toLowerCase(Locale.ROOT));
        if (!withUnit.matches()) {
            OptionalDouble plain = Plain.number(typed);
            return plain.isPresent() ? OptionalDouble.of(plain.getAsDouble() * unit) : plain;
        }
        OptionalDouble number = Plain.number(withUnit.group(1));
        String name = withUnit.group(2).replaceAll("(?<=[a-z]{3})s$", "");
        double litres = name.startsWith("fl") ? UsUnits.LITRES_A_FLUID_OUNCE : LITRES.getOrDefault(name, 1.0);
        // 1900 ml are 1.9 L to the last digit
        return number.isPresent()
                ? OptionalDouble.of(name.equals("ml") ? number.getAsDouble() / 1000 : number.getAsDouble() * litres)
                : number;
    }
}

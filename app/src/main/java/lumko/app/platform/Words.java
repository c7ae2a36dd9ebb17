package lumko.app.platform;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAccessor;
import java.util.List;
import java.util.Optional;
import lumko.core.figure.FigureUnit;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import lumko.core.quantity.Temperature;
import lumko.core.quantity.Volume;
import org.springframework.context.MessageSource;

/**
 * Says things in the reader's language, trade words and units. The one place where numbers are rounded and given a unit.
 */
public final class Words {
    private static final int SIXTEENTHS = 16;
    private static final double INCHES_PER_FOOT = 12;
    private static final double MINUTES_A_DAY = 1440;

    /** A chance smaller than this is told in tens: nobody pictures 1 in 81. */
    private static final double ROUND_BELOW = 0.05;

    private final MessageSource messages;
    private final UnitSystem units;
    private final ZoneId zone;

    public Words(MessageSource messages, UnitSystem units, ZoneId zone) {
        this.messages = messages;
        this.units = units;
        this.zone = zone;
    }

    public UnitSystem units() {
        return units;
    }

    /** A floor as people count them there. @param floor 0 for the one at the ground */
    public int floor(int floor) {
        return units() == UnitSystem.US ? floor + 1 : floor;
    }

    public ZoneId zone() {
        return zone;
    }

    /** The sentence of a key with its figures in place. */
    public String say(String key, Object... figures) {
        return say(key, List.of(figures));
    }

    public String say(String key, List<?> figures) {
        return messages.getMessage(key, figures.stream().map(this::show).toArray(), units.locale());
    }

    /** Whether there are words for a key. */
    public boolean knows(String key) {
        return messages.getMessage(key, null, null, units.locale()) != null;
    }

    /** The sentence of a key; where old coats are worked wet, the one that says so, as far as there is another. */
    public String how(String key, boolean isWet) {
        return isWet && knows(key + ".wet") ? say(key + ".wet") : say(key);
    }

    /** A thing as a reader would write it: a quantity with its unit, a number, a word for a case. */
    public String show(Object thing) {
        return switch (thing) {
            case Length length -> length(length);
            case Area area -> area(area);
            case Volume volume -> volume(volume);
            case Temperature temperature -> temperature(temperature);
            case Duration duration -> duration(duration);
            case LocalDate date -> date(date);
            case Double number -> number(number, 1);
            case Enum<?> word -> name(word);
            default -> thing.toString();
        };
    }

    /** The word for a case of a closed set. */
    public String name(Enum<?> word) {
        return messages.getMessage(word.getDeclaringClass().getSimpleName() + "." + word.name(), null, units.locale());
    }

    public String length(Length length) {
        double mm = length.inMillimetres();
        if (units == UnitSystem.US) {
            double inches = mm / UsUnits.MILLIMETRES_AN_INCH;
            return Math.abs(inches) < 2 * INCHES_PER_FOOT
                    ? number(inches, Math.abs(inches) < 2 ? 2 : 1) + " in"
                    : number(inches / INCHES_PER_FOOT, 1) + " ft";
        }
        return Math.abs(mm) < 1000 ? number(mm, mm < 10 ? 1 : 0) + " mm" : fixed(length.inMetres(), 2) + " m";
    }

    /** How far an edge runs: nobody cuts in to the centimetre. */
    public String run(Length length) {
        if (units == UnitSystem.US) {
            return number(length.inMillimetres() / UsUnits.MILLIMETRES_AN_INCH / INCHES_PER_FOOT, 0) + " ft";
        }
        return number(length.inMetres(), length.inMetres() < 3 ? 1 : 0) + " m";
    }

    /** What small volumes are given in, as a word. */
    public String volumeUnit() {
        return say(units == UnitSystem.US ? "unit.quarts" : "unit.litres");
    }

    /** The paper that printers there are filled with. */
    public String paper() {
        return units == UnitSystem.US ? "letter" : "A4";
    }

    /** The unit that heights and distances are written in. */
    public String longUnit() {
        return units == UnitSystem.US ? "ft" : "m";
    }

    /** A height or a distance on a wall: in metres to the centimetre, in feet and inches to the inch. */
    public String place(Length length) {
        return units == UnitSystem.US ? placeNumber(length) : placeNumber(length) + " m";
    }

    /** A length as it is read off a tape, so that it can be typed again: metres to the millimetre, feet and inches to a sixteenth. */
    public String tape(Length length) {
        if (units != UnitSystem.US) {
            return number(length.inMetres(), 3);
        }
        return feetAndInches(Math.round(length.inMillimetres() / UsUnits.MILLIMETRES_AN_INCH * SIXTEENTHS));
    }

    private static String feetAndInches(long sixteenths) {
        long feet = sixteenths / ((long) INCHES_PER_FOOT * SIXTEENTHS);
        long inches = sixteenths / SIXTEENTHS % (long) INCHES_PER_FOOT;
        long part = sixteenths % SIXTEENTHS;
        long most = part == 0 ? 1 : Long.lowestOneBit(part);
        String fraction = part == 0 ? "" : (inches == 0 ? "" : " ") + part / most + "/" + SIXTEENTHS / most;
        String inch = inches == 0 && part > 0 ? fraction : inches + fraction;
        return feet == 0 ? inch + "\"" : feet + "'" + inch + "\"";
    }

    /** A figure in the unit it is read in, to as many places as tell it apart. */
    public String figure(double stored, FigureUnit unit) {
        double shown = shown(stored, unit);
        // a hundredth of an inch is a quarter of a millimetre
        return number(shown, units == UnitSystem.US && Math.abs(shown) < 1 ? 3 : 2);
    }

    /** What is stored of a figure, as it is read. */
    public double shown(double stored, FigureUnit unit) {
        return units == UnitSystem.US ? UsUnits.shown(stored, unit) : stored;
    }

    /** What was typed for a figure, as it is stored. */
    public double stored(double typed, FigureUnit unit) {
        return units == UnitSystem.US ? UsUnits.stored(typed, unit) : typed;
    }

    /** The same where metres go without saying. */
    public String placeNumber(Length length) {
        return units == UnitSystem.US
                ? feetAndInches(Math.round(length.inMillimetres() / UsUnits.MILLIMETRES_AN_INCH) * SIXTEENTHS)
                : fixed(length.inMetres(), 2);
    }

    public String area(Area area) {
        return units == UnitSystem.US
                ? number(area.inSquareMetres() / UsUnits.SQUARE_METRES_A_SQUARE_FOOT, 0) + " ft²"
                : number(area.inSquareMetres(), 1) + " m²";
    }

    public String volume(Volume volume) {
        double litres = volume.inLitres();
        if (units == UnitSystem.US) {
            double quarts = litres / UsUnits.LITRES_A_QUART;
            if (quarts >= 3.995) {
                return number(quarts / 4, 2) + " gal";
            }
            return quarts >= 0.25
                    ? number(quarts, 1) + " qt"
                    : number(litres / UsUnits.LITRES_A_FLUID_OUNCE, litres < 0.03 ? 1 : 0) + " fl oz";
        }
        return litres < 0.1 && litres > 0
                ? number(Math.max(1, litres * 1000), 0) + " ml"
                : number(litres, litres < 1 ? 2 : 1) + " L";
    }

    public String temperature(Temperature temperature) {
        return units == UnitSystem.US
                ? number(temperature.inFahrenheit(), 0) + " °F"
                : number(temperature.inCelsius(), 1) + " °C";
    }

    /** Time that passes: minutes up to an hour and a half, then hours, then half days, from ten days on whole ones. */
    public String duration(Duration duration) {
        if (minutes(duration) < 2 * MINUTES_A_DAY) {
            return work(duration);
        }
        double days = minutes(duration) / MINUTES_A_DAY;
        long halves = Math.round(2 * days);
        return (halves < 20 ? halves / 2 + (halves % 2 == 1 ? "½" : "") : Math.round(days)) + " days";
    }

    /** Time of hands: hours however many they are, since a day of work is not a day. */
    public String work(Duration duration) {
        long minutes = minutes(duration);
        if (minutes == 0 && !duration.isZero()) {
            return "1 min";
        }
        if (minutes < 90) {
            return minutes + " min";
        }
        if (minutes < 10 * 60) {
            double step = minutes < 3 * 60 ? 5 : 15;
            long rounded = Math.round(Math.round(minutes / step) * step);
            return rounded / 60 + " h" + (rounded % 60 == 0 ? "" : " %02d".formatted(rounded % 60));
        }
        return Math.round(minutes / 60.0) + " h";
    }

    private static long minutes(Duration duration) {
        return Math.round(duration.toSeconds() / 60.0);
    }

    /** A chance as a fraction that can be pictured. */
    public String chance(double share) {
        if (share <= 0) {
            return say("chance.never");
        }
        if (share < 0.01) {
            return say("chance.hardly");
        }
        if (share > 0.95) {
            return say("chance.always");
        }
        if (share < ROUND_BELOW) {
            return say("chance.oneIn", Math.round(0.1 / share) * 10);
        }
        if (share <= 0.5) {
            return say("chance.oneIn", Math.round(1 / share));
        }
        return say("chance.inTen", Math.max(6, Math.round(share * 10)));
    }

    public String date(LocalDate date) {
        return format(units == UnitSystem.US ? "MMM d, yyyy" : "d MMM yyyy", date);
    }

    public String day(LocalDate date) {
        return format(units == UnitSystem.US ? "EEE, MMM d" : "EEE d MMM", date);
    }

    public String month(LocalDate date) {
        return format("MMM yyyy", date);
    }

    public String clock(Instant instant) {
        return format(units == UnitSystem.US ? "h:mm a" : "HH:mm", instant.atZone(zone));
    }

    private String format(String pattern, TemporalAccessor when) {
        return DateTimeFormatter.ofPattern(pattern, units.locale()).format(when);
    }

    /** The clock today, with the day before it on any other day. */
    public String moment(Instant instant, Instant now) {
        LocalDate day = instant.atZone(zone).toLocalDate();
        return day.equals(now.atZone(zone).toLocalDate()) ? clock(instant) : day(day) + " " + clock(instant);
    }

    /** How far a day lies from today: today, tomorrow, in 9 days, 3 days ago. */
    public String fromToday(LocalDate date, LocalDate today) {
        long days = ChronoUnit.DAYS.between(today, date);
        if (days == 0) {
            return say("day.today");
        }
        if (Math.abs(days) == 1) {
            return say(days > 0 ? "day.tomorrow" : "day.yesterday");
        }
        return say(days > 0 ? "day.in" : "day.ago", Math.abs(days));
    }

    public String number(double value, int mostDecimals) {
        return decimals(value, 0, mostDecimals);
    }

    public String fixed(double value, int decimals) {
        return decimals(value, decimals, decimals);
    }

    private String decimals(double value, int least, int most) {
        DecimalFormat format = new DecimalFormat("0", DecimalFormatSymbols.getInstance(units.locale()));
        format.setMinimumFractionDigits(least);
        format.setMaximumFractionDigits(most);
        format.setRoundingMode(RoundingMode.HALF_UP);
        String shown = format.format(value);
        // nothing has no sign
        return shown.matches("-[0.,]+") ? shown.substring(1) : shown.replace('-', '−');
    }

    /** The sentence for a refused value: what, allowed range with unit, value with unit. */
    public String refusal(OutOfRangeException refused) {
        var limits = refused.limits();
        Optional<Double> perUnit = limits.unit().equals("mm") && units == UnitSystem.US
                ? Optional.of(UsUnits.MILLIMETRES_AN_INCH)
                : Optional.empty();
        double divisor = perUnit.orElse(1.0);
        String unit = perUnit.isPresent() ? "in" : limits.unit();
        String what = limits.what().substring(0, 1).toUpperCase(units.locale())
                + limits.what().substring(1);
        if (limits.unit().equals("°C") && units == UnitSystem.US) {
            return range(
                    what,
                    plain(limits.low() * 1.8 + 32),
                    plain(limits.high() * 1.8 + 32),
                    "°F",
                    plain(refused.value() * 1.8 + 32));
        }
        return range(
                what,
                plain(limits.low() / divisor),
                plain(limits.high() / divisor),
                unit,
                plain(refused.value() / divisor));
    }

    /** What must lie between what, and what it was; a pure number has no unit. */
    public String range(String what, String low, String high, String unit, String value) {
        return say("refused.range", what, low, high, unit, value)
                .replace(" ,", ",")
                .replace(" .", ".");
    }

    /** Up to two places, so that a typed value is shown as typed. */
    private static String plain(double value) {
        if (!Double.isFinite(value)) {
            return String.valueOf(value);
        }
        return BigDecimal.valueOf(value)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString()
                .replace('-', '−');
    }
}

package lumko.app.platform;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.core.colour.Srgb;
import lumko.core.geometry.ShapeException;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.quantity.OutOfRangeException;
import lumko.core.quantity.Temperature;
import lumko.core.quantity.Volume;

/**
 * What somebody typed into a form. Reads it field by field, keeps a sentence for each field that cannot be taken, and gives
 * back what was typed so that nothing has to be typed twice. Lengths are read in metres or feet, sizes in millimetres or
 * inches, temperatures in °C or °F, as the organisation writes them.
 */
public final class Form {
    private static final Limits VERSION = new Limits("version", EditableRow.UNSAVED, 1e9, "");

    private final Map<String, String> typed;
    private final Words words;
    private final Map<String, String> errors = new LinkedHashMap<>();

    public Form(Map<String, String> typed, Words words) {
        this.typed = typed;
        this.words = words;
    }

    /** A form before anything was typed. */
    public static Form empty(Words words) {
        return new Form(Map.of(), words);
    }

    /** What was typed, on one line and without space around it. */
    public String typed(String field) {
        return Plain.line(raw(field));
    }

    /** Letter by letter what was typed: a password is what it is. */
    public String raw(String field) {
        return typed.getOrDefault(field, "");
    }

    public String typed(String field, String otherwise) {
        return typed.containsKey(field) ? typed(field) : otherwise;
    }

    public String error(String field) {
        return errors.getOrDefault(field, "");
    }

    public boolean hasError(String field) {
        return errors.containsKey(field);
    }

    public boolean hasErrors() {
        return !errors.isEmpty();
    }

    public List<String> sentences() {
        return List.copyOf(errors.values());
    }

    /** Puts a sentence at a field; the first one stays. */
    public void refuse(String field, String sentence) {
        errors.putIfAbsent(field, sentence);
    }

    /**
     * Ends the reading.
     *
     * @throws BadInputException if any field could not be taken
     */
    public void check() {
        if (hasErrors()) {
            throw new BadInputException(this);
        }
    }

    public String text(String field, int most) {
        String value = optionalText(field, most);
        if (value.isEmpty()) {
            refuse(field, words.say("refused.empty", label(field)));
        }
        return value;
    }

    public String optionalText(String field, int most) {
        return fitting(field, typed(field), most);
    }

    private String fitting(String field, String value, int most) {
        Plain.unseen(value)
                .ifPresent(letter -> refuse(
                        field, words.say("refused.unseen", label(field), letter.name(), String.valueOf(letter.at()))));
        int length = value.codePointCount(0, value.length());
        if (length > most) {
            refuse(field, words.say("refused.long", label(field), String.valueOf(most), String.valueOf(length)));
        }
        return value;
    }

    /** Whether it is so; not, where nothing was sent. */
    public boolean yes(String field) {
        return switch (typed(field)) {
            case "true", "yes", "on" -> true;
            case "", "false", "no", "off" -> false;
            default -> {
                refuse(field, words.say("refused.yes", label(field), Plain.quoted(typed(field))));
                yield false;
            }
        };
    }

    public double number(String field, Limits limits) {
        return read(field, limits, 1, 0);
    }

    public int whole(String field, Limits limits) {
        double value = number(field, limits);
        if (!hasError(field) && value != Math.rint(value)) {
            refuse(field, words.say("refused.whole", label(field), Plain.quoted(typed(field))));
        }
        return (int) value;
    }

    /** Which version of a row somebody has seen who changes it now. */
    public int seenVersion() {
        return whole("version", VERSION);
    }

    /** A length typed in metres or feet, or with a unit of its own. */
    public Length metres(String field, Limits millimetres) {
        double factor = words.units() == UnitSystem.US ? UsUnits.METRES_A_FOOT : 1;
        Limits own = new Limits(
                label(field),
                millimetres.low() / 1000 / factor,
                millimetres.high() / 1000 / factor,
                words.units() == UnitSystem.US ? "ft" : "m");
        return Length.ofMetres(read(field, own, factor, 0, lengthIn(factor * 1000)));
    }

    /** The same, or something else where nothing was typed. */
    public Length metresOr(String field, Limits millimetres, Length otherwise) {
        return typed(field).isEmpty() ? otherwise : metres(field, millimetres);
    }

    /** A length that is part of what was typed, in metres or feet or with a unit of its own; empty if it is none. */
    public Optional<Length> length(String typed) {
        double metre = words.units() == UnitSystem.US ? UsUnits.METRES_A_FOOT * 1000 : 1000;
        OptionalDouble millimetres = TypedLength.millimetres(typed, metre);
        return millimetres.isPresent() && !Double.isNaN(millimetres.getAsDouble())
                ? Optional.of(Length.ofMillimetres(millimetres.getAsDouble()))
                : Optional.empty();
    }

    /** A size typed in millimetres or inches, or with a unit of its own. */
    public Length millimetres(String field, Limits millimetres) {
        double factor = words.units() == UnitSystem.US ? UsUnits.MILLIMETRES_AN_INCH : 1;
        Limits own = new Limits(
                label(field),
                millimetres.low() / factor,
                millimetres.high() / factor,
                words.units() == UnitSystem.US ? "in" : "mm");
        return Length.ofMillimetres(read(field, own, factor, 0, lengthIn(factor)));
    }

    /** Reads a length as so many of a unit. */
    private static Function<String, OptionalDouble> lengthIn(double millimetres) {
        return typed -> {
            OptionalDouble length = TypedLength.millimetres(typed, millimetres);
            return length.isPresent() && !Double.isNaN(length.getAsDouble())
                    ? OptionalDouble.of(length.getAsDouble() / millimetres)
                    : OptionalDouble.empty();
        };
    }

    /** A volume typed in litres or US quarts, or with a unit of its own. */
    public Volume litres(String field, Limits litres) {
        double factor = words.units() == UnitSystem.US ? UsUnits.LITRES_A_QUART : 1;
        Limits own = new Limits(
                label(field),
                litres.low() / factor,
                litres.high() / factor,
                words.units() == UnitSystem.US ? "qt" : "L");
        return Volume.ofLitres(Math.max(0, read(field, own, factor, 0, typed -> {
            OptionalDouble volume = TypedVolume.litres(typed, factor);
            return volume.isPresent() ? OptionalDouble.of(volume.getAsDouble() / factor) : volume;
        })));
    }

    public double celsius(String field) {
        boolean us = words.units() == UnitSystem.US;
        Limits own = us
                ? new Limits(
                        label(field), Temperature.RANGE.low() * 1.8 + 32, Temperature.RANGE.high() * 1.8 + 32, "°F")
                : new Limits(label(field), Temperature.RANGE.low(), Temperature.RANGE.high(), "°C");
        return us ? read(field, own, 1 / 1.8, -32 / 1.8) : read(field, own, 1, 0);
    }

    private double read(String field, Limits limits, double factor, double offset) {
        return read(field, limits, factor, offset, Plain::number);
    }

    private double read(
            String field, Limits limits, double factor, double offset, Function<String, OptionalDouble> reading) {
        String value = typed(field);
        double otherwise = limits.low() * factor + offset;
        if (value.isEmpty()) {
            refuse(field, words.say("refused.empty", label(field)));
            return otherwise;
        }
        OptionalDouble number = reading.apply(value);
        if (number.isEmpty()) {
            refuse(
                    field,
                    limits.unit().isEmpty()
                            ? words.say("refused.numberPlain", label(field), Plain.quoted(value))
                            : words.say("refused.number", label(field), limits.unit(), Plain.quoted(value)));
            return otherwise;
        }
        try {
            return limits.check(number.getAsDouble()) * factor + offset;
        } catch (OutOfRangeException outOfRange) {
            refuse(
                    field,
                    words.range(
                            label(field),
                            words.number(limits.low(), 2),
                            words.number(limits.high(), 2),
                            limits.unit(),
                            // what has a unit of its own is said in the one that was asked for
                            Plain.number(value).isPresent()
                                    ? Plain.quoted(value)
                                    : words.number(number.getAsDouble(), 2)));
            return otherwise;
        }
    }

    public Optional<LocalDate> optionalDate(String field) {
        if (typed(field).isEmpty()) {
            return Optional.empty();
        }
        try {
            LocalDate date = LocalDate.parse(typed(field));
            if (date.getYear() < 1900 || date.getYear() > 2200) {
                refuse(field, words.say("refused.year", label(field), String.valueOf(date.getYear())));
            }
            return Optional.of(date);
        } catch (DateTimeParseException notADate) {
            refuse(field, words.say("refused.date", label(field), Plain.quoted(typed(field))));
            return Optional.empty();
        }
    }

    /** One of the cases of a closed set, as it is called; one of them where nothing was said. */
    public <E extends Enum<E>> E called(String field, Class<E> of, E otherwise) {
        String typed = typed(field);
        if (typed.isEmpty()) {
            return otherwise;
        }
        return Stream.of(of.getEnumConstants())
                .filter(each ->
                        each.name().equalsIgnoreCase(typed) || words.name(each).equalsIgnoreCase(typed))
                .findFirst()
                .orElseGet(() -> {
                    refuse(
                            field,
                            words.say(
                                    "refused.called",
                                    label(field),
                                    Plain.quoted(typed),
                                    Stream.of(of.getEnumConstants())
                                            .map(words::name)
                                            .collect(Collectors.joining(", "))));
                    return otherwise;
                });
    }

    /** One of the cases of a closed set, by its name. */
    public <E extends Enum<E>> E one(String field, Class<E> of) {
        return Plain.oneOf(of.getEnumConstants(), typed(field)).orElseGet(() -> {
            String typed = typed(field);
            refuse(
                    field,
                    typed.isEmpty()
                            ? words.say("refused.noChoice", label(field))
                            : words.say("refused.choice", label(field), Plain.quoted(typed)));
            return of.getEnumConstants()[0];
        });
    }

    /** One of the choices, or none where nothing was sent. */
    public <E extends Enum<E>> Optional<E> optionalOne(String field, Class<E> of) {
        return typed(field).isEmpty() ? Optional.empty() : Optional.of(one(field, of));
    }

    /**
     * Runs something with what was typed; what it refuses becomes the sentence at the field: a range with its figures, why a
     * shape cannot be, what a feature says by its key. Of anything else only that it cannot be taken is said.
     */
    public <T> Optional<T> attempt(String field, Supplier<T> inCore) {
        try {
            return Optional.of(inCore.get());
        } catch (OutOfRangeException outOfRange) {
            refuse(field, words.refusal(outOfRange));
        } catch (RefusedException refused) {
            refuse(field, refused.sentence(words));
        } catch (ShapeException impossible) {
            refuse(field, words.say("shape." + impossible.why().name()));
        } catch (IllegalArgumentException broken) {
            refuse(field, words.say("refused.notThis", label(field), Plain.quoted(typed(field))));
        }
        return Optional.empty();
    }

    /** The id of one of the things on the page. */
    public Optional<UUID> id(String field) {
        Optional<UUID> id = Plain.id(typed(field));
        if (id.isEmpty()) {
            refuse(field, words.say("refused.choice", label(field), Plain.quoted(typed(field))));
        }
        return id;
    }

    /** A colour as screens write it: #d8c9a3. */
    public Optional<Srgb> hex(String field) {
        return attempt(field, () -> hexOf(typed(field)));
    }

    /** @throws RefusedException if it is none */
    public static Srgb hexOf(String typed) {
        try {
            return Srgb.ofHex(typed.strip());
        } catch (IllegalArgumentException none) {
            throw new RefusedException("refused.hex", Plain.quoted(typed));
        }
    }

    /** A field that stands once for each of several things is named {@code field--thing}. */
    private String label(String field) {
        return words.say("field." + field.split("--")[0]);
    }
}

package lumko.app.catalogue;

import java.util.Optional;
import java.util.stream.Stream;
import lumko.app.platform.Form;
import lumko.core.colour.Lab;

/**
 * What is written on a colour's card or on its tin, as somebody typed it.
 *
 * @param maker whose colour it is
 * @param lab empty where none of L*, a*, b* was typed, or one cannot be
 */
public record ColourCard(String code, String maker, String formula, Optional<Lab> lab) {
    private static final int LONGEST_CODE = 30;
    private static final int LONGEST_MAKER = 80;
    private static final int LONGEST_FORMULA = 500;

    /** Reads the fields {@code code}, {@code colourMaker}, {@code formula}, {@code lightness}, {@code a} and {@code b}. */
    public static ColourCard read(Form form) {
        return new ColourCard(
                form.optionalText("code", LONGEST_CODE),
                form.optionalText("colourMaker", LONGEST_MAKER),
                form.optionalText("formula", LONGEST_FORMULA),
                lab(form));
    }

    private static Optional<Lab> lab(Form form) {
        if (Stream.of("lightness", "a", "b").allMatch(field -> form.typed(field).isEmpty())) {
            return Optional.empty();
        }
        double lightness = form.number("lightness", Paints.LIGHTNESS);
        double a = form.number("a", Paints.AXIS);
        double b = form.number("b", Paints.AXIS);
        return form.hasErrors() ? Optional.empty() : Optional.of(new Lab(lightness, a, b));
    }
}

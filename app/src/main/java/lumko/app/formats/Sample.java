package lumko.app.formats;

import java.util.Optional;
import lumko.app.catalogue.Colour;
import lumko.app.platform.Plain;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;

/**
 * A colour in a file: its spectrum, or its Lab in daylight for the 10° observer, or what a screen shows. Where several are there
 * the first of these wins.
 */
public record Sample(
        String name,
        String code,
        String maker,
        String formula,
        Optional<Spectrum> spectrum,
        Optional<Lab> lab,
        Optional<Srgb> screen) {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_CODE = 30;
    private static final int LONGEST_FORMULA = 500;

    public Sample {
        name = fitting("the name", name, LONGEST_NAME);
        code = fitting("the code", code, LONGEST_CODE);
        maker = fitting("the maker", maker, LONGEST_NAME);
        formula = fitting("the formula", formula, LONGEST_FORMULA);
    }

    /** As most files have it: without whose colour it is and what it is tinted by. */
    public Sample(String name, String code, Optional<Spectrum> spectrum, Optional<Lab> lab) {
        this(name, code, "", "", spectrum, lab, Optional.empty());
    }

    public static Sample of(Colour colour) {
        return new Sample(
                colour.name(),
                colour.code(),
                colour.maker(),
                colour.formula(),
                colour.measured(),
                colour.given(),
                colour.basis() == Colour.Basis.SCREEN ? Optional.of(colour.screen()) : Optional.empty());
    }

    public boolean hasColour() {
        return spectrum.isPresent() || lab.isPresent() || screen.isPresent();
    }

    /** Its reflectance, or the smoothest that its colour can come from. */
    public Spectrum reflectance() {
        return spectrum.or(() -> lab.map(known -> SmoothReflectance.of(known, Colorimetry.DAYLIGHT)))
                .orElseGet(() -> SmoothReflectance.of(screen.orElseThrow()));
    }

    /** Its Lab in daylight for the 10° observer. */
    public Lab seen() {
        return spectrum.map(Colorimetry.DAYLIGHT::lab)
                .or(() -> lab)
                .orElseGet(() -> Colorimetry.DAYLIGHT.lab(SmoothReflectance.of(screen.orElseThrow())));
    }

    /** Nothing is cut untold: two long names could become one. */
    private static String fitting(String what, String text, int most) {
        String line = Plain.line(text);
        int length = line.codePointCount(0, line.length());
        if (length > most) {
            throw new BadFileException(
                    0, what + " “" + Plain.quoted(line) + "” has " + length + " letters, " + most + " fit");
        }
        Plain.unseen(line).ifPresent(letter -> {
            throw new BadFileException(
                    0, what + " “" + Plain.quoted(line) + "” has a letter that cannot be seen (" + letter.name() + ")");
        });
        return line;
    }
}

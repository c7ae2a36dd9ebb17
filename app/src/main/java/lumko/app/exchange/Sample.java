package lumko.app.exchange;

import java.util.Optional;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;

/** A colour in a file: its spectrum, or at least its Lab. Where both are there the spectrum wins. */
record Sample(String name, String code, Optional<Spectrum> spectrum, Optional<Lab> lab) {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_CODE = 30;

    Sample {
        name = cut(name.strip(), LONGEST_NAME);
        code = cut(code.strip(), LONGEST_CODE);
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most);
    }

    /** The reflectance it is computed with. */
    Spectrum reflectance() {
        return spectrum.orElseGet(() -> SmoothReflectance.of(lab.orElseThrow(), Colorimetry.DAYLIGHT));
    }
}

package lumko.core.film;

import java.util.Optional;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;

/**
 * A colour that is wanted: measured, or known as Lab alone.
 *
 * @param measured its reflectance, where it has been read
 */
public record Target(Lab lab, Optional<Spectrum> measured) {
    public static Target of(Spectrum measured) {
        return new Target(Colorimetry.DAYLIGHT.lab(measured), Optional.of(measured));
    }

    /** Daylight, 10°. */
    public static Target of(Lab lab) {
        return new Target(lab, Optional.empty());
    }

    /** Its reflectance; the smoothest that fits where none was measured. */
    public Spectrum spectrum() {
        return measured.orElseGet(() -> SmoothReflectance.of(lab, Colorimetry.DAYLIGHT));
    }
}

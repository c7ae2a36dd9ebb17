package lumko.app.paint;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;

/**
 * A colour by name, with what the screen shows of it and what was measured.
 *
 * @param maker whose colour it is; a colour of one maker may stand in another's base
 * @param formula what it is tinted by, as the counter prints it
 */
public record Colour(
        UUID id, String name, String code, String maker, String formula, Srgb screen, Optional<Spectrum> measured) {
    private static final int MOST_REMEMBERED = 5_000;

    /** Making a reflectance up takes a millisecond: it is remembered by the colour of the screen it was made from. */
    private static final Map<Srgb, Spectrum> MADE_UP = new ConcurrentHashMap<>();

    /** Its reflectance: measured, or the smoothest that the colour of the screen can come from. */
    public Spectrum spectrum() {
        return measured.orElseGet(() -> madeUp(screen));
    }

    private static Spectrum madeUp(Srgb screen) {
        if (MADE_UP.size() > MOST_REMEMBERED) {
            MADE_UP.clear();
        }
        return MADE_UP.computeIfAbsent(screen, SmoothReflectance::of);
    }

    /** In daylight, for the eye that looks at walls. */
    public Lab lab() {
        return Colorimetry.DAYLIGHT.lab(spectrum());
    }

    /** Light reflectance value: how much of daylight it gives back, 0–100. */
    public double lrv() {
        return Colorimetry.DAYLIGHT.xyz(spectrum()).y();
    }

    /** Whether nobody has measured it. */
    public boolean isApproximate() {
        return measured.isEmpty();
    }
}

package lumko.app.catalogue;

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
 * A colour by name, with what the screen shows of it and what is known of it.
 *
 * @param maker whose colour it is; a colour of one maker may stand in another's base
 * @param formula what it is tinted by, as the counter prints it
 * @param measured its reflectance, where it was measured
 * @param given its Lab in daylight for the 10° observer, where a card or a file says it
 */
public record Colour(
        UUID id,
        String name,
        String code,
        String maker,
        String formula,
        Srgb screen,
        Optional<Spectrum> measured,
        Optional<Lab> given,
        int version) {
    private static final int MOST_REMEMBERED = 5_000;

    /** Making a reflectance up takes a millisecond: it is remembered by the colour it was made from. */
    private static final Map<Record, Spectrum> MADE_UP = new ConcurrentHashMap<>();

    /** What the knowledge of a colour rests on, the best first. */
    public enum Basis {
        /** Its reflectance: true under every light. */
        MEASURED,
        /** Its Lab: true in daylight, estimated under other lights. */
        LAB,
        /** What a screen shows: approximate. */
        SCREEN
    }

    public Basis basis() {
        return measured.isPresent() ? Basis.MEASURED : given.isPresent() ? Basis.LAB : Basis.SCREEN;
    }

    /** Its reflectance: measured, or the smoothest that its Lab or the colour of the screen can come from. */
    public Spectrum spectrum() {
        return measured.orElseGet(() -> madeUp(given.<Record>map(lab -> lab).orElse(screen)));
    }

    private static Spectrum madeUp(Record from) {
        if (MADE_UP.size() > MOST_REMEMBERED) {
            MADE_UP.clear();
        }
        return MADE_UP.computeIfAbsent(
                from,
                known -> known instanceof Lab lab
                        ? SmoothReflectance.of(lab, Colorimetry.DAYLIGHT)
                        : SmoothReflectance.of((Srgb) known));
    }

    /** In daylight, for the eye that looks at walls. */
    public Lab lab() {
        return measured.isEmpty() && given.isPresent() ? given.get() : Colorimetry.DAYLIGHT.lab(spectrum());
    }

    /** Light reflectance value: how much of daylight it gives back, 0–100. */
    public double lrv() {
        return Colorimetry.DAYLIGHT.xyz(spectrum()).y();
    }

    /** Whether its reflectance is an estimate: nobody has measured it. */
    public boolean isApproximate() {
        return measured.isEmpty();
    }
}

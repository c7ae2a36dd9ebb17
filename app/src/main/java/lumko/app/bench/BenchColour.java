package lumko.app.bench;

import lumko.core.colour.Colorimetry;
import lumko.core.colour.Illuminant;
import lumko.core.colour.Lab;
import lumko.core.colour.Observer;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;

/**
 * A colour laid on the bench.
 *
 * @param key names it in a link
 * @param isApproximate whether its reflectance was made up
 */
public record BenchColour(String key, String name, Spectrum spectrum, boolean isApproximate) {
    public Lab lab() {
        return Colorimetry.DAYLIGHT.lab(spectrum);
    }

    public double lrv() {
        return Colorimetry.DAYLIGHT.xyz(spectrum).y();
    }

    /** What the screen shows of it in daylight, and whether it can. */
    public Srgb.Shown shown() {
        return Srgb.of(spectrum);
    }

    /** What the screen shows of it as an eye used to the light sees it. */
    public Srgb.Shown shownUnder(Illuminant light) {
        return light == Illuminant.D65
                ? shown()
                : Srgb.of(Colorimetry.of(light, Observer.DEGREES_10).lab(spectrum));
    }
}

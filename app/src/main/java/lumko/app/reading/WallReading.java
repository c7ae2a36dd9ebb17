package lumko.app.reading;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Illuminant;
import lumko.core.colour.Observer;
import lumko.core.colour.Reading;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;

/**
 * A reading of a surface as it stands.
 *
 * @param shots every place that was read
 * @param result what they say together; empty before the first
 */
public record WallReading(
        UUID id,
        boolean isCalibrated,
        boolean isWashed,
        String instrument,
        Optional<Double> driftPercent,
        List<Spectrum> shots,
        Optional<Reading> result,
        String by,
        Instant at,
        boolean isDone) {
    /** Three places are enough to tell one that does not fit, five are more than enough. */
    public static final int ENOUGH = 3;

    public static final int MOST = 9;

    public boolean isEnough() {
        return shots.size() >= ENOUGH;
    }

    /** What the screen shows of a colour under daylight. */
    public static Srgb screen(Spectrum spectrum) {
        return Srgb.of(Colorimetry.of(Illuminant.D65, Observer.DEGREES_2).lab(spectrum))
                .srgb();
    }
}

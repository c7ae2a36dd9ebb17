package lumko.app.reading;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.colour.Reading;
import lumko.core.colour.Spectrum;

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
        Source source,
        String by,
        Instant at,
        boolean isDone) {
    /** Three places are enough to tell one that does not fit, five are more than enough. */
    public static final int ENOUGH = 3;

    public static final int MOST = 9;

    public boolean isEnough() {
        return shots.size() >= ENOUGH;
    }
}

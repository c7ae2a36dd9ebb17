package lumko.app.sheet;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.drying.Climate;

/** A sensor of temperature and humidity that stands in the flats. */
public interface RoomSensor {
    /** What the air of a flat is now; empty where no sensor answers. */
    Optional<Climate> read(UUID flatId);

    /** What a sensor said at a moment. */
    record Reading(Instant at, Climate climate) {}

    /** What it said every hour of the last days, the oldest first; nothing where no sensor answers. */
    List<Reading> lastDays(UUID flatId);
}

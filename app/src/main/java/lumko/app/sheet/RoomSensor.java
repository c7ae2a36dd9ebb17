package lumko.app.sheet;

import java.util.Optional;
import java.util.UUID;
import lumko.core.drying.Climate;

/** A sensor of temperature and humidity that stands in the flats. */
public interface RoomSensor {
    /** What the air of a flat is now; empty where no sensor answers. */
    Optional<Climate> read(UUID flatId);
}

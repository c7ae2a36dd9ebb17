package lumko.app.sheet;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.drying.Climate;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Where no sensors are connected: the air is read off an instrument and typed. */
@Component
@ConditionalOnProperty(name = "lumko.sensor", havingValue = "none", matchIfMissing = true)
class NoRoomSensor implements RoomSensor {
    @Override
    public Optional<Climate> read(UUID flatId) {
        return Optional.empty();
    }

    @Override
    public List<Reading> lastDays(UUID flatId) {
        return List.of();
    }
}

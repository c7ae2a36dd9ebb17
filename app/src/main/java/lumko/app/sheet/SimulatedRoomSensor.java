package lumko.app.sheet;

import java.time.Clock;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import lumko.core.drying.Climate;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Stands in for sensors in the flats: each flat has its own warmth and damp, a slow swing over the day, and a little noise.
 */
@Component
@ConditionalOnProperty(name = "lumko.sensor", havingValue = "simulated")
class SimulatedRoomSensor implements RoomSensor {
    private static final double WARMEST_HOUR = 15;

    private final Clock clock;

    SimulatedRoomSensor(Clock clock) {
        this.clock = clock;
    }

    @Override
    public Optional<Climate> read(UUID flatId) {
        Random ofFlat = new Random(flatId.getLeastSignificantBits());
        double usual = 17 + 4 * ofFlat.nextDouble();
        double damp = 48 + 18 * ofFlat.nextDouble();
        LocalTime time = LocalTime.ofInstant(clock.instant(), ZoneId.of("UTC"));
        double swing = Math.cos((time.toSecondOfDay() / 3600.0 - WARMEST_HOUR) / 24 * 2 * Math.PI);
        double noise = new Random(flatId.getMostSignificantBits() + time.toSecondOfDay() / 60).nextGaussian() * 0.1;
        return Optional.of(Climate.of(
                Math.round((usual + 1.5 * swing + noise) * 10) / 10.0,
                Math.round(damp - 4 * swing),
                Climate.Air.MOVING));
    }
}

package lumko.app.sheet;

import java.time.Clock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Which sensors stand in the flats, as the settings say when the application starts. */
@Configuration(proxyBeanMethods = false)
class SensorConfiguration {
    /** What {@code lumko.sensor} may say. */
    enum Kind {
        NONE,
        SIMULATED
    }

    @Bean
    RoomSensor roomSensor(@Value("${lumko.sensor}") Kind kind, Clock clock) {
        return switch (kind) {
            case NONE -> new NoRoomSensor();
            case SIMULATED -> new SimulatedRoomSensor(clock);
        };
    }
}

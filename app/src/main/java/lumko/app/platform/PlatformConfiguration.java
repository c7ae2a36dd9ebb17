package lumko.app.platform;

import java.time.Instant;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration(proxyBeanMethods = false)
class PlatformConfiguration {
    /** @param start the moment it is taken to be at the start; without one it is that of the machine */
    @Bean
    ShiftableClock clock(@Value("${lumko.clock:#{null}}") Optional<Instant> start) {
        return start.map(ShiftableClock::startingAt).orElseGet(ShiftableClock::ofTheMachine);
    }
}

package lumko.app.platform;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration(proxyBeanMethods = false)
class PlatformConfiguration {
    @Bean
    ShiftableClock clock() {
        return new ShiftableClock();
    }
}

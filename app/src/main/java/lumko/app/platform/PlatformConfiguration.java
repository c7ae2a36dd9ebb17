package lumko.app.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.MessageSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.format.FormatterRegistry;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.i18n.AcceptHeaderLocaleResolver;

@Configuration(proxyBeanMethods = false)
class PlatformConfiguration {
    /** @param start the moment it is taken to be at the start; without one it is that of the machine */
    @Bean
    ShiftableClock clock(@Value("${lumko.clock:#{null}}") Optional<Instant> start) {
        return start.map(ShiftableClock::startingAt).orElseGet(ShiftableClock::ofTheMachine);
    }

    @Bean
    MessageSource messageSource() {
        return new TradeWords();
    }

    /** An id is written as ids are, what no keyboard sends is refused everywhere, and what is kept for good has its own address. */
    @Bean
    WebMvcConfigurer inputConfigurer(PlainInput plain, AsBefore asBefore, Assets assets) {
        return new WebMvcConfigurer() {
            @Override
            public void addResourceHandlers(ResourceHandlerRegistry registry) {
                registry.addResourceHandler(assets.root() + "/**")
                        .addResourceLocations("classpath:/static/")
                        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365))
                                .cachePublic()
                                .immutable());
            }

            @Override
            public void addFormatters(FormatterRegistry registry) {
                registry.addConverter(
                        String.class,
                        UUID.class,
                        sent -> Plain.id(sent).orElseThrow(() -> new IllegalArgumentException("no id")));
            }

            @Override
            public void addInterceptors(InterceptorRegistry registry) {
                registry.addInterceptor(plain);
                registry.addInterceptor(asBefore);
            }
        };
    }

    /** Pages speak as their reader’s organisation does, whatever the browser says. */
    @Bean
    LocaleResolver localeResolver(Speaker speaker) {
        return new AcceptHeaderLocaleResolver() {
            @Override
            public Locale resolveLocale(HttpServletRequest request) {
                return speaker.words().units().locale();
            }
        };
    }
}

package lumko.app.platform;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.thymeleaf.autoconfigure.ThymeleafProperties;
import org.springframework.boot.tomcat.ConfigurableTomcatWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.MessageSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.http.CacheControl;
import org.springframework.web.filter.ForwardedHeaderFilter;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.i18n.AcceptHeaderLocaleResolver;
import org.thymeleaf.cache.StandardCacheManager;
import org.thymeleaf.dialect.IDialect;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.ITemplateResolver;

@Configuration(proxyBeanMethods = false)
class PlatformConfiguration {
    /** Templates with their fragments, and expressions: more than there are, and a bound to whatever makes them up. */
    private static final int KEPT_OF_TEMPLATES = 20_000;

    /** @param start the moment it is taken to be at the start; without one it is that of the machine */
    @Bean
    ShiftableClock clock(@Value("${lumko.clock:#{null}}") Optional<Instant> start) {
        return start.map(ShiftableClock::startingAt).orElseGet(ShiftableClock::ofTheMachine);
    }

    @Bean
    MessageSource messageSource() {
        return new TradeWords();
    }

    /** What is left empty is no id, not a wrong one. */
    private static final class IdReader implements Converter<String, @Nullable UUID> {
        @Override
        public @Nullable UUID convert(String sent) {
            return sent.isEmpty() ? null : Plain.id(sent).orElseThrow(() -> new IllegalArgumentException("no id"));
        }
    }

    /** Where a proxy stands before it, pages are at the address and scheme the proxy was asked for; nobody else is believed that. */
    @Bean
    FilterRegistrationBean<ForwardedHeaderFilter> forwardedHeaders(
            @Value("${lumko.behind-proxy}") boolean isBehindProxy) {
        var registration = new FilterRegistrationBean<>(new ForwardedHeaderFilter());
        registration.setDispatcherTypes(DispatcherType.REQUEST, DispatcherType.ASYNC, DispatcherType.ERROR);
        registration.setOrder(Ordered.HIGHEST_PRECEDENCE);
        registration.setEnabled(isBehindProxy);
        return registration;
    }

    /** Pages compute more than they wait: more than keep the processors busy would only hold each other up. */
    @Bean
    WebServerFactoryCustomizer<ConfigurableTomcatWebServerFactory> atOnce(
            @Value("${lumko.at-once.pages}") int pages, @Value("${lumko.at-once.files}") int files) {
        int most = Math.min(pages, Runtime.getRuntime().availableProcessors() + 1);
        return server -> server.addEngineValves(AtOnce.ofPages(most), AtOnce.ofFiles(files));
    }

    /**
     * What is read of the templates is kept for good: five hundred expressions, as it would be otherwise, are a sixth of those there
     * are, so that what one page needs would have to make room for the next, and be read and compiled again.
     */
    @Bean
    SpringTemplateEngine templateEngine(
            ThymeleafProperties properties,
            ObjectProvider<ITemplateResolver> resolvers,
            ObjectProvider<IDialect> dialects) {
        StandardCacheManager kept = new StandardCacheManager();
        kept.setTemplateCacheMaxSize(KEPT_OF_TEMPLATES);
        kept.setTemplateCacheUseSoftReferences(false);
        kept.setExpressionCacheMaxSize(KEPT_OF_TEMPLATES);
        kept.setExpressionCacheUseSoftReferences(false);
        SpringTemplateEngine engine = new SpringTemplateEngine();
        engine.setCacheManager(kept);
        engine.setEnableSpringELCompiler(properties.isEnableSpringElCompiler());
        resolvers.orderedStream().forEach(engine::addTemplateResolver);
        dialects.orderedStream().forEach(engine::addDialect);
        return engine;
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
                registry.addConverter(new IdReader());
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

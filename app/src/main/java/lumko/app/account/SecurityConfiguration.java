package lumko.app.account;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;

@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {
    /** Nothing but what the application itself serves; no inline script, no inline style, no frame. */
    static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
                    + " font-src 'self'; connect-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none';"
                    + " frame-ancestors 'none'";

    @Bean
    SecurityFilterChain chain(HttpSecurity http) {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/login",
                                "/first-run",
                                "/demo/enter",
                                "/error",
                                "/actuator/health/**",
                                "/js/**",
                                "/css/**",
                                "/fonts/**",
                                "/icon.svg")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .formLogin(form -> form.loginPage("/login").defaultSuccessUrl("/"))
                .logout(logout -> logout.logoutSuccessUrl("/login"))
                .exceptionHandling(handling -> handling.defaultAuthenticationEntryPointFor(
                        new io.github.wimdeblauwe.htmx.spring.boot.security.HxRefreshHeaderAuthenticationEntryPoint(),
                        request -> "true".equals(request.getHeader("HX-Request"))))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    /** bcrypt, with its kind in front so that a stronger one can follow. */
    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }
}

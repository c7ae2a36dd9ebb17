package lumko.app.account;

import io.github.wimdeblauwe.htmx.spring.boot.security.HxRefreshHeaderAuthenticationEntryPoint;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import lumko.app.platform.Assets;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.util.matcher.AnyRequestMatcher;

@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {
    /** Nothing but what the application itself serves; no inline script, no inline style, no frame. */
    static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
                    + " font-src 'self'; connect-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none';"
                    + " frame-ancestors 'none'";

    @Bean
    SecurityFilterChain chain(HttpSecurity http, Accounts accounts) {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/login",
                                "/first-run",
                                "/demo/enter",
                                "/error",
                                "/actuator/health/**",
                                "/calendar/*.ics",
                                "/guest/*.pdf",
                                "/js/**",
                                "/css/**",
                                "/fonts/**",
                                "/icon.svg",
                                Assets.ANY)
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .addFilterAfter(new StillHereFilter(accounts), SecurityContextHolderFilter.class)
                .addFilterAfter(new UploadGuardFilter(), StillHereFilter.class)
                .formLogin(form -> form.loginPage("/login")
                        .successHandler(new TokenAtOnce())
                        .failureHandler(SecurityConfiguration::refused))
                .logout(logout -> logout.logoutSuccessUrl("/login"))
                .exceptionHandling(handling -> handling.defaultAuthenticationEntryPointFor(
                                new HxRefreshHeaderAuthenticationEntryPoint(),
                                request -> "true".equals(request.getHeader("HX-Request")))
                        // a client that takes anything is sent to sign in as a browser is
                        .defaultAuthenticationEntryPointFor(
                                new LoginUrlAuthenticationEntryPoint("/login"), AnyRequestMatcher.INSTANCE))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    /** Makes the token of the new session before its first page asks for it: pages opened side by side are given the same one. */
    private static final class TokenAtOnce extends SavedRequestAwareAuthenticationSuccessHandler {
        @Override
        public void onAuthenticationSuccess(
                HttpServletRequest request, HttpServletResponse response, Authentication signedIn)
                throws ServletException, IOException {
            if (request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
                token.getToken();
            }
            super.onAuthenticationSuccess(request, response, signedIn);
        }
    }

    private static void refused(
            HttpServletRequest request, HttpServletResponse response, AuthenticationException problem)
            throws IOException {
        String why = problem instanceof SignIn.TooSoonException tooSoon
                ? "wait=" + (tooSoon.left().toSeconds() + 1)
                : "error";
        response.sendRedirect(request.getContextPath() + "/login?" + why);
    }

    /** bcrypt, with its kind in front so that a stronger one can follow. */
    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }
}

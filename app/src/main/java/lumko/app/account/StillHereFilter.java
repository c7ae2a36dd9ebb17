package lumko.app.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Asks on each request whether who signed in may still be here, and as what: somebody who was deactivated, got another role
 * or another password does not stay in with what the session remembers.
 */
final class StillHereFilter extends OncePerRequestFilter {
    private final Accounts accounts;

    StillHereFilter(Accounts accounts) {
        this.accounts = accounts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication remembered = SecurityContextHolder.getContext().getAuthentication();
        if (remembered != null && remembered.getPrincipal() instanceof Member signedIn) {
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            Optional<Accounts.Known> current = accounts.current(signedIn);
            if (current.isPresent()) {
                context.setAuthentication(Accounts.signedIn(current.get().member()));
            } else if (request.getSession(false) != null) {
                request.getSession(false).invalidate();
            }
            SecurityContextHolder.setContext(context);
            if (current.filter(Accounts.Known::isOnce).isPresent() && !isOpen(request.getRequestURI())) {
                toTheChoice(request, response);
                return;
            }
        }
        chain.doFilter(request, response);
    }

    /** A part of a page would swallow a redirect: it is told to leave. */
    private static void toTheChoice(HttpServletRequest request, HttpServletResponse response) throws IOException {
        if ("true".equals(request.getHeader("HX-Request"))) {
            response.setHeader("HX-Redirect", PasswordController.PATH);
        } else {
            response.sendRedirect(PasswordController.PATH);
        }
    }

    /** What whoever has yet to choose a password may ask for. */
    private static boolean isOpen(String path) {
        return path.equals(PasswordController.PATH)
                || path.equals("/logout")
                || path.equals("/login")
                || path.matches("/(v-|css|js|fonts|icon|error|actuator).*");
    }
}

package lumko.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A calm page with a retry when the database does not answer. It stands outside everything else, because sessions come from
 * the database too.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseDownFilter extends OncePerRequestFilter {
    private static final String CONNECTION_PROBLEM = "08";
    private static final String SHUTTING_DOWN = "57P";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException problem) {
            if (!isConnectionProblem(problem) || response.isCommitted()) {
                throw problem;
            }
            logger.warn("the database does not answer: " + problem.getMessage());
            response.reset();
            response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
            response.setHeader("Retry-After", "5");
            response.setContentType("text/html;charset=UTF-8");
            response.getOutputStream()
                    .write(new ClassPathResource("static/database-down.html")
                            .getContentAsString(StandardCharsets.UTF_8)
                            .getBytes(StandardCharsets.UTF_8));
        }
    }

    private static boolean isConnectionProblem(Throwable problem) {
        for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
            if (cause instanceof java.sql.SQLTransientConnectionException) {
                return true;
            }
            // the pool's own word for a connection that broke under a transaction which is now rolled back
            if (cause instanceof SQLException sql
                    && sql.getSQLState() == null
                    && "Connection is closed".equals(sql.getMessage())) {
                return true;
            }
            if (cause instanceof SQLException sql
                    && sql.getSQLState() != null
                    && (sql.getSQLState().startsWith(CONNECTION_PROBLEM)
                            || sql.getSQLState().startsWith(SHUTTING_DOWN))) {
                return true;
            }
        }
        return false;
    }
}

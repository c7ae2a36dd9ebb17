package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

class DatabaseDownFilterTest {
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    private void filter(Exception problem) throws Exception {
        FilterChain chain = (request, answer) -> {
            if (problem instanceof ServletException servlet) {
                throw servlet;
            }
            throw (RuntimeException) problem;
        };
        new DatabaseDownFilter().doFilter(new MockHttpServletRequest(), response, chain);
    }

    private void assertCalmPage() throws Exception {
        assertThat(response.getStatus()).isEqualTo(503);
        assertThat(response.getHeader("Retry-After")).isEqualTo("5");
        assertThat(response.getContentAsString())
                .contains("A moment, please", "Try again")
                .doesNotContain("Exception", "at lumko");
    }

    @Test
    void noConnectionIsACalmPageWithARetry() throws Exception {
        filter(new CannotCreateTransactionException("x", new SQLTransientConnectionException("timed out")));
        assertCalmPage();
    }

    @ParameterizedTest
    @ValueSource(strings = {"08001", "08006", "57P01", "57P03"})
    void aServerThatGoesAwayIsTheSame(String state) throws Exception {
        filter(new ServletException(new RuntimeException(new SQLException("gone", state))));
        assertCalmPage();
    }

    /** What a transaction says that cannot even be rolled back any more. */
    @Test
    void norIsAConnectionThatTheRollbackFindsClosed() throws Exception {
        filter(new TransactionSystemException(
                "Could not roll back JPA transaction", new RuntimeException(new SQLException("Connection is closed"))));
        assertCalmPage();
    }

    @Test
    void anythingElseIsNotHidden() {
        assertThatThrownBy(() -> filter(new IllegalStateException(new SQLException("duplicate", "23505"))))
                .isInstanceOf(IllegalStateException.class);
    }
}

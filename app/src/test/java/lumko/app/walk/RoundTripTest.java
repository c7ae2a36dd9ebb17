package lumko.app.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.Statements;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What is asked of the database while somebody walks a wall. */
class RoundTripTest extends ApplicationTest {
    /** Setting it 6, the wall with all that is around it 14. */
    private static final int MOST = 20;

    private MvcTestResult set(UUID wall, int left) {
        return mvc.post()
                .uri("/walls/" + wall + "/marks")
                .header("HX-Request", "true")
                .param("id", UUID.randomUUID().toString())
                .param("kind", "NAIL_HOLE")
                .param("leftMm", String.valueOf(left))
                .param("upMm", "900")
                .with(user(member("jonas")))
                .with(csrf())
                .exchange();
    }

    @Test
    void aMarkThereAndBackTakesFewStatements() {
        UUID wall = wall(flat("Ropewalk Court", 7), 0).id();
        assertThat(set(wall, 700)).hasStatus(200);
        assertThat(Statements.of(() -> set(wall, 900))).isLessThanOrEqualTo(MOST);
    }
}

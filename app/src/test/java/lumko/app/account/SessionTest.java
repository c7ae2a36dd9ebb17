package lumko.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.platform.UnitSystem;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** That somebody is still there is noted now and then, not with each request; who a session belongs to at once. */
class SessionTest extends ApplicationTest {
    private static final String PASSWORD = "reeds along the old canal";

    @Autowired
    JdbcClient jdbc;

    private long touched(String login) {
        return jdbc.sql("select max(last_access_time) from spring_session where principal_name = ?")
                .param(login)
                .query(Long.class)
                .single();
    }

    @Test
    void isTouchedEveryFewMinutes() {
        String login = "reed-" + UUID.randomUUID();
        accounts.found("Reed Lettings", UnitSystem.METRIC, "Europe/London", "Una Reed", login, PASSWORD);
        SignedInClient client = SignedInClient.nobody(port);
        client.signIn(login, PASSWORD);
        long first = touched(login);
        assertThat(client.get("/store").statusCode()).isEqualTo(200);
        assertThat(client.get("/store").statusCode()).isEqualTo(200);
        assertThat(touched(login)).isEqualTo(first);
        long longAgo = first
                - SecurityConfiguration.TOUCHED_AFTER
                        .plus(Duration.ofMinutes(1))
                        .toMillis();
        jdbc.sql("update spring_session set last_access_time = ? where principal_name = ?")
                .param(longAgo)
                .param(login)
                .update();
        assertThat(client.get("/store").statusCode()).isEqualTo(200);
        assertThat(touched(login)).isGreaterThanOrEqualTo(first);
    }
}

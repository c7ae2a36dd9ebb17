package lumko.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.platform.UnitSystem;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** That somebody is still there is noted now and then, not with each request; who a session belongs to at once. */
class SessionTest extends ApplicationTest {
    private static final String PASSWORD = "reeds along the old canal";

    private static final int TABS = 12;

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
                - SessionConfiguration.TOUCHED_AFTER.plus(Duration.ofMinutes(1)).toMillis();
        jdbc.sql("update spring_session set last_access_time = ? where principal_name = ?")
                .param(longAgo)
                .param(login)
                .update();
        assertThat(client.get("/store").statusCode()).isEqualTo(200);
        assertThat(touched(login)).isGreaterThanOrEqualTo(first);
    }

    /** Asked by as many as a browser and somebody in a hurry send at once. */
    private static List<HttpResponse<String>> atOnce(SignedInClient client, String path) throws Exception {
        try (ExecutorService tabs = Executors.newFixedThreadPool(TABS)) {
            List<HttpResponse<String>> answers = new ArrayList<>();
            Callable<HttpResponse<String>> ask = () -> client.get(path);
            for (Future<HttpResponse<String>> each : tabs.invokeAll(Collections.nCopies(TABS, ask))) {
                answers.add(each.get());
            }
            return answers;
        }
    }

    @Test
    void pagesOpenedSideBySideHaveOneToken() throws Exception {
        String login = "reed-" + UUID.randomUUID();
        accounts.found("Reed Lettings", UnitSystem.METRIC, "Europe/London", "Una Reed", login, PASSWORD);
        SignedInClient client = SignedInClient.nobody(port);
        client.signIn(login, PASSWORD);
        assertThat(jdbc.sql("""
                        select count(*) from spring_session_attributes a join spring_session s on s.primary_id = a.session_primary_id
                        where s.principal_name = ? and a.attribute_name like '%CSRF_TOKEN'""").param(login).query(Integer.class).single()).isEqualTo(1);
    }

    @Test
    void nobodyStandsInTheirOwnWay() throws Exception {
        for (int round = 0; round < 5; round++) {
            SignedInClient client = SignedInClient.nobody(port);
            client.get("/login");
            assertThat(atOnce(client, "/store"))
                    .extracting(HttpResponse::statusCode)
                    .containsOnly(302);
        }
    }
}

package lumko.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

class SignInTest extends ApplicationTest {
    private static final String PASSWORD = "a good long password";

    @Autowired
    People people;

    @Autowired
    SignInBrake brake;

    @Autowired
    JdbcClient jdbc;

    private String login = "";

    @BeforeEach
    void somebody() {
        jdbc.sql("delete from sign_in_failure").update();
        login = "temp-" + UUID.randomUUID();
        asLead(() -> people.add("Tove Brandt", login, PASSWORD, Role.PAINTER));
    }

    private String signIn(String name, String password) {
        HttpResponse<String> answer = SignedInClient.nobody(port).signIn(name, password);
        return answer.headers().firstValue("Location").orElse("").replaceAll("https?://[^/]*", "");
    }

    @Test
    void byNameAndPassword() {
        assertThat(signIn(login, PASSWORD)).startsWith("/").doesNotContain("login");
    }

    @ParameterizedTest
    @ValueSource(strings = {"wrong", "", "a good long passwort"})
    void notWithAnother(String password) {
        assertThat(signIn(login, password)).isEqualTo("/login?error");
    }

    @Test
    void whoEntersOnlyByTheDemoHasNoPassword() {
        assertThat(signIn("jonas", "")).isEqualTo("/login?error");
        assertThat(signIn("jonas", "{none}")).isEqualTo("/login?error");
    }

    @Test
    void aPasswordLongerThanCanBeStoredIsJustWrong() {
        assertThat(signIn(login, "ä".repeat(40))).isEqualTo("/login?error");
    }

    @Test
    void aNameThatNobodyCanTypeIsNobodys() {
        assertThat(signIn("\u0000", PASSWORD)).isEqualTo("/login?error");
    }

    @Test
    void whoIsDeactivatedDoesNotComeIn() {
        jdbc.sql("update person set active = false where login = :login")
                .param("login", login)
                .update();
        assertThat(signIn(login, PASSWORD)).isEqualTo("/login?error");
    }

    @Test
    void fromTheFourthFailureOnEachNextTryHasToWait() {
        for (int n = 0; n < 3; n++) {
            assertThat(signIn(login, "wrong")).isEqualTo("/login?error");
        }
        assertThat(signIn(login, PASSWORD)).matches("/login\\?wait=[12]");
        assertThat(SignedInClient.nobody(port).get("/login?wait=2").body()).contains("Wait 2 s, then try again.");
    }

    /** Failures against the wait that follows them: doubling, and never longer than a minute. */
    @ParameterizedTest
    @CsvSource({"1, 0", "2, 0", "3, 1", "4, 2", "5, 4", "8, 32", "9, 60", "40, 60"})
    void doublesUpToAMinuteByName(int failures, long seconds) {
        String name = "guessed-" + UUID.randomUUID();
        clock.at(clock.instant(), () -> {
            for (int n = 0; n < failures; n++) {
                brake.failed(name, "10.0.0." + n);
            }
            assertThat(brake.wait(name.toUpperCase(java.util.Locale.ROOT), "10.0.1.1"))
                    .isEqualTo(Duration.ofSeconds(seconds));
            return name;
        });
    }

    @ParameterizedTest
    @CsvSource({"11, 0", "12, 1", "13, 2", "30, 60"})
    void slowsAnAddressThatTriesManyNames(int failures, long seconds) {
        clock.at(clock.instant(), () -> {
            for (int n = 0; n < failures; n++) {
                brake.failed("name-" + n, "10.9.9.9");
            }
            assertThat(brake.wait("somebody else", "10.9.9.9")).isEqualTo(Duration.ofSeconds(seconds));
            assertThat(brake.wait("somebody else", "10.9.9.8")).isEqualTo(Duration.ZERO);
            return failures;
        });
    }

    @Test
    void startsAnewAfterSuccessAndAfterAQuarterOfAnHour() {
        var start = clock.instant();
        clock.at(start, () -> {
            for (int n = 0; n < 5; n++) {
                brake.failed(login, "10.0.0.1");
            }
            return 0;
        });
        clock.at(start.plusSeconds(16 * 60), () -> {
            brake.failed(login, "10.0.0.1");
            assertThat(brake.wait(login, "10.0.0.1")).isEqualTo(Duration.ZERO);
            for (int n = 0; n < 5; n++) {
                brake.failed(login, "10.0.0.1");
            }
            assertThat(brake.wait(login, "10.0.0.1")).isPositive();
            brake.succeeded(login);
            assertThat(brake.wait(login, "10.0.0.2")).isEqualTo(Duration.ZERO);
            return 0;
        });
    }
}

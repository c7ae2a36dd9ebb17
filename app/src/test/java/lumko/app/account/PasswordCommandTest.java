package lumko.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.util.Map;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.TestDatabase;
import lumko.app.platform.UnitSystem;
import org.junit.jupiter.api.Test;

class PasswordCommandTest extends ApplicationTest {
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream problems = new ByteArrayOutputStream();

    private int run(String... arguments) {
        TestDatabase.Access access = TestDatabase.access();
        return PasswordCommand.run(
                arguments,
                Map.of(
                        "SPRING_DATASOURCE_URL", access.url(),
                        "SPRING_DATASOURCE_USERNAME", access.user(),
                        "SPRING_DATASOURCE_PASSWORD", access.password()),
                new PrintStream(out),
                new PrintStream(problems));
    }

    @Test
    void whoIsLockedOutChoosesAnOwnOne() {
        String login = "locked-" + UUID.randomUUID();
        accounts.found("Locked Out", UnitSystem.METRIC, "Europe/London", "Ivo Carr", login, "herons at low water");
        assertThat(run(login.toUpperCase(java.util.Locale.ROOT))).isZero();
        SignedInClient client = SignedInClient.nobody(port);
        client.signIn(login, out.toString().lines().findFirst().orElseThrow());
        assertThat(client.get("/").headers().firstValue("location").orElse("")).endsWith("/password");
    }

    @Test
    void nobodyIsSaid() {
        assertThat(run("nobody-at-all")).isEqualTo(1);
        assertThat(problems.toString()).contains("Nobody who may sign in has the name “nobody-at-all”");
        assertThat(run()).isEqualTo(2);
        assertThat(out.toString()).isEmpty();
    }
}

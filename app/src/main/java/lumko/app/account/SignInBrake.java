package lumko.app.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Slows signing in with each failure, by name and by address, so that passwords cannot be guessed by trying. It only slows:
 * nobody can be locked out by somebody else's tries for longer than a minute. Kept in the database, so that it holds for
 * every copy of the application and outlives a restart.
 */
@Component
class SignInBrake {
    /** Mistyped so many times costs nothing yet. */
    private static final int FREE_BY_NAME = 3;

    /** An office signs in from one address. */
    private static final int FREE_BY_ADDRESS = 12;

    private static final int MOST_DOUBLINGS = 6;
    private static final Duration LONGEST = Duration.ofMinutes(1);
    private static final Duration FORGOTTEN = Duration.ofMinutes(15);

    private final JdbcClient jdbc;
    private final Clock clock;

    SignInBrake(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private record Failures(String key, int count, Instant last) {}

    /** How long somebody has to wait before the next try; nothing if not at all. */
    Duration wait(String login, String address) {
        return jdbc
                .sql("select key, failures, last_at from sign_in_failure where key in (:keys)")
                .param("keys", List.of(name(login), address(address)))
                .query((row, number) -> new Failures(
                        row.getString("key"),
                        row.getInt("failures"),
                        row.getObject("last_at", OffsetDateTime.class).toInstant()))
                .list()
                .stream()
                .map(this::left)
                .reduce(Duration.ZERO, (one, other) -> one.compareTo(other) > 0 ? one : other);
    }

    private Duration left(Failures failures) {
        int counted = failures.count() - (failures.key().startsWith("name:") ? FREE_BY_NAME : FREE_BY_ADDRESS);
        if (counted < 0) {
            return Duration.ZERO;
        }
        Duration whole = Duration.ofSeconds(1L << Math.min(counted, MOST_DOUBLINGS));
        Duration left = Duration.between(
                now().toInstant(), failures.last().plus(whole.compareTo(LONGEST) > 0 ? LONGEST : whole));
        return left.isNegative() ? Duration.ZERO : left;
    }

    void failed(String login, String address) {
        for (String key : List.of(name(login), address(address))) {
            jdbc.sql("""
                            insert into sign_in_failure (key, failures, last_at) values (:key, 1, :now)
                            on conflict (key) do update set last_at = :now,
                              failures = case when sign_in_failure.last_at < :forgotten then 1
                                else sign_in_failure.failures + 1 end""")
                    .param("key", key)
                    .param("now", now())
                    .param("forgotten", now().minus(FORGOTTEN))
                    .update();
        }
    }

    /** The name starts anew; what the address has on it stays until it is forgotten. */
    void succeeded(String login) {
        jdbc.sql("delete from sign_in_failure where key = :key or last_at < :forgotten")
                .param("key", name(login))
                .param("forgotten", now().minus(FORGOTTEN))
                .update();
    }

    private OffsetDateTime now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS).atOffset(ZoneOffset.UTC);
    }

    private static String name(String login) {
        return "name:" + login.strip().toLowerCase(Locale.ROOT);
    }

    private static String address(String address) {
        return "address:" + address;
    }
}

package lumko.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A fresh database in the throw-away cluster of the tests, which is started if it is not running. */
public final class TestDatabase {
    /** How to reach it. */
    public record Access(String url, String user, String password) {}

    private static final Access CLUSTER = cluster();
    private static final Access ACCESS = another("demo");

    private TestDatabase() {}

    public static Access access() {
        return ACCESS;
    }

    /** One more fresh database. */
    public static Access another(String name) {
        String database = "test_" + name + "_" + ProcessHandle.current().pid();
        try (var connection = DriverManager.getConnection(CLUSTER.url(), CLUSTER.user(), CLUSTER.password());
                var statement = connection.createStatement()) {
            statement.execute("drop database if exists " + database + " with (force)");
            statement.execute("create database " + database);
        } catch (SQLException problem) {
            throw new IllegalStateException(problem);
        }
        return new Access(CLUSTER.url().replaceAll("/[^/]*$", "/" + database), CLUSTER.user(), CLUSTER.password());
    }

    private static Access cluster() {
        try {
            Map<String, String> env = new HashMap<>(System.getenv());
            if (!env.containsKey("SPRING_DATASOURCE_URL")) {
                env.putAll(startCluster());
            }
            return new Access(
                    env.get("SPRING_DATASOURCE_URL"),
                    env.get("SPRING_DATASOURCE_USERNAME"),
                    env.get("SPRING_DATASOURCE_PASSWORD"));
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        } catch (InterruptedException problem) {
            throw new IllegalStateException(problem);
        }
    }

    private static Map<String, String> startCluster() throws IOException, InterruptedException {
        Path root = Path.of("").toAbsolutePath();
        while (!Files.exists(root.resolve("bin/postgres.sh"))) {
            root = root.getParent();
        }
        ProcessBuilder builder = new ProcessBuilder(
                        "bash", root.resolve("bin/postgres.sh").toString(), "start")
                .redirectError(ProcessBuilder.Redirect.INHERIT);
        builder.environment().put("LUMKO_PG_THROWAWAY", "1");
        builder.environment()
                .put("LUMKO_PG_DIR", root.resolve("app/target/test-postgres").toString());
        Process process = builder.start();
        String printed = new String(process.getInputStream().readAllBytes());
        if (process.waitFor() != 0) {
            throw new IllegalStateException("the test cluster did not start");
        }
        Map<String, String> env = new HashMap<>();
        Matcher matcher = Pattern.compile("([A-Z_]+)=(\\S+)").matcher(printed);
        while (matcher.find()) {
            env.put(matcher.group(1), matcher.group(2));
        }
        return env;
    }
}

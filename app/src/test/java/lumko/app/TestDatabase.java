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

    private static final Access ACCESS = create();

    private TestDatabase() {}

    public static Access access() {
        return ACCESS;
    }

    private static Access create() {
        try {
            Map<String, String> env = new HashMap<>(System.getenv());
            if (!env.containsKey("SPRING_DATASOURCE_URL")) {
                env.putAll(startCluster());
            }
            String url = env.get("SPRING_DATASOURCE_URL");
            String user = env.get("SPRING_DATASOURCE_USERNAME");
            String password = env.get("SPRING_DATASOURCE_PASSWORD");
            String name = "test_" + ProcessHandle.current().pid();
            try (var connection = DriverManager.getConnection(url, user, password);
                    var statement = connection.createStatement()) {
                statement.execute("drop database if exists " + name + " with (force)");
                statement.execute("create database " + name);
            }
            return new Access(url.replaceAll("/[^/]*$", "/" + name), user, password);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        } catch (SQLException | InterruptedException problem) {
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

package lumko.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.boot.builder.SpringApplicationBuilder;

/**
 * Databases in the throw-away cluster of the tests, which is started if it is not running. The one with the demo is a copy of a
 * template that is filled once for what is compiled, however many processes test it.
 */
public final class TestDatabase {
    /** How to reach it. */
    public record Access(String url, String user, String password) {}

    private static final Access CLUSTER = cluster();

    private TestDatabase() {}

    /** The demo of this process, made when it is first asked for. */
    private static final class Demo {
        private static final Access ACCESS = demo();

        private Demo() {}
    }

    public static Access access() {
        return Demo.ACCESS;
    }

    /** One more fresh, empty database. */
    public static Access another(String name) {
        String database = "test_" + name + "_" + ProcessHandle.current().pid();
        inCluster(cluster -> {
            cluster.execute("drop database if exists " + database + " with (force)");
            cluster.execute("create database " + database);
        });
        return named(database);
    }

    /** One more with the demo in it. */
    public static Access anotherDemo(String name) {
        access();
        String database = "test_" + name + "_" + ProcessHandle.current().pid();
        inCluster(cluster -> {
            cluster.execute("drop database if exists " + database + " with (force)");
            cluster.execute("create database " + database + " template \"demo_" + digestOfClasses() + "\"");
        });
        return named(database);
    }

    private static Access demo() {
        String template = "demo_" + digestOfClasses();
        String database = "test_demo_" + ProcessHandle.current().pid();
        inCluster(cluster -> {
            // whoever comes second waits until the template is whole
            cluster.execute("select pg_advisory_lock(1911)");
            if (!exists(cluster, template)) {
                fill(cluster, template);
            }
            cluster.execute("drop database if exists " + database + " with (force)");
            cluster.execute("create database " + database + " template \"" + template + "\"");
        });
        return named(database);
    }

    private static void fill(Statement cluster, String template) throws SQLException {
        try (ResultSet old = cluster.executeQuery("select datname from pg_database where datname like 'demo\\_%'")) {
            List<String> names = new ArrayList<>();
            while (old.next()) {
                names.add(old.getString(1));
            }
            for (String name : names) {
                cluster.execute("drop database \"" + name + "\" with (force)");
            }
        }
        cluster.execute("create database demo_unfinished");
        Access access = named("demo_unfinished");
        new SpringApplicationBuilder(LumkoApplication.class)
                .run(
                        "--lumko.clock=" + ApplicationTest.START.minus(Duration.ofHours(1)),
                        "--lumko.demo=true",
                        "--lumko.sensor=simulated",
                        "--server.port=0",
                        "--spring.datasource.url=" + access.url(),
                        "--spring.datasource.username=" + access.user(),
                        "--spring.datasource.password=" + access.password())
                .close();
        cluster.execute("alter database demo_unfinished rename to \"" + template + "\"");
    }

    private static boolean exists(Statement cluster, String database) throws SQLException {
        try (ResultSet found = cluster.executeQuery("select 1 from pg_database where datname = '" + database + "'")) {
            return found.next();
        }
    }

    /** What the template was filled by: everything compiled and every migration. */
    private static String digestOfClasses() {
        try (Stream<Path> files = Stream.concat(
                Files.walk(root().resolve("app/target/classes")), Files.walk(root().resolve("core/target/classes")))) {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (Path file : files.filter(Files::isRegularFile).sorted().toList()) {
                String name = file.toString();
                if (name.endsWith(".class") || name.endsWith(".sql")) {
                    digest.update(Files.readAllBytes(file));
                }
            }
            return HexFormat.of().formatHex(digest.digest(), 0, 6);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }

    private static Access named(String database) {
        return new Access(CLUSTER.url().replaceAll("/[^/]*$", "/" + database), CLUSTER.user(), CLUSTER.password());
    }

    private interface Work {
        void on(Statement cluster) throws SQLException;
    }

    private static void inCluster(Work work) {
        try (var connection = DriverManager.getConnection(CLUSTER.url(), CLUSTER.user(), CLUSTER.password());
                var statement = connection.createStatement()) {
            work.on(statement);
        } catch (SQLException problem) {
            throw new IllegalStateException(problem);
        }
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

    private static Path root() {
        Path root = Path.of("").toAbsolutePath();
        while (!Files.exists(root.resolve("bin/postgres.sh"))) {
            root = root.getParent();
        }
        return root;
    }

    private static Map<String, String> startCluster() throws IOException, InterruptedException {
        Path root = root();
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

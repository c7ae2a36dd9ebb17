package lumko.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.awaitility.Awaitility;

/** The application as a process of its own, cold; and the port it listens at. */
record Copy(Process process, int port) {
    private static final List<String> OF_THE_DEMO = List.of(
            "--lumko.demo=true",
            "--lumko.sensor=simulated",
            "--lumko.clock=" + ApplicationTest.MORNING,
            "--lumko.plan.seconds=3");

    /** As it is compiled, with the demo. */
    static Copy of(TestDatabase.Access database) throws IOException {
        String classes = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        return start(database, java("-cp", classes, "lumko.app.LumkoApplication"), OF_THE_DEMO);
    }

    /** As it is delivered: with what was settled when it was built. */
    static Copy ofJar(TestDatabase.Access database, String... settings) throws IOException {
        return start(database, java("-Dspring.aot.enabled=true", "-jar", "target/lumko.jar"), List.of(settings));
    }

    /** As it is delivered and run, from a folder that may have the cache of a start in it, with the demo. */
    static Copy ofFolder(TestDatabase.Access database, Path folder) throws IOException {
        return start(database, List.of("../bin/serve.sh", folder.toString()), OF_THE_DEMO);
    }

    private static List<String> java(String... program) {
        return Stream.concat(
                        Stream.of(
                                javaHome().resolve("bin/java").toString(),
                                "-XX:+UseSerialGC",
                                "-XX:TieredStopAtLevel=1",
                                "-Xmx400m"),
                        Stream.of(program))
                .toList();
    }

    static Path javaHome() {
        return Path.of(System.getProperty("java.home"));
    }

    private static Copy start(TestDatabase.Access database, List<String> program, List<String> settings)
            throws IOException {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        List<String> command = new ArrayList<>(program);
        command.addAll(settings);
        command.addAll(List.of(
                "--server.port=" + port,
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.username=" + database.user(),
                "--spring.datasource.password=" + database.password()));
        return new Copy(start(command, Files.createTempFile("lumko-copy", ".log")), port);
    }

    /** Starts a program that finds the virtual machine of the tests. */
    static Process start(List<String> command, Path log) throws IOException {
        ProcessBuilder program =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile());
        program.environment().merge("PATH", javaHome().resolve("bin").toString(), (path, own) -> own + ":" + path);
        return program.start();
    }

    private boolean isUp() {
        try {
            int status = SignedInClient.nobody(port).get("/login").statusCode();
            if (status != 200) {
                throw new IllegalStateException("The first answer is no page to sign in at: " + status);
            }
            return true;
        } catch (UncheckedIOException notYet) {
            if (process.isAlive()) {
                return false;
            }
            throw new IllegalStateException("It came to an end: " + process.exitValue(), notYet);
        }
    }

    /**
     * @throws IllegalStateException if it came to an end instead, or what is served first is not the page to sign in at
     * @throws org.awaitility.core.ConditionTimeoutException if nothing is served after two minutes
     */
    void awaitFirstPage() {
        Awaitility.await().atMost(Duration.ofMinutes(2)).until(this::isUp);
    }

    void kill() {
        process.destroyForcibly();
        process.onExit().join();
    }

    /** Paths of walls without openings or fittings, in flats that stand empty. */
    static List<String> plainWalls(TestDatabase.Access database) throws SQLException {
        List<String> walls = new ArrayList<>();
        try (var connection = DriverManager.getConnection(database.url(), database.user(), database.password());
                var statement = connection.createStatement();
                ResultSet row = statement.executeQuery("""
                        select s.id from surface s join room r on r.id = s.room_id
                          join turnover t on t.flat_id = r.flat_id and t.ended_on is null
                        where s.kind = 'WALL' and not exists (select from wall_feature f where f.surface_id = s.id)
                        order by s.id""")) {
            while (row.next()) {
                walls.add("/walls/" + row.getString(1));
            }
        }
        return walls;
    }
}

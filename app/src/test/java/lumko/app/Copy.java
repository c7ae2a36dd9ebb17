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
import org.awaitility.Awaitility;

/** The application as a process of its own, cold; and the port it listens at. */
record Copy(Process process, int port) {
    /** As it is compiled, with the demo. */
    static Copy of(TestDatabase.Access database) throws IOException {
        String classes = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        return start(
                database,
                List.of("-cp", classes, "lumko.app.LumkoApplication"),
                "--lumko.demo=true",
                "--lumko.sensor=simulated",
                "--lumko.clock=" + ApplicationTest.MORNING,
                "--lumko.plan.seconds=3");
    }

    /** As it is delivered: with what was settled when it was built. */
    static Copy ofJar(TestDatabase.Access database, String... settings) throws IOException {
        return start(database, List.of("-Dspring.aot.enabled=true", "-jar", "target/lumko.jar"), settings);
    }

    private static Copy start(TestDatabase.Access database, List<String> program, String... settings)
            throws IOException {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Xmx400m"));
        command.addAll(program);
        command.addAll(List.of(settings));
        command.addAll(List.of(
                "--server.port=" + port,
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.username=" + database.user(),
                "--spring.datasource.password=" + database.password()));
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(Files.createTempFile("lumko-copy", ".log").toFile())
                .start();
        return new Copy(process, port);
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

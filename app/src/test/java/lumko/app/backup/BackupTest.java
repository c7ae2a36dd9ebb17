package lumko.app.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import lumko.app.TestDatabase;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupTest {
    @TempDir
    Path folder;

    private TestDatabase.Access access;
    private Database database;
    private Backups backups;

    @BeforeEach
    void aSmallDatabase() throws SQLException {
        access = TestDatabase.another("backup_" + UUID.randomUUID().toString().substring(0, 8));
        database = Database.of(access.url(), access.user(), access.password());
        backups = new Backups(database, Clock.fixed(Instant.parse("2026-03-04T02:30:00Z"), ZoneOffset.UTC));
        execute(
                "create table tin (id int primary key, label varchar(12) not null, left_l double precision)",
                "insert into tin select n, 'T' || n, n / 7.0 from generate_series(1, 500) n",
                "create table \"order\" (place text)",
                "insert into \"order\" values ('shelf'), (null)");
    }

    @AfterEach
    void gone() throws SQLException {
        for (String name : named(database.name() + "%")) {
            database.inCluster("drop database if exists \"" + name + "\" with (force)");
        }
    }

    private void execute(String... statements) throws SQLException {
        try (Connection connection = database.connect();
                var statement = connection.createStatement()) {
            for (String each : statements) {
                statement.execute(each);
            }
        }
    }

    private List<String> named(String like) throws SQLException {
        try (Connection connection = database.named("postgres").connect()) {
            return Database.strings(connection, "select datname from pg_database where datname like '" + like + "'");
        }
    }

    private Fingerprint now() throws SQLException {
        try (Connection connection = database.connect()) {
            return Fingerprint.of(connection);
        }
    }

    @Test
    void whatWentInComesBack() throws Exception {
        Fingerprint before = now();
        Path file = folder.resolve("lumko.backup");
        Backups.Written written = backups.write(file);
        assertThat(written.rows()).isEqualTo(502);
        assertThat(written.tables()).isEqualTo(2);
        assertThat(Files.getPosixFilePermissions(file)).isEqualTo(PosixFilePermissions.fromString("rw-------"));
        execute("delete from tin where id > 100", "update tin set label = 'x' where id = 1");
        Backups.Restored restored = backups.restore(file);
        assertThat(now()).isEqualTo(before);
        assertThat(restored.rows()).isEqualTo(502);
        assertThat(named(restored.before())).hasSize(1);
        assertThat(named(database.name() + "_check_%")).isEmpty();
    }

    /** Every value of every row counts, not only how many there are. */
    @Test
    void oneOtherValueIsSeen() throws SQLException {
        Fingerprint before = now();
        execute("update tin set left_l = left_l + 0.001 where id = 250");
        assertThat(now()).isNotEqualTo(before);
        assertThat(before.differences(now())).isEqualTo("tin");
    }

    @Test
    void othersMayWriteMeanwhile() throws Exception {
        AtomicBoolean isOver = new AtomicBoolean();
        Thread writer = new Thread(() -> {
            try {
                for (int n = 1000; !isOver.get(); n++) {
                    execute("insert into tin values (" + n + ", 'busy', 1)", "update tin set left_l = left_l * 0.999");
                }
            } catch (SQLException gone) {
                throw new IllegalStateException(gone);
            }
        });
        writer.start();
        try {
            assertThat(backups.write(folder.resolve("busy")).rows()).isGreaterThanOrEqualTo(502);
        } finally {
            isOver.set(true);
            writer.join();
        }
    }

    @Test
    void whileSomebodyIsConnectedNothingIsTakenBack() throws Exception {
        Path file = folder.resolve("lumko.backup");
        backups.write(file);
        try (Connection somebody = database.connect()) {
            assertThat(somebody.isValid(1)).isTrue();
            assertThatThrownBy(() -> backups.restore(file)).hasMessageContaining("stop the application first");
        }
    }

    @Test
    void aBrokenFileChangesNothing() throws Exception {
        Fingerprint before = now();
        Path file = folder.resolve("lumko.backup");
        backups.write(file);
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, java.util.Arrays.copyOf(whole, whole.length / 2));
        assertThatThrownBy(() -> backups.restore(file)).isInstanceOf(BackupException.class);
        assertThatThrownBy(() -> backups.restore(folder.resolve("none"))).hasMessageContaining("there is no file");
        assertThat(now()).isEqualTo(before);
        assertThat(named(database.name() + "_restored_%")).isEmpty();
    }

    @Test
    void theLastSoManyAreKept() throws Exception {
        for (String old : List.of("2026-01-01T02-30-00", "2026-01-02T02-30-00", "2026-01-03T02-30-00")) {
            Files.createFile(folder.resolve(old + ".lumko-backup"));
        }
        Files.createFile(folder.resolve("notes.txt"));
        Path written = backups.writeInto(folder, 2).file();
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(file -> file.getFileName().toString()))
                    .containsExactlyInAnyOrder(
                            written.getFileName().toString(), "2026-01-03T02-30-00.lumko-backup", "notes.txt");
        }
    }

    private String command(String... arguments) throws IOException {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        Map<String, String> environment = Map.of(
                "SPRING_DATASOURCE_URL", access.url(),
                "SPRING_DATASOURCE_USERNAME", access.user(),
                "SPRING_DATASOURCE_PASSWORD", access.password());
        try (PrintStream out = new PrintStream(said, true, StandardCharsets.UTF_8)) {
            int code = BackupCommand.run(arguments, environment, out, out);
            return code + " " + said.toString(StandardCharsets.UTF_8);
        }
    }

    @Test
    void byCommand() throws IOException {
        String file = folder.resolve("by-hand").toString();
        assertThat(command("backup", file)).startsWith("0 ").contains("502 rows in 2 tables", "the same");
        assertThat(command("restore", file)).startsWith("0 ").contains("502 rows in 2 tables are back");
        assertThat(command("restore", file + "-none")).startsWith("1 Not done: there is no file");
        assertThat(command("restore")).startsWith("2 usage");
        assertThat(command("destroy", file)).startsWith("2 usage");
    }
}

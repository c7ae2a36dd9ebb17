package lumko.app.backup;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Writes the database into a file in the custom format of pg_dump, and takes it back. A file is kept only after it was restored
 * into a database of its own and that had the same rows: a backup that nobody has come back from is none.
 */
final class Backups {
    private static final String UNFINISHED = ".unfinished";
    private static final String ENDING = ".lumko-backup";
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH-mm-ss");

    private final Database database;
    private final Clock clock;

    Backups(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What is in a backup. */
    record Written(Path file, long bytes, int tables, long rows) {}

    /** What came back, and what the database that stood there before is called now. */
    record Restored(int tables, long rows, String before) {}

    /**
     * Writes what the database holds now; others may go on writing meanwhile.
     *
     * @throws BackupException if what comes back from the file is not what went in; nothing is kept then
     */
    Written write(Path file) throws IOException, SQLException {
        Path folder = file.toAbsolutePath().getParent();
        Files.createDirectories(folder);
        Path unfinished = Files.createTempFile(
                folder,
                file.getFileName().toString(),
                UNFINISHED,
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        try {
            Fingerprint written;
            try (Connection connection = database.connect()) {
                connection.setAutoCommit(false);
                connection.setReadOnly(true);
                connection.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
                String snapshot = Database.strings(connection, "select pg_export_snapshot()")
                        .getFirst();
                run(
                        "pg_dump",
                        "--format=custom",
                        "--no-owner",
                        "--snapshot=" + snapshot,
                        "--file=" + unfinished,
                        database.name());
                written = Fingerprint.of(connection);
            }
            String scratch =
                    database.name() + "_check_" + UUID.randomUUID().toString().substring(0, 8);
            try {
                Fingerprint back = into(scratch, unfinished);
                if (!back.equals(written)) {
                    throw new BackupException("what comes back differs in: " + written.differences(back));
                }
            } finally {
                database.inCluster("drop database if exists " + scratch + " with (force)");
            }
            Files.move(unfinished, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            return new Written(file, Files.size(file), written.tables().size(), written.rows());
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }

    /**
     * Puts a database of what is in a file in place of the one that stands, which is kept under another name.
     *
     * @throws BackupException if somebody is connected, or the file cannot be read to its end; nothing has changed then
     */
    Restored restore(Path file) throws IOException, SQLException {
        if (!Files.isReadable(file)) {
            throw new BackupException("there is no file " + file);
        }
        if (database.others() > 0) {
            throw new BackupException("somebody is connected to the database: stop the application first");
        }
        String moment =
                LocalDateTime.now(clock).format(MOMENT).replaceAll("\\W", "_").toLowerCase(java.util.Locale.ROOT);
        String coming = database.name() + "_restored_" + moment;
        String before = database.name() + "_before_" + moment;
        Fingerprint back;
        try {
            back = into(coming, file);
        } catch (BackupException | SQLException broken) {
            database.inCluster("drop database if exists " + coming + " with (force)");
            throw broken;
        }
        database.inCluster(
                "alter database \"" + database.name() + "\" rename to " + before,
                "alter database " + coming + " rename to \"" + database.name() + "\"");
        return new Restored(back.tables().size(), back.rows(), before);
    }

    /** Writes a backup of the day into a folder and keeps the last so many of them. */
    Written writeInto(Path folder, int keep) throws IOException, SQLException {
        Written written = write(folder.resolve(LocalDateTime.now(clock).format(MOMENT) + ENDING));
        List<Path> kept = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            files.filter(each -> each.toString().endsWith(ENDING)).forEach(kept::add);
        }
        kept.sort(Comparator.<Path>naturalOrder().reversed());
        for (Path old : kept.subList(Math.min(keep, kept.size()), kept.size())) {
            Files.delete(old);
        }
        return written;
    }

    private Fingerprint into(String name, Path file) throws IOException, SQLException {
        database.inCluster("create database " + name);
        run("pg_restore", "--exit-on-error", "--no-owner", "--dbname=" + name, file.toString());
        try (Connection connection = database.named(name).connect()) {
            return Fingerprint.of(connection);
        }
    }

    /** The password goes through the environment: arguments of a command can be read by everybody on the machine. */
    private void run(String program, String... arguments) throws IOException {
        List<String> command = new ArrayList<>();
        command.add(found(program).toString());
        command.addAll(
                List.of("--host=" + database.host(), "--port=" + database.port(), "--username=" + database.user()));
        command.add("--no-password");
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("PGPASSWORD", database.password());
        Process process = builder.start();
        process.getOutputStream().close();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        try {
            if (process.waitFor() != 0) {
                throw new BackupException(program + ": " + said.strip());
            }
        } catch (InterruptedException stopped) {
            process.destroy();
            Thread.currentThread().interrupt();
            throw new BackupException(program + " was stopped");
        }
    }

    /** On the path, or where Debian puts the newest version of it. */
    private static Path found(String program) {
        for (String folder : System.getenv().getOrDefault("PATH", "").split(":")) {
            Path here = Path.of(folder, program);
            if (!folder.isEmpty() && Files.isExecutable(here) && !Files.isSymbolicLink(here)) {
                return here;
            }
        }
        Path debian = Path.of("/usr/lib/postgresql");
        if (Files.isDirectory(debian)) {
            try (Stream<Path> versions = Files.list(debian)) {
                return versions.map(version -> version.resolve("bin").resolve(program))
                        .filter(Files::isExecutable)
                        .max(Comparator.comparing(path -> Integer.parseInt(
                                "0" + path.getName(3).toString().replaceAll("\\D", ""))))
                        .orElseThrow(() -> new BackupException(program + " is missing"));
            } catch (IOException unreadable) {
                throw new BackupException(program + " is missing");
            }
        }
        throw new BackupException(program + " is missing");
    }
}

package lumko.app.backup;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Map;

/** {@code backup FILE} and {@code restore FILE}, without the application. The database is told by the environment. */
public final class BackupCommand {
    private BackupCommand() {}

    public static void main(String[] arguments) {
        System.exit(run(arguments, System.getenv(), System.out, System.err));
    }

    static int run(String[] arguments, Map<String, String> environment, PrintStream out, PrintStream err) {
        if (arguments.length != 2) {
            err.println("usage: backup FILE | restore FILE");
            return 2;
        }
        try {
            Backups backups = new Backups(
                    Database.of(
                            environment.getOrDefault("SPRING_DATASOURCE_URL", ""),
                            environment.getOrDefault("SPRING_DATASOURCE_USERNAME", ""),
                            environment.getOrDefault("SPRING_DATASOURCE_PASSWORD", "")),
                    Clock.systemDefaultZone());
            Path file = Path.of(arguments[1]);
            switch (arguments[0]) {
                case "backup" -> {
                    Backups.Written written = backups.write(file);
                    out.printf(
                            "%s: %d rows in %d tables, %.1f MB; restored into a database of its own and compared: the same.%n",
                            written.file(), written.rows(), written.tables(), written.bytes() / 1e6);
                }
                case "restore" -> {
                    Backups.Restored restored = backups.restore(file);
                    out.printf(
                            "%d rows in %d tables are back. What stood there before is the database %s.%n",
                            restored.rows(), restored.tables(), restored.before());
                }
                default -> {
                    err.println("usage: backup FILE | restore FILE");
                    return 2;
                }
            }
            return 0;
        } catch (BackupException | IllegalArgumentException | SQLException | IOException failed) {
            err.println("Not done: " + failed.getMessage());
            return 1;
        }
    }
}

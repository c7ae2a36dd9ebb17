package lumko.app.backup;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.DisabledSchedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedule;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalTime;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Once a day the database goes into a file, where a folder is set; the last so many files are kept. */
@Configuration(proxyBeanMethods = false)
class DailyBackup {
    private static final Logger LOG = LoggerFactory.getLogger(DailyBackup.class);

    @Bean
    RecurringTask<Void> dailyBackupTask(
            @Value("${spring.datasource.url}") String url,
            @Value("${spring.datasource.username}") String user,
            @Value("${spring.datasource.password}") String password,
            @Value("${lumko.backup.folder}") String folder,
            @Value("${lumko.backup.keep}") int keep,
            @Value("${lumko.backup.at}") String at) {
        Backups backups = new Backups(Database.of(url, user, password), Clock.systemDefaultZone());
        Schedule when = folder.isEmpty() ? new DisabledSchedule() : Schedules.daily(LocalTime.parse(at));
        return Tasks.recurring("daily-backup", when)
                .execute((instance, context) -> write(backups, Path.of(folder), keep));
    }

    private static void write(Backups backups, Path folder, int keep) {
        try {
            Backups.Written written = backups.writeInto(folder, keep);
            LOG.info("backup {}: {} rows, {} bytes", written.file(), written.rows(), written.bytes());
        } catch (BackupException | IOException | SQLException failed) {
            // said loudly and tried again tomorrow; a backup by hand can be made at any time
            LOG.error("the daily backup was not written", failed);
        }
    }
}

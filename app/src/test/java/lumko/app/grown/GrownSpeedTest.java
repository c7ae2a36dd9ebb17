package lumko.app.grown;

import com.sun.management.OperatingSystemMXBean;
import java.lang.management.ManagementFactory;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.sql.DataSource;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.Statements;
import lumko.app.plan.Planning;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Measures, and prints, what pages cost on the demo and on an organisation of 100,000 surfaces, in turn; run by ./lumko bench --grown. */
@Tag("grown")
class GrownSpeedTest extends ApplicationTest {
    private static final int WARM_UP = 200;
    private static final int MEASURED = 100;
    private static final OperatingSystemMXBean PROCESS =
            (OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();

    @Autowired
    DataSource database;

    @Autowired
    Planning planning;

    @Test
    void pagesSideBySide() throws SQLException {
        Map<String, String> demo;
        Map<String, String> grown;
        try (Connection connection = database.getConnection()) {
            Grown.organisation(connection, "one", Grown.Size.LARGE);
            Grown.organisation(connection, "two", Grown.Size.LARGE);
            demo = GrownPages.of(connection, "mirela");
            grown = GrownPages.of(connection, "mirela-one");
        }
        SignedInClient ofDemo = SignedInClient.of(port, "mirela");
        SignedInClient ofGrown = SignedInClient.nobody(port);
        ofGrown.signIn("mirela-one", Grown.PASSWORD);
        plan();
        System.out.printf(
                "%n%-22s %8s %8s %8s %8s %8s %8s %8s %8s%n",
                "page", "ms", "grown", "CPU ms", "grown", "kB", "grown", "SQL", "grown");
        Map<String, Cost[]> costs = new LinkedHashMap<>();
        for (String page : demo.keySet()) {
            Cost one = new Cost(ofDemo, demo.get(page));
            Cost other = new Cost(ofGrown, grown.get(page));
            costs.put(page, new Cost[] {one, other});
            for (int n = 0; n < WARM_UP + MEASURED; n++) {
                one.ask(n - WARM_UP);
                other.ask(n - WARM_UP);
            }
            System.out.printf(
                    "%-22s %8.1f %8.1f %8.1f %8.1f %8.0f %8.0f %8d %8d%n",
                    page,
                    one.median(),
                    other.median(),
                    one.cpu(),
                    other.cpu(),
                    one.bytes / 1e3,
                    other.bytes / 1e3,
                    one.statements,
                    other.statements);
        }
        System.gc();
        Runtime runtime = Runtime.getRuntime();
        System.out.printf("heap after a pass: %.0f MB%n", (runtime.totalMemory() - runtime.freeMemory()) / 1e6);
    }

    /** Puts a plan of every flat that stands empty in force. */
    private void plan() {
        long start = System.nanoTime();
        int flats = as(accounts.member("mirela-one"), () -> {
            planning.begin();
            return houses.openTurnovers().size();
        });
        System.out.printf("%n%d flats planned in %.1f s%n", flats, (System.nanoTime() - start) / 1e9);
    }

    /** What one page costs; the client is in the same process and counted in. */
    private static final class Cost {
        private final SignedInClient client;
        private final String path;
        private final double[] times = new double[MEASURED];
        private long cpu;
        private int bytes;
        private long statements;

        Cost(SignedInClient client, String path) {
            this.client = client;
            this.path = path;
        }

        /** @param n from 0 on it is measured */
        void ask(int n) {
            long start = System.nanoTime();
            long used = PROCESS.getProcessCpuTime();
            statements = Statements.of(() -> {
                var page = client.get(path);
                if (page.statusCode() != 200) {
                    throw new IllegalStateException(path + " answered " + page.statusCode());
                }
                bytes = page.body().length();
                return page;
            });
            if (n >= 0) {
                times[n] = (System.nanoTime() - start) / 1e6;
                cpu += PROCESS.getProcessCpuTime() - used;
            }
        }

        double median() {
            double[] sorted = times.clone();
            Arrays.sort(sorted);
            return sorted[MEASURED / 2];
        }

        double cpu() {
            return cpu / 1e6 / MEASURED;
        }
    }
}

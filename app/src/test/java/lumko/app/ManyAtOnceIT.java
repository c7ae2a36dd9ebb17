package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.io.TempDir;

/** As it is delivered and run, with the cache of a start. */
@Tag("slow")
class ManyAtOnceIT extends ManyAtOnce {
    @TempDir
    Path work;

    @Override
    Copy start(TestDatabase.Access on) throws IOException, InterruptedException {
        Path folder = work.resolve("lumko");
        run(
                Copy.javaHome().resolve("bin/java").toString(),
                "-Djarmode=tools",
                "-jar",
                "target/lumko.jar",
                "extract",
                "--destination",
                folder.toString());
        run("../bin/fast-start.sh", folder.toString(), work.resolve("cache.log").toString());
        assertThat(folder.resolve("start.aot")).exists();
        return Copy.ofFolder(on, folder);
    }

    private void run(String... command) throws IOException, InterruptedException {
        assertThat(Copy.start(List.of(command), work.resolve("prepared.log")).waitFor())
                .describedAs(command[0])
                .isZero();
    }
}

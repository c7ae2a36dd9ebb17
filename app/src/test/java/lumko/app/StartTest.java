package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Passwords do not go over a network as they are typed unless somebody says so. */
class StartTest {
    @TempDir
    Path folder;

    private String refused(Map<String, String> environment, String... arguments)
            throws IOException, InterruptedException {
        Path root = Path.of("").toAbsolutePath();
        while (!Files.exists(root.resolve("lumko"))) {
            root = root.getParent();
        }
        ProcessBuilder builder =
                new ProcessBuilder("bash", root.resolve("lumko").toString());
        builder.command().addAll(java.util.List.of(arguments));
        builder.environment().keySet().removeIf(name -> name.startsWith("LUMKO_"));
        builder.environment().put("LUMKO_SETTINGS", folder.resolve("settings").toString());
        builder.environment().putAll(environment);
        Process process = builder.redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).isEqualTo(1);
        return said;
    }

    @Test
    void plainHttpBeyondThisMachineIsRefused() throws Exception {
        assertThat(refused(Map.of(), "start", "--address", "0.0.0.0"))
                .contains("Beyond this machine Lumko wants TLS", "LUMKO_TLS_CERTIFICATE", "LUMKO_BEHIND_PROXY");
        assertThat(refused(Map.of("LUMKO_ADDRESS", "192.0.2.7"), "start")).contains("Beyond this machine");
    }

    @Test
    void settingsMayStandInAFile() throws Exception {
        Files.writeString(folder.resolve("settings"), "LUMKO_ADDRESS=192.0.2.7\n");
        assertThat(refused(Map.of(), "start")).contains("Beyond this machine");
    }
}

package lumko.reader;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Collections;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SimulatedReaderTest {
    private SimulatedReader reader;
    private Socket socket;
    private BufferedReader in;
    private Writer out;

    @BeforeEach
    void connect() throws IOException {
        reader = new SimulatedReader(0, 5);
        socket = new Socket(InetAddress.getLoopbackAddress(), reader.port());
        in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
        out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.US_ASCII);
    }

    @AfterEach
    void hangUp() throws IOException {
        socket.close();
        reader.close();
    }

    private String ask(String line) throws IOException {
        out.write(line + "\n");
        out.flush();
        return in.readLine();
    }

    private double[] read() throws IOException {
        return Arrays.stream(ask("READ").split(" "))
                .skip(2)
                .mapToDouble(Double::parseDouble)
                .toArray();
    }

    @Test
    void saysWhatItIs() throws IOException {
        assertThat(ask("HELLO")).startsWith("READER 1 ").contains("aperture=8", "bands=400:10:31");
    }

    @Test
    void wantsItsTileFirst() throws IOException {
        assertThat(ask("READ")).isEqualTo("ERR CALIBRATE");
        assertThat(ask("TILE")).startsWith("OK TILE drift=");
        assertThat(ask("READ")).startsWith("SPEC 31 ");
    }

    @Test
    void readsWhatItIsAimedAtWithALittleNoise() throws IOException {
        ask("TILE");
        assertThat(ask("AIM " + String.join(" ", Collections.nCopies(31, "0.42"))))
                .isEqualTo("OK AIM");
        double[] one = read();
        double[] other = read();
        assertThat(one).hasSize(31).isNotEqualTo(other);
        assertThat(Arrays.stream(one).average().orElseThrow()).isCloseTo(0.42, Offset.offset(0.01));
    }

    @Test
    void driftsUntilItIsPutOnItsTile() throws IOException {
        ask("TILE");
        for (int n = 0; n < 40; n++) {
            read();
        }
        assertThat(ask("READ")).isEqualTo("ERR CALIBRATE");
        String answer = ask("TILE");
        assertThat(Double.parseDouble(answer.substring(answer.indexOf('=') + 1)))
                .isGreaterThan(0.5);
    }

    @ParameterizedTest
    @CsvSource({"lifted, ERR LIFTED", "dark, ERR LIGHT", "garble, SPEC 31 0.4 0.x1 ??"})
    void hasTroublesOnce(String trouble, String answer) throws IOException {
        ask("TILE");
        ask("TROUBLE " + trouble);
        assertThat(ask("READ")).isEqualTo(answer);
        assertThat(ask("READ")).startsWith("SPEC 31 ").doesNotContain("x");
    }

    @Test
    void mayBeCutOffInTheMiddleOfAReading() throws IOException {
        ask("TILE");
        ask("TROUBLE cut");
        assertThat(ask("READ")).isEqualTo("SPEC 31 0.41 0.4");
        assertThat(in.readLine()).isNull();
    }

    @ParameterizedTest
    @CsvSource({"DANCE, ERR UNKNOWN", "AIM 1 2 3, ERR AIM", "TROUBLE, ERR TROUBLE", "'', ERR UNKNOWN"})
    void doesNotFallOverWhatItDoesNotKnow(String line, String answer) throws IOException {
        assertThat(ask(line)).isEqualTo(answer);
    }
}

package lumko.app.reading;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import lumko.core.colour.Spectrum;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Speaks the line protocol of docs/reader.md with a reader on loopback. The connection is kept while it works. */
@Component
class TcpColourReader implements ColourReader {
    private static final int PATIENCE_MS = 3000;
    private static final int LONGEST_LINE = 4096;

    private final int port;
    private @Nullable Connection connection;

    TcpColourReader(@Value("${lumko.reader.port}") int port) {
        this.port = port;
    }

    /** An open line to the instrument. */
    private static final class Connection implements AutoCloseable {
        private final Socket socket;
        private final BufferedReader in;
        private final String instrument;

        Connection(int port) throws IOException {
            socket = new Socket();
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE_MS);
            socket.setSoTimeout(PATIENCE_MS);
            in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
            String hello = ask("HELLO");
            if (!hello.startsWith("READER 1 ")) {
                throw new IOException("no colour reader answers there: " + hello);
            }
            instrument = hello.substring("READER 1 ".length());
        }

        String ask(String line) throws IOException {
            socket.getOutputStream().write((line + "\n").getBytes(StandardCharsets.US_ASCII));
            StringBuilder answer = new StringBuilder();
            for (int next = in.read(); next != '\n'; next = in.read()) {
                if (next < 0 || answer.length() > LONGEST_LINE) {
                    throw new IOException("cut off in the middle of an answer");
                }
                answer.append((char) next);
            }
            return answer.toString();
        }

        @Override
        public void close() {
            try {
                socket.close();
            } catch (IOException already) {
                // it is gone as it is
            }
        }
    }

    @Override
    public synchronized Answer calibrate() {
        return asked(line -> {
            String answer = line.ask("TILE");
            if (answer.startsWith("OK TILE drift=")) {
                return new Answer.Calibrated(
                        line.instrument, Double.parseDouble(answer.substring("OK TILE drift=".length())));
            }
            return failed(answer);
        });
    }

    @Override
    public synchronized Answer read(Optional<Spectrum> heldAgainst) {
        return asked(line -> {
            if (heldAgainst.isPresent()) {
                line.ask("AIM "
                        + Arrays.stream(heldAgainst.get().visible())
                                .mapToObj(factor -> String.format(Locale.ROOT, "%.5f", factor))
                                .collect(Collectors.joining(" ")));
            }
            String answer = line.ask("READ");
            if (answer.startsWith("SPEC " + Spectrum.BANDS + " ")) {
                String[] words = answer.split(" ");
                double[] factors = Arrays.stream(words)
                        .skip(2)
                        .mapToDouble(Double::parseDouble)
                        .toArray();
                return new Answer.Read(Spectrum.of(Spectrum.START, factors));
            }
            return failed(answer);
        });
    }

    private static Answer failed(String answer) {
        return new Answer.Failed(
                switch (answer) {
                    case "ERR TILE" -> Trouble.NOT_ON_TILE;
                    case "ERR CALIBRATE" -> Trouble.WANTS_ITS_TILE;
                    case "ERR LIFTED" -> Trouble.LIFTED;
                    case "ERR LIGHT" -> Trouble.LIGHT_FELL_IN;
                    default -> Trouble.NOT_UNDERSTOOD;
                });
    }

    private interface Question {
        Answer ask(Connection line) throws IOException;
    }

    private Answer asked(Question question) {
        Connection line = connection;
        boolean isNew = line == null;
        try {
            if (line == null) {
                line = new Connection(port);
                connection = line;
            }
            return question.ask(line);
        } catch (SocketTimeoutException silent) {
            hangUp();
            return new Answer.Failed(Trouble.CUT_OFF);
        } catch (IOException broken) {
            hangUp();
            return new Answer.Failed(isNew ? Trouble.NOT_THERE : Trouble.CUT_OFF);
        } catch (IllegalArgumentException garbled) {
            hangUp();
            return new Answer.Failed(Trouble.NOT_UNDERSTOOD);
        }
    }

    private void hangUp() {
        if (connection != null) {
            connection.close();
            connection = null;
        }
    }
}

package lumko.reader;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;

/**
 * The simulated reader. It reads what it is aimed at ({@code AIM}, which only a stand-in has) with a little noise; its lamp
 * drifts with each reading until it is put on its white tile again.
 */
public final class SimulatedReader implements AutoCloseable {
    static final int BANDS = 31;

    /** After so many readings it wants its tile. */
    private static final int CALIBRATED_FOR = 40;

    private static final double NOISE = 0.0008;
    private static final double DRIFT_A_READING = 0.0004;
    private static final int LONGEST_LINE = 4096;
    private static final double TILE = 0.92;

    private final ServerSocket server;
    private final Random random;
    private final List<String> troubles = new CopyOnWriteArrayList<>();

    /** @param port on loopback; 0 takes a free one */
    public SimulatedReader(int port, long seed) throws IOException {
        server = new ServerSocket(port, 5, InetAddress.getLoopbackAddress());
        random = new Random(seed);
        Thread.ofVirtual().start(this::serve);
    }

    public static void main(String[] arguments) throws IOException, InterruptedException {
        int port = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 7411;
        try (SimulatedReader reader = new SimulatedReader(port, System.nanoTime())) {
            System.out.println("simulated colour reader on 127.0.0.1:" + reader.port());
            Thread.currentThread().join();
        }
    }

    /** What goes wrong at the next press, once: cut, garble, lifted, dark, tile or uncalibrated. */
    public void trouble(String trouble) {
        troubles.add(trouble);
    }

    public int port() {
        return server.getLocalPort();
    }

    private void serve() {
        while (!server.isClosed()) {
            try {
                Socket socket = server.accept();
                Thread.ofVirtual().start(() -> new Talk(socket).run());
            } catch (IOException closed) {
                return;
            }
        }
    }

    @Override
    public void close() throws IOException {
        server.close();
    }

    /** One connection with its own calibration and troubles. */
    private final class Talk {
        private final Socket socket;
        private int left;
        private double drift;
        private double[] target = new double[BANDS];

        Talk(Socket socket) {
            this.socket = socket;
            Arrays.fill(target, 0.5);
        }

        void run() {
            try (socket;
                    BufferedReader in = new BufferedReader(
                            new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII), LONGEST_LINE);
                    Writer out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.US_ASCII)) {
                for (String line = in.readLine(); line != null && !line.equals("BYE"); line = in.readLine()) {
                    String answer = answer(line.strip());
                    if (answer.equals("CUT")) {
                        out.write("SPEC 31 0.41 0.4");
                        out.flush();
                        return;
                    }
                    out.write(answer + "\n");
                    out.flush();
                }
            } catch (IOException gone) {
                // the other side has gone; there is nobody left to tell
            }
        }

        private String answer(String line) {
            String[] words = line.split(" ");
            return switch (words[0]) {
                case "HELLO" -> "READER 1 geometry=45/0 aperture=8 bands=400:10:31 name=stand-in";
                case "TILE" -> tile();
                case "READ" -> read();
                case "AIM" -> aim(words);
                case "TROUBLE" -> trouble(words);
                default -> "ERR UNKNOWN";
            };
        }

        private String tile() {
            if (troubles.remove("tile")) {
                return "ERR TILE";
            }
            double was = drift;
            drift = 0;
            left = CALIBRATED_FOR;
            return "OK TILE drift=" + number(was * 100);
        }

        private String read() {
            if (troubles.remove("cut")) {
                return "CUT";
            }
            if (troubles.remove("garble")) {
                return "SPEC 31 0.4 0.x1 ??";
            }
            if (troubles.remove("lifted")) {
                return "ERR LIFTED";
            }
            if (troubles.remove("dark")) {
                return "ERR LIGHT";
            }
            if (troubles.remove("uncalibrated")) {
                left = 0;
            }
            if (left <= 0) {
                return "ERR CALIBRATE";
            }
            left--;
            drift += DRIFT_A_READING * (0.5 + random.nextDouble());
            StringBuilder spectrum = new StringBuilder("SPEC " + BANDS);
            double place = 1 + random.nextGaussian() * 0.002;
            for (double factor : target) {
                double seen = factor * place * (1 - drift) + random.nextGaussian() * NOISE;
                spectrum.append(' ').append(number(Math.max(0, Math.min(1.2, seen))));
            }
            return spectrum.toString();
        }

        private String aim(String[] words) {
            double[] wanted = new double[BANDS];
            if (words.length != BANDS + 1) {
                return "ERR AIM";
            }
            try {
                for (int band = 0; band < BANDS; band++) {
                    wanted[band] = Double.parseDouble(words[band + 1]);
                    if (!(wanted[band] >= 0 && wanted[band] <= TILE * 1.3)) {
                        return "ERR AIM";
                    }
                }
            } catch (NumberFormatException notANumber) {
                return "ERR AIM";
            }
            target = wanted;
            return "OK AIM";
        }

        private String trouble(String[] words) {
            if (words.length != 2) {
                return "ERR TROUBLE";
            }
            SimulatedReader.this.trouble(words[1]);
            return "OK TROUBLE";
        }

        private static String number(double value) {
            return String.format(Locale.ROOT, "%.5f", value);
        }
    }
}

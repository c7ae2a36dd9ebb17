package lumko.calc;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Calls the command as a shell would. */
public abstract class CalcTest {
    /** What a call came to. */
    protected record Outcome(int end, String out, String err) {
        public List<String> cells(int line) {
            return List.of(out.split("\n")[line].split(",", -1));
        }
    }

    protected static Outcome call(String in, String... arguments) {
        return call(in.getBytes(StandardCharsets.UTF_8), arguments);
    }

    static Outcome call(byte[] in, String... arguments) {
        InputStream stdin = System.in;
        PrintStream stdout = System.out;
        PrintStream stderr = System.err;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        try {
            System.setIn(new ByteArrayInputStream(in));
            System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
            System.setErr(new PrintStream(err, true, StandardCharsets.UTF_8));
            int end = Calc.run(arguments);
            return new Outcome(end, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
        } finally {
            System.setIn(stdin);
            System.setOut(stdout);
            System.setErr(stderr);
        }
    }
}

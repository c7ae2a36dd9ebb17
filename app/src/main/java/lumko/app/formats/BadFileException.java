package lumko.app.formats;

/** A file that cannot be taken, and where. */
public final class BadFileException extends RuntimeException {
    private final int line;

    /** @param line from 1; 0 where it cannot be told */
    public BadFileException(int line, String sentence) {
        super((line > 0 ? "Line " + line + ": " : "") + (line > 0 ? sentence : upper(sentence)) + ".");
        this.line = line;
    }

    private static String upper(String sentence) {
        return sentence.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + sentence.substring(1);
    }

    int line() {
        return line;
    }
}

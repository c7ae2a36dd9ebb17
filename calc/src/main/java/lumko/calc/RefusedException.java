package lumko.calc;

/** Something in the input cannot be taken: where it stands, what it is, and what is allowed. */
final class RefusedException extends IllegalArgumentException {
    /** @param line line of the input, from 1; 0 where it cannot be told */
    RefusedException(long line, String column, String value, String allowed) {
        super((line > 0 ? "line " + line + ", " : "")
                + (column.isEmpty() ? "" : "column " + column + ": ")
                + "“" + value + "” cannot be taken; allowed: " + allowed);
    }

    RefusedException(long line, String column, String value, String allowed, Throwable cause) {
        this(line, column, value, allowed);
        initCause(cause);
    }
}

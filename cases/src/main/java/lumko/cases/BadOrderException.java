package lumko.cases;

/** A job or a case that cannot be taken: where, what stands there, and what is allowed. */
public final class BadOrderException extends IllegalArgumentException {
    public BadOrderException(String message) {
        super(message);
    }
}

package lumko.calc.job;

/** A job or a case that cannot be taken: where, what stands there, and what is allowed. */
final class BadOrderException extends IllegalArgumentException {
    BadOrderException(String message) {
        super(message);
    }
}

package lumko.app.platform;

/** Nobody may do this as things stand. Says in a sentence what stands against it. */
public class NotNowException extends SpokenException {
    /** @param key message key of the sentence */
    public NotNowException(String key, Object... args) {
        super(key, args);
    }
}

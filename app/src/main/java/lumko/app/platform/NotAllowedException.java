package lumko.app.platform;

/** The signed-in person may see this but not change it. Says in a sentence who may. */
public class NotAllowedException extends SpokenException {
    /** @param key message key of the sentence */
    public NotAllowedException(String key, Object... args) {
        super(key, args);
    }
}

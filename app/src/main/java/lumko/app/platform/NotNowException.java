package lumko.app.platform;

import java.util.List;

/** Nobody may do this as things stand. Says in a sentence what stands against it. */
public class NotNowException extends RuntimeException {
    private final transient List<Object> args;

    /** @param key message key of the sentence */
    public NotNowException(String key, Object... args) {
        super(key);
        this.args = List.of(args);
    }

    public String key() {
        return String.valueOf(getMessage());
    }

    public List<Object> args() {
        return args;
    }
}

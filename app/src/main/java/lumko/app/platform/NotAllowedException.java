package lumko.app.platform;

import java.util.List;

/** The signed-in person may see this but not change it. Says in a sentence who may. */
public class NotAllowedException extends RuntimeException {
    private final transient List<Object> args;

    /** @param key message key of the sentence */
    public NotAllowedException(String key, Object... args) {
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

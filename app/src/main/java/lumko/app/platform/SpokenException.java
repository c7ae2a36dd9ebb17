package lumko.app.platform;

import java.util.List;

/** Something that cannot be done, with the key of the sentence that says why. */
public abstract class SpokenException extends RuntimeException {
    private final transient List<Object> args;

    /** @param key message key of the sentence */
    SpokenException(String key, Object... args) {
        super(key);
        this.args = List.of(args);
    }

    public final String sentence(Words words) {
        return words.say(String.valueOf(getMessage()), args);
    }
}

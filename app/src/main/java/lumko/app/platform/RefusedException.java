package lumko.app.platform;

import java.util.List;

/** What somebody sent cannot be taken; carries the key of the sentence that says why, with its figures. */
public final class RefusedException extends IllegalArgumentException {
    private final String key;
    private final transient List<Object> figures;

    public RefusedException(String key, Object... figures) {
        super(key);
        this.key = key;
        this.figures = List.of(figures);
    }

    String sentence(Words words) {
        return words.say(key, figures);
    }
}

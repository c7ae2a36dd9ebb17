package lumko.app.kept;

import java.util.Locale;
import java.util.UUID;
import lumko.app.platform.Plain;

/** What a kept result is for. */
public record KeptFor(What what, UUID id) {
    /** One of the things a result can be kept on. */
    public enum What {
        TIN,
        SURFACE,
        SHEET
    }

    /**
     * Written {@code tin:…}, {@code surface:…} or {@code sheet:…} with an id.
     *
     * @throws IllegalArgumentException if it is written otherwise
     */
    public static KeptFor of(String key) {
        int colon = key.indexOf(':');
        if (colon < 0) {
            throw new IllegalArgumentException("a result is kept for a tin, a surface or a job, was “" + key + "”");
        }
        return new KeptFor(
                What.valueOf(key.substring(0, colon).toUpperCase(Locale.ROOT)),
                Plain.id(key.substring(colon + 1))
                        .orElseThrow(() -> new IllegalArgumentException("no id in “" + key + "”")));
    }
}

package lumko.app.account;

import java.nio.charset.StandardCharsets;
import lumko.app.platform.Form;
import lumko.app.platform.Words;

/** What a password has to be. */
public final class Passwords {
    /** Shortest password taken. Source: NIST SP 800-63B-4, 3.1.1.2, which asks for at least 8 beside another factor, 15 alone. */
    private static final int SHORTEST = 12;

    /** bcrypt looks at so many bytes and no further. */
    static final int MOST_BYTES = 72;

    private Passwords() {}

    /** Reads a new password; what cannot be taken gets its sentence. */
    public static String read(Form form, String field, Words words) {
        String password = form.raw(field);
        int bytes = password.getBytes(StandardCharsets.UTF_8).length;
        if (password.length() < SHORTEST) {
            form.refuse(field, words.say("refused.password", String.valueOf(SHORTEST)));
        } else if (bytes > MOST_BYTES) {
            form.refuse(field, words.say("refused.passwordLong", String.valueOf(MOST_BYTES), String.valueOf(bytes)));
        }
        return password;
    }
}

package lumko.app.account;

import lumko.app.platform.Form;
import lumko.app.platform.Words;

/** What a password has to be. */
public final class Passwords {
    /** Shortest password taken. Source: NIST SP 800-63B-4, 3.1.1.2, which asks for at least 8 beside another factor, 15 alone. */
    private static final int SHORTEST = 12;

    private static final int LONGEST = 72;

    private Passwords() {}

    /** Reads a new password; what cannot be taken gets its sentence. bcrypt looks at 72 bytes and no further. */
    public static String read(Form form, String field, Words words) {
        String password = form.text(field, LONGEST);
        if (!form.hasError(field) && password.length() < SHORTEST) {
            form.refuse(field, words.say("refused.password", String.valueOf(SHORTEST)));
        }
        return password;
    }
}

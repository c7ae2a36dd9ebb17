package lumko.app.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lumko.app.platform.Form;
import lumko.app.platform.Words;

/** What a password has to be. */
public final class Passwords {
    /** Shortest password taken. Source: NIST SP 800-63B-4, 3.1.1.2, which asks for at least 8 beside another factor, 15 alone. */
    private static final int SHORTEST = 12;

    /** bcrypt looks at so many bytes and no further. */
    static final int MOST_BYTES = 72;

    private Passwords() {}

    /** Guessed within a million tries: 1 of 0–4. Source: zxcvbn, which knows the common ones, names, dates and rows of keys. */
    private static final int TOO_EASY = 1;

    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int GROUPS = 4;
    private static final int GROUP = 4;

    /** A password to be handed over: 16 letters without those that are taken for another, some 79 bits. */
    public static String made() {
        SecureRandom random = new SecureRandom();
        return IntStream.range(0, GROUPS)
                .mapToObj(group -> random.ints(GROUP, 0, LETTERS.length())
                        .mapToObj(at -> LETTERS.substring(at, at + 1))
                        .collect(Collectors.joining()))
                .collect(Collectors.joining("-"));
    }

    /**
     * Reads a new password; what cannot be taken gets its sentence.
     *
     * @param near what one tries first for this person: name, login, organisation
     */
    public static String read(Form form, String field, Words words, List<String> near) {
        String password = form.raw(field);
        int bytes = password.getBytes(StandardCharsets.UTF_8).length;
        if (password.length() < SHORTEST) {
            form.refuse(field, words.say("refused.password", String.valueOf(SHORTEST)));
        } else if (bytes > MOST_BYTES) {
            form.refuse(field, words.say("refused.passwordLong", String.valueOf(MOST_BYTES), String.valueOf(bytes)));
        } else if (Guesses.BY.measure(password, words(near)).getScore() <= TOO_EASY) {
            form.refuse(field, words.say("refused.passwordCommon"));
        }
        return password;
    }

    private static List<String> words(List<String> near) {
        return near.stream()
                .flatMap(each -> Stream.concat(Stream.of(each), Stream.of(each.split("\\W+"))))
                .filter(word -> !word.isEmpty())
                .map(word -> word.toLowerCase(Locale.ROOT))
                .toList();
    }

    /** Its lists of words are read when the first password is chosen. */
    private static final class Guesses {
        private static final Zxcvbn BY = new Zxcvbn();
    }
}

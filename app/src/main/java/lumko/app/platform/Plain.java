package lumko.app.platform;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The one place that decides what a text, a number, an id may be that somebody typed or a device sent. Numbers are digits with
 * one point or comma: what programs take for numbers besides ({@code 1d}, {@code 0x1p3}, {@code 1e3}, {@code NaN}) is none.
 * Letters that cannot be seen, or turn others round, are none of a text: two names that look alike are alike.
 */
public final class Plain {
    private static final Pattern NUMBER = Pattern.compile("[+-]?(\\d{1,12}([.,]\\d{0,20})?|[.,]\\d{1,20})");
    private static final Pattern ID = Pattern.compile("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}");
    private static final Pattern SPACES = Pattern.compile("[\\s\\p{Z}]+");
    /** Longest that is said again of what somebody typed. */
    private static final int QUOTED = 40;

    private Plain() {}

    /** A letter that cannot be seen, and where it stands, from 1. */
    public record Unseen(int codePoint, int at) {
        /** U+200B. */
        public String name() {
            return "U+%04X".formatted(codePoint);
        }
    }

    /** On one line, composed, without space around it. */
    public static String line(String typed) {
        return SPACES.matcher(Normalizer.normalize(typed, Normalizer.Form.NFC))
                .replaceAll(" ")
                .strip();
    }

    /** The first letter that cannot be seen; tabs and ends of lines can. */
    public static Optional<Unseen> unseen(String text) {
        for (int i = 0, at = 1; i < text.length(); at++) {
            int point = text.codePointAt(i);
            if (!isSeen(point)) {
                return Optional.of(new Unseen(point, at));
            }
            i += Character.charCount(point);
        }
        return Optional.empty();
    }

    /** Whether nothing but a machine could have sent it. */
    static boolean isSent(int point) {
        return switch (Character.getType(point)) {
            case Character.CONTROL -> point != '\t' && point != '\n' && point != '\r';
            case Character.SURROGATE, Character.UNASSIGNED -> true;
            default -> false;
        };
    }

    private static boolean isSeen(int point) {
        return !isSent(point)
                && Character.getType(point) != Character.FORMAT
                && Character.getType(point) != Character.PRIVATE_USE;
    }

    /** A number as people write it, with a point or a comma, a minus or a hyphen. */
    public static OptionalDouble number(String typed) {
        String plain = typed.strip().replace('−', '-');
        return NUMBER.matcher(plain).matches()
                ? OptionalDouble.of(Double.parseDouble(plain.replace(',', '.')))
                : OptionalDouble.empty();
    }

    public static Optional<UUID> id(String sent) {
        return ID.matcher(sent).matches() ? Optional.of(UUID.fromString(sent)) : Optional.empty();
    }

    /** What somebody typed, to be said again: short, and nothing in it that cannot be seen. */
    public static String quoted(String typed) {
        StringBuilder quoted = new StringBuilder();
        line(typed)
                .codePoints()
                .limit(QUOTED)
                .map(point -> isSeen(point) ? point : '\uFFFD')
                .forEach(quoted::appendCodePoint);
        return typed.codePointCount(0, typed.length()) > QUOTED ? quoted + "…" : quoted.toString();
    }

    /** Whether all the words that were typed occur somewhere in some texts, in whatever order and case. */
    public static boolean holds(String typed, String... texts) {
        String all = String.join(" ", texts).toLowerCase(Locale.ROOT);
        return Stream.of(typed.strip().toLowerCase(Locale.ROOT).split("\\s+")).allMatch(all::contains);
    }

    /** The one of some choices that has a name. */
    public static <E extends Enum<E>> Optional<E> oneOf(E[] choices, String name) {
        return Stream.of(choices).filter(each -> each.name().equals(name)).findFirst();
    }
}

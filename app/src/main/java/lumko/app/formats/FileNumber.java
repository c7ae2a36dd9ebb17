package lumko.app.formats;

import java.util.regex.Pattern;
import lumko.app.catalogue.Paints;
import lumko.app.platform.Plain;
import lumko.core.colour.Lab;

/** Numbers as files of instruments have them: with an exponent too, but nothing that only programs take for a number. */
final class FileNumber {
    private static final Pattern NUMBER =
            Pattern.compile("[+-]?(\\d{1,15}(\\.\\d{0,20})?|\\.\\d{1,20})([eE][+-]?\\d{1,2})?");
    private static final double MOST = 1e6;
    private static final double LIGHTEST = 100.5;

    private FileNumber() {}

    /** @param where in its line; empty where the line tells */
    static double of(String text, String where, int line) {
        String plain = text.strip();
        if (!NUMBER.matcher(plain).matches()) {
            throw new BadFileException(line, where + "“" + Plain.quoted(plain) + "” is no number");
        }
        double value = Double.parseDouble(plain);
        if (Math.abs(value) > MOST) {
            throw new BadFileException(line, where + Plain.quoted(plain) + " is larger than any measured value");
        }
        return value;
    }

    /** @throws BadFileException if no surface has such a colour */
    static Lab lab(double lightness, double a, double b, int line) {
        if (!(lightness >= 0 && lightness <= LIGHTEST)) {
            throw new BadFileException(line, "L* must be 0–100, was " + lightness);
        }
        if (!Paints.AXIS.holds(a) || !Paints.AXIS.holds(b)) {
            throw new BadFileException(line, "a* and b* must be −128 to 128, were " + a + " and " + b);
        }
        return new Lab(Math.min(100, lightness), a, b);
    }
}

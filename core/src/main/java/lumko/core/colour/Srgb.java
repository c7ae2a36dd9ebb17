package lumko.core.colour;

import java.util.Locale;
import java.util.regex.Pattern;

/** A colour of the screen, eight bits a channel. Source: IEC 61966-2-1:1999. */
public record Srgb(int red, int green, int blue) {
    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");

    /** XYZ of the D65 white (0.3127, 0.3290), Y = 100. */
    private static final double[] WHITE = {95.045593, 100, 108.905775};

    /** CIE 15:2018: (6/29)³ and (29/6)²/3. */
    private static final double EPSILON = 216.0 / 24389;

    private static final double SLOPE = 841.0 / 108;

    /**
     * Reads {@code #rrggbb}.
     *
     * @throws IllegalArgumentException if it is written otherwise
     */
    public static Srgb ofHex(String hex) {
        if (!HEX.matcher(hex).matches()) {
            throw new IllegalArgumentException(
                    "a screen colour is written #rrggbb with six hexadecimal digits, was " + hex);
        }
        int value = Integer.parseInt(hex.substring(1), 16);
        return new Srgb(value >> 16, value >> 8 & 255, value & 255);
    }

    public String hex() {
        return String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
    }

    /** CIELAB relative to D65, 2° observer; greys come out with a = b = 0. */
    public Lab lab() {
        double[] xyz = xyz();
        double x = f(xyz[0] / WHITE[0]);
        double y = f(xyz[1] / WHITE[1]);
        double z = f(xyz[2] / WHITE[2]);
        return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
    }

    /** Matrix of IEC 61966-2-1 at full precision, derived from its primaries and white. */
    private double[] xyz() {
        double r = linear(red);
        double g = linear(green);
        double b = linear(blue);
        return new double[] {
            100 * (0.41239079926595934 * r + 0.357584339383878 * g + 0.1804807884018343 * b),
            100 * (0.21263900587151027 * r + 0.715168678767756 * g + 0.07219231536073371 * b),
            100 * (0.01933081871559182 * r + 0.11919477979462598 * g + 0.9505321522496607 * b)
        };
    }

    private static double linear(int channel) {
        double v = channel / 255.0;
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    private static double f(double t) {
        return t > EPSILON ? Math.cbrt(t) : SLOPE * t + 4.0 / 29;
    }
}

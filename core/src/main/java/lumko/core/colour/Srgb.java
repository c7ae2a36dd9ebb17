package lumko.core.colour;

import java.util.Locale;
import java.util.regex.Pattern;

/** A colour of the screen, eight bits a channel. Source: IEC 61966-2-1:1999. */
public record Srgb(int red, int green, int blue) {
    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");

    /** XYZ of the D65 white (0.3127, 0.3290), Y = 100. */
    public static final Xyz WHITE = new Xyz(95.045593, 100, 108.905775);

    private static final byte[] CHANNELS = channels();

    /** A channel a little outside 0–1 is a matter of rounding, further out the screen cannot show the colour. */
    private static final double OUT_OF_RANGE = 0.002;

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

    /**
     * What the screen shows of a colour, and whether it can show it.
     *
     * @param isInRange whether no channel had to be cut
     */
    public record Shown(Srgb srgb, boolean isInRange) {}

    /** The nearest that the screen can show of a colour given relative to its white, channel by channel. */
    public static Shown of(Lab lab) {
        Xyz xyz = lab.xyz(WHITE);
        double x = xyz.x() / 100;
        double y = xyz.y() / 100;
        double z = xyz.z() / 100;
        double[] linear = {
            3.2409699419045213 * x - 1.5373831775700935 * y - 0.4986107602930033 * z,
            -0.9692436362808798 * x + 1.8759675015077206 * y + 0.04155505740717561 * z,
            0.05563007969699361 * x - 0.20397695888897657 * y + 1.0569715142428786 * z
        };
        boolean inRange = true;
        int[] channels = new int[3];
        for (int i = 0; i < 3; i++) {
            inRange &= linear[i] > -OUT_OF_RANGE && linear[i] < 1 + OUT_OF_RANGE;
            channels[i] = (int) Math.round(255 * encoded(Math.max(0, Math.min(1, linear[i]))));
        }
        return new Shown(new Srgb(channels[0], channels[1], channels[2]), inRange);
    }

    /**
     * The nearest that the screen can show of tristimulus values relative to its {@link #WHITE}, as 0xRRGGBB: for pictures, where
     * there are many.
     */
    public static int packed(double x, double y, double z) {
        int red = channel(3.2409699419045213 * x - 1.5373831775700935 * y - 0.4986107602930033 * z);
        int green = channel(-0.9692436362808798 * x + 1.8759675015077206 * y + 0.04155505740717561 * z);
        int blue = channel(0.05563007969699361 * x - 0.20397695888897657 * y + 1.0569715142428786 * z);
        return red << 16 | green << 8 | blue;
    }

    /** Looked up: between two places of the table no channel is off by more than one. */
    private static int channel(double percent) {
        return CHANNELS[(int) Math.rint(Math.clamp(percent / 100, 0, 1) * (CHANNELS.length - 1))] & 255;
    }

    private static byte[] channels() {
        byte[] channels = new byte[16_384];
        for (int at = 0; at < channels.length; at++) {
            channels[at] = (byte) Math.round(255 * encoded(at / (channels.length - 1.0)));
        }
        return channels;
    }

    /** What the screen shows of a surface in daylight. */
    public static Shown of(Spectrum spectrum) {
        return of(Colorimetry.SCREEN.lab(spectrum));
    }

    /** CIELAB relative to D65, 2° observer; greys come out with a = b = 0. */
    public Lab lab() {
        return Lab.of(xyz(), WHITE);
    }

    /** Matrix of IEC 61966-2-1 at full precision, derived from its primaries and white. */
    public Xyz xyz() {
        return xyz(linear(red), linear(green), linear(blue));
    }

    /** The same for channels linear in light, 0–1. */
    static Xyz xyz(double r, double g, double b) {
        return new Xyz(
                100 * (0.41239079926595934 * r + 0.357584339383878 * g + 0.1804807884018343 * b),
                100 * (0.21263900587151027 * r + 0.715168678767756 * g + 0.07219231536073371 * b),
                100 * (0.01933081871559182 * r + 0.11919477979462598 * g + 0.9505321522496607 * b));
    }

    static double linear(int channel) {
        double v = channel / 255.0;
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    private static double encoded(double v) {
        return v <= 0.0031308 ? 12.92 * v : 1.055 * Math.pow(v, 1 / 2.4) - 0.055;
    }
}

package lumko.core.colour;

/**
 * A colour a shade darker or lighter: its hue and chroma kept, its lightness moved as far as is seen.
 *
 * <p><i>Source</i>: the difference is CIEDE2000 (CIE 142-2001).
 */
public final class Shade {
    private static final double BLACK = 0;
    private static final double WHITE = 100;
    private static final double CLOSE_ENOUGH = 1e-4;

    private Shade() {}

    /**
     * @param difference between the colour and the shade, ΔE00, above 0
     * @return black or white where there is no room for so much
     */
    public static Lab darker(Lab from, double difference) {
        return moved(from, BLACK, difference);
    }

    /** The same, lighter. */
    public static Lab lighter(Lab from, double difference) {
        return moved(from, WHITE, difference);
    }

    private static Lab moved(Lab from, double limit, double difference) {
        double near = from.lightness();
        double far = limit;
        if (apart(from, far) <= difference) {
            return at(from, far);
        }
        while (Math.abs(far - near) > CLOSE_ENOUGH) {
            double middle = (near + far) / 2;
            if (apart(from, middle) < difference) {
                near = middle;
            } else {
                far = middle;
            }
        }
        return at(from, far);
    }

    private static double apart(Lab from, double lightness) {
        return ColourDifference.between(from, at(from, lightness));
    }

    private static Lab at(Lab from, double lightness) {
        return new Lab(lightness, from.a(), from.b());
    }
}

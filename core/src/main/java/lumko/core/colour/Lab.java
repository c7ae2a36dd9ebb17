package lumko.core.colour;

/** A colour in CIELAB. Source: CIE 15:2018, 8.2.1. */
public record Lab(double lightness, double a, double b) {
    /** CIE 15:2018: (6/29)³ and (29/6)²/3. */
    private static final double EPSILON = 216.0 / 24389;

    private static final double SLOPE = 841.0 / 108;

    /** The colour of tristimulus values relative to a white of the same method. */
    public static Lab of(Xyz xyz, Xyz white) {
        double x = f(xyz.x() / white.x());
        double y = f(xyz.y() / white.y());
        double z = f(xyz.z() / white.z());
        return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
    }

    private static double f(double t) {
        return t > EPSILON ? Math.cbrt(t) : SLOPE * t + 4.0 / 29;
    }

    private static double slope(double t, double white) {
        double f = Math.cbrt(t);
        return (t > EPSILON ? 1 / (3 * f * f) : SLOPE) / white;
    }

    /** How L*, a*, b* change at a colour as its tristimulus values begin to change by so much. */
    public static double[] change(Xyz at, Xyz by, Xyz white) {
        double x = slope(at.x() / white.x(), white.x()) * by.x();
        double y = slope(at.y() / white.y(), white.y()) * by.y();
        double z = slope(at.z() / white.z(), white.z()) * by.z();
        return new double[] {116 * y, 500 * (x - y), 200 * (y - z)};
    }

    /** Back to tristimulus values. */
    public Xyz xyz(Xyz white) {
        double y = (lightness + 16) / 116;
        return new Xyz(white.x() * inverse(y + a / 500), white.y() * inverse(y), white.z() * inverse(y - b / 200));
    }

    private static double inverse(double f) {
        return f > 6.0 / 29 ? f * f * f : (f - 4.0 / 29) / SLOPE;
    }

    /** How strong the colour is: C*ab. */
    public double chroma() {
        return Math.hypot(a, b);
    }

    /** The hue angle in degrees, 0–360; 0 for a grey. */
    public double hue() {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }
}

package lumko.core.colour;

/**
 * How different two colours look: CIEDE2000 with k<sub>L</sub> = k<sub>C</sub> = k<sub>H</sub> = 1. Source: CIE 142:2001;
 * Sharma, Wu, Dalal, “The CIEDE2000 color-difference formula”, Color Research and Application 30 (2005), 21–30. Where two
 * hues lie exactly opposite each other the branch is that of their equation 14, told without rounding.
 */
public final class ColourDifference {
    private static final double POW_25_7 = 6103515625.0;

    private ColourDifference() {}

    public static double between(Lab one, Lab other) {
        return between(one.lightness(), one.a(), one.b(), other.lightness(), other.a(), other.b());
    }

    /** The same, for inner loops. */
    public static double between(double l1, double a1, double b1, double l2, double a2, double b2) {
        double meanC = (Math.hypot(a1, b1) + Math.hypot(a2, b2)) / 2;
        double g = 0.5 * (1 - Math.sqrt(ratio7(meanC)));
        double ap1 = (1 + g) * a1;
        double ap2 = (1 + g) * a2;
        double cp1 = Math.hypot(ap1, b1);
        double cp2 = Math.hypot(ap2, b2);
        double dL = l2 - l1;
        double dC = cp2 - cp1;
        double hp1 = hue(ap1, b1);
        double hp2 = hue(ap2, b2);
        boolean hueless = cp1 * cp2 == 0;
        // on which side of 180° the difference lies is told by the cross product, which is exactly zero when opposite
        double dh = hueless ? 0 : hueDifference(hp1, hp2, ap1 * b2 - ap2 * b1);
        double dH = 2 * Math.sqrt(cp1 * cp2) * Math.sin(Math.toRadians(dh / 2));
        double meanL = (l1 + l2) / 2;
        double meanCp = (cp1 + cp2) / 2;
        double meanH = hueless ? hp1 + hp2 : meanHue(hp1, hp2, dh);
        double t = 1
                - 0.17 * cos(meanH - 30)
                + 0.24 * cos(2 * meanH)
                + 0.32 * cos(3 * meanH + 6)
                - 0.20 * cos(4 * meanH - 63);
        double l50 = (meanL - 50) * (meanL - 50);
        double sL = 1 + 0.015 * l50 / Math.sqrt(20 + l50);
        double sC = 1 + 0.045 * meanCp;
        double sH = 1 + 0.015 * meanCp * t;
        double theta = 30 * Math.exp(-square((meanH - 275) / 25));
        double rT = -2 * Math.sqrt(ratio7(meanCp)) * Math.sin(Math.toRadians(2 * theta));
        double x = dL / sL;
        double y = dC / sC;
        double z = dH / sH;
        return Math.sqrt(Math.max(0, x * x + y * y + z * z + rT * y * z));
    }

    /** C⁷ / (C⁷ + 25⁷). */
    static double ratio7(double c) {
        double c2 = c * c;
        double c7 = c2 * c2 * c2 * c;
        return c7 / (c7 + POW_25_7);
    }

    private static double hue(double ap, double b) {
        if (ap == 0 && b == 0) {
            return 0;
        }
        double degrees = Math.toDegrees(Math.atan2(b, ap));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double hueDifference(double h1, double h2, double cross) {
        double dh = h2 - h1;
        if (cross == 0 && Math.abs(dh) > 90) {
            // exactly opposite: not more than 180°, so no turn is added
            return dh > 0 ? 180 : -180;
        }
        if (dh > 180) {
            return dh - 360;
        }
        return dh < -180 ? dh + 360 : dh;
    }

    private static double meanHue(double h1, double h2, double dh) {
        double sum = h1 + h2;
        if (Math.abs(h1 - h2) <= 180 || Math.abs(dh) == 180) {
            return sum / 2;
        }
        return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }

    private static double square(double value) {
        return value * value;
    }
}

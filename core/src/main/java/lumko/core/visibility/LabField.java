package lumko.core.visibility;

import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;

/** A picture as the eye has it, row by row from the top. */
public final class LabField {
    private static final double EPSILON = 216.0 / 24389;
    private static final double KAPPA = 24389.0 / 27;

    private final int width;
    private final int height;
    private final double[] lightness;
    private final double[] a;
    private final double[] b;

    LabField(int width, int height) {
        this.width = width;
        this.height = height;
        this.lightness = new double[width * height];
        this.a = new double[width * height];
        this.b = new double[width * height];
    }

    void put(int at, double x, double y, double z) {
        double fx = cubeRoot(x / Scielab.WHITE.x());
        double fy = cubeRoot(y / Scielab.WHITE.y());
        double fz = cubeRoot(z / Scielab.WHITE.z());
        lightness[at] = 116 * fy - 16;
        a[at] = 500 * (fx - fy);
        b[at] = 200 * (fy - fz);
    }

    private static double cubeRoot(double share) {
        return share > EPSILON ? Math.cbrt(share) : (KAPPA * share + 16) / 116;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public Lab at(int column, int row) {
        int at = row * width + column;
        return new Lab(lightness[at], a[at], b[at]);
    }

    /** The difference from another picture of the same size at one sample, ΔE00. */
    double difference(LabField other, int at) {
        return ColourDifference.between(lightness[at], a[at], b[at], other.lightness[at], other.a[at], other.b[at]);
    }

    /** The differences from another picture of the same size, sample by sample, ΔE00. */
    public Differences differences(LabField other) {
        if (other.width != width || other.height != height) {
            throw new IllegalArgumentException("pictures of %d × %d and %d × %d samples are not compared"
                    .formatted(width, height, other.width, other.height));
        }
        double[] all = new double[lightness.length];
        for (int at = 0; at < all.length; at++) {
            all[at] = difference(other, at);
        }
        return new Differences(all);
    }
}

package lumko.core.visibility;

import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.Xyz;

/**
 * How far apart two colours are near one of them: as a quadratic form, for small differences and for ordering, and exactly.
 * The form is taken in CIELAB: between tristimulus values a change in lightness alone is a small rest of large numbers.
 */
final class Metric {
    private static final double STEP = 0.02;

    private final Xyz wall;
    private final Lab lab;
    private final double[] form = new double[6];
    private final double byX;
    private final double byY;
    private final double byZ;

    Metric(Xyz wall) {
        this.wall = wall;
        this.lab = Lab.of(wall, Scielab.WHITE);
        byX = steep(wall.x() / Scielab.WHITE.x()) / Scielab.WHITE.x();
        byY = steep(wall.y() / Scielab.WHITE.y()) / Scielab.WHITE.y();
        byZ = steep(wall.z() / Scielab.WHITE.z()) / Scielab.WHITE.z();
        form[0] = squared(STEP, 0, 0);
        form[1] = squared(0, STEP, 0);
        form[2] = squared(0, 0, STEP);
        form[3] = (squared(STEP, STEP, 0) - squared(STEP, -STEP, 0)) / 2;
        form[4] = (squared(STEP, 0, STEP) - squared(STEP, 0, -STEP)) / 2;
        form[5] = (squared(0, STEP, STEP) - squared(0, STEP, -STEP)) / 2;
    }

    /** The derivative of what CIELAB makes of a share of white. */
    private static double steep(double share) {
        double step = 1e-4 * Math.max(0.01, share);
        Xyz above = new Xyz(0, (share + step) * Scielab.WHITE.y(), 0);
        Xyz below = new Xyz(0, Math.max(0, share - step) * Scielab.WHITE.y(), 0);
        double lightness = Lab.of(above, Scielab.WHITE).lightness()
                - Lab.of(below, Scielab.WHITE).lightness();
        return lightness / 116 / (share + step - Math.max(0, share - step));
    }

    private double squared(double lightness, double a, double b) {
        double up = ColourDifference.between(lab, new Lab(lab.lightness() + lightness, lab.a() + a, lab.b() + b));
        double down = ColourDifference.between(lab, new Lab(lab.lightness() - lightness, lab.a() - a, lab.b() - b));
        return (up * up + down * down) / 2 / (STEP * STEP);
    }

    /** ΔE00 squared, for a small change in tristimulus values. */
    double square(double x, double y, double z) {
        double ofX = byX * x;
        double ofY = byY * y;
        double ofZ = byZ * z;
        double lightness = 116 * ofY;
        double a = 500 * (ofX - ofY);
        double b = 200 * (ofY - ofZ);
        return form[0] * lightness * lightness
                + form[1] * a * a
                + form[2] * b * b
                + form[3] * lightness * a
                + form[4] * lightness * b
                + form[5] * a * b;
    }

    double exact(double x, double y, double z) {
        Lab other = Lab.of(
                new Xyz(Math.max(0, wall.x() + x), Math.max(0, wall.y() + y), Math.max(0, wall.z() + z)),
                Scielab.WHITE);
        return ColourDifference.between(lab, other);
    }
}

package lumko.core.visibility;

import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Xyz;
import lumko.core.film.Gloss;
import lumko.core.film.Hiding;
import lumko.core.quantity.Limits;

/**
 * The wall as it is today and the paint that goes on it: colours, and how they shine. Films are laid over the wall's present
 * colour by Kubelka and Munk, thin where the touch-up is feathered.
 *
 * <p><i>Valid for</i> emulsions in daylight. What is not measured is approximate.
 */
public final class Paints {
    public static final Limits GLOSS = new Limits("gloss at 60°", 0, 100, "GU");

    private static final int STEPS = 32;

    private final double[] x = new double[STEPS + 1];
    private final double[] y = new double[STEPS + 1];
    private final double[] z = new double[STEPS + 1];
    private final double wallGloss;
    private final double curedGloss;
    private final double celsius;

    private Paints(Xyz[] byCoverage, double wallGloss, double curedGloss, double celsius) {
        for (int step = 0; step <= STEPS; step++) {
            x[step] = byCoverage[step].x();
            y[step] = byCoverage[step].y();
            z[step] = byCoverage[step].z();
        }
        this.wallGloss = GLOSS.check(wallGloss);
        this.curedGloss = GLOSS.check(curedGloss);
        this.celsius = celsius;
    }

    /**
     * @param wall as it is now: aged, washed or not
     * @param dryMicrometres the film where the touch-up covers wholly
     * @param wallGloss of the wall at 60°
     * @param curedGloss of what goes on, once it has cured
     * @param celsius in which it cures
     */
    public static Paints of(
            Spectrum wall, Hiding paint, double dryMicrometres, double wallGloss, double curedGloss, double celsius) {
        Xyz[] byCoverage = new Xyz[STEPS + 1];
        for (int step = 0; step <= STEPS; step++) {
            byCoverage[step] =
                    onPath(Colorimetry.SCREEN.xyz(step == 0 ? wall : paint.seen(wall, dryMicrometres * step / STEPS)));
        }
        return new Paints(byCoverage, wallGloss, curedGloss, celsius);
    }

    /** Two colours alone, mixed by how much is covered: where nothing is known of the film. */
    public static Paints of(Lab wall, Lab paint, double wallGloss, double curedGloss, double celsius) {
        Xyz from = wall.xyz(Scielab.WHITE);
        Xyz to = paint.xyz(Scielab.WHITE);
        Xyz[] byCoverage = new Xyz[STEPS + 1];
        for (int step = 0; step <= STEPS; step++) {
            double share = step / (double) STEPS;
            byCoverage[step] = new Xyz(
                    from.x() + share * (to.x() - from.x()),
                    from.y() + share * (to.y() - from.y()),
                    from.z() + share * (to.z() - from.z()));
        }
        return new Paints(byCoverage, wallGloss, curedGloss, celsius);
    }

    private static Xyz onPath(Xyz xyz) {
        Xyz white = Colorimetry.SCREEN.white();
        return new Xyz(
                xyz.x() / white.x() * Scielab.WHITE.x(),
                xyz.y() / white.y() * Scielab.WHITE.y(),
                xyz.z() / white.z() * Scielab.WHITE.z());
    }

    Xyz wall() {
        return new Xyz(x[0], y[0], z[0]);
    }

    /**
     * Adds what a sample of so much coverage changes of the wall.
     *
     * @param there light on it beside that on the level wall
     * @param before light on the wall that was there
     * @param thrown what shines more than the wall did, as a share of white
     */
    void add(XyzField added, int at, double coverage, double there, double before, double thrown) {
        double place = Math.min(1, coverage) * STEPS;
        int below = Math.min(STEPS - 1, (int) place);
        double share = place - below;
        added.x()[at] = between(x, below, share) * there - x[0] * before + thrown * Scielab.WHITE.x();
        added.y()[at] = between(y, below, share) * there - y[0] * before + thrown * Scielab.WHITE.y();
        added.z()[at] = between(z, below, share) * there - z[0] * before + thrown * Scielab.WHITE.z();
    }

    private static double between(double[] of, int below, double share) {
        return of[below] + share * (of[below + 1] - of[below]);
    }

    double wallGloss() {
        return wallGloss;
    }

    /** The gloss of the touch-up so many days after it was put on. */
    double gloss(double days) {
        return Gloss.after(days, curedGloss, celsius);
    }
}

package lumko.core.visibility;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.film.Hiding;

/**
 * What an eye has left of a touch-up, by cause and before any colour is known: of a difference in colour, of one in sheen, of
 * the stipple, of filler that stands proud. The filters are linear and small changes add up, so that these four are blurred
 * once and every colour is put together from them. That makes a score some thousand times as fast as one of its own.
 *
 * <p><i>Valid for</i> differences up to about 6 ΔE00, for films that hide; <i>accuracy</i>: within a sixth of {@link Visibility}.
 */
final class Response {
    /** Of the samples that are looked at, so many are kept: what the percentile of all of them is told from. */
    private static final int KEPT = 600;

    private static final int FEWEST_SAMPLES = 64;
    private static final int MOST_SAMPLES = 128;
    private static final double PER_DEGREE = 26;

    /** Films are laid over a light grey: it stands for all, because how much of a change comes through hardly depends on it. */
    private static final Lab GREY = new Lab(85, 0, 0);

    private static final Lab LIGHTER = new Lab(86, 0, 0);

    /** So far filler stands out, in mm, for one unit of that cause. */
    static final double PROUD = 0.1;

    /** So much shinier, in gloss units, the lobe is compared. */
    private static final double SHINIER = 2;

    private static final double CURED = 10_000;

    /** So many are kept at hand; when there are more, all are dropped and made again as they are asked for. */
    private static final int MOST = 600;

    private static final Map<Look, Response> KNOWN = new ConcurrentHashMap<>();

    private final float[][] colour;
    private final float[][] sheen;
    private final float[][] stipple;
    private final float[][] proud;
    private final double shine;

    /** The same look is worked out once. */
    static Response of(Look look) {
        if (KNOWN.size() > MOST) {
            KNOWN.clear();
        }
        return KNOWN.computeIfAbsent(look, Response::new);
    }

    private Response(Look look) {
        Spectrum grey = SmoothReflectance.of(GREY, Colorimetry.DAYLIGHT);
        Hiding same = Hiding.of(grey, look.contrastRatio(), look.dryMicrometres());
        Hiding lighter = Hiding.of(
                SmoothReflectance.of(LIGHTER, Colorimetry.DAYLIGHT), look.contrastRatio(), look.dryMicrometres());
        Patch patch = look.patch().with(0);
        Scene plain = new Scene(patch, paints(look, grey, same, 0), look.wall(), look.light(), look.stipples());
        double degree = look.metres() * 1000 * Math.tan(Math.toRadians(1));
        int height = samples(2 * plain.reach() / degree * PER_DEGREE);
        int width = samples(2 * plain.reach() * look.view().cosine() / degree * PER_DEGREE);
        Relief relief = plain.relief(width, height);
        Scielab eye = new Scielab(
                width,
                height,
                Scielab.perDegree(look.metres() * 1000, 2 * plain.reach() / width)
                        / look.view().cosine(),
                Scielab.perDegree(look.metres() * 1000, 2 * plain.reach() / height));
        Scene.Change bare = plain.change(look.view(), CURED, width, height, relief);
        double[] before = bare.added().y();
        double white = Scielab.WHITE.y();
        shine = (bare.wall().y() - plain.paints().wall().y()) / white;
        int[] kept = kept(bare.isLookedAt());
        stipple = seen(eye, scaled(before, plain.paints().wall().y()), kept);
        double nominal =
                LIGHTER.xyz(Scielab.WHITE).y() - GREY.xyz(Scielab.WHITE).y();
        colour = seen(
                eye,
                beyond(plain.with(paints(look, grey, lighter, 0)), look, width, height, relief, before, nominal),
                kept);
        sheen = seen(
                eye,
                beyond(
                        plain.with(paints(look, grey, same, SHINIER)),
                        look,
                        width,
                        height,
                        relief,
                        before,
                        SHINIER * white),
                kept);
        proud = patch.filler() == 0 || look.light().share() == 0
                ? new float[3][kept.length]
                : seen(
                        eye,
                        beyond(
                                plain.with(patch.with(PROUD)),
                                look,
                                width,
                                height,
                                relief,
                                before,
                                plain.paints().wall().y()),
                        kept);
    }

    private static int samples(double wanted) {
        return (int) Math.clamp(Math.ceil(wanted), FEWEST_SAMPLES, MOST_SAMPLES);
    }

    private static Paints paints(Look look, Spectrum wall, Hiding paint, double shinier) {
        return Paints.of(
                wall, paint, look.dryMicrometres(), look.wallGloss(), Math.min(100, look.wallGloss() + shinier), 21);
    }

    private static float[] beyond(
            Scene other, Look look, int width, int height, Relief relief, double[] before, double unit) {
        double[] with =
                other.change(look.view(), CURED, width, height, relief).added().y();
        float[] beyond = new float[with.length];
        for (int at = 0; at < with.length; at++) {
            beyond[at] = (float) ((with[at] - before[at]) / unit);
        }
        return beyond;
    }

    private static float[] scaled(double[] change, double unit) {
        float[] scaled = new float[change.length];
        for (int at = 0; at < change.length; at++) {
            scaled[at] = (float) (change[at] / unit);
        }
        return scaled;
    }

    /** Every so manyeth of what is looked at, row by row. */
    private static int[] kept(boolean[] isLookedAt) {
        int[] all = new int[isLookedAt.length];
        int count = 0;
        for (int at = 0; at < isLookedAt.length; at++) {
            if (isLookedAt[at]) {
                all[count++] = at;
            }
        }
        int[] kept = new int[Math.min(count, KEPT)];
        for (int n = 0; n < kept.length; n++) {
            kept[n] = all[(int) ((n + 0.5) * count / kept.length)];
        }
        return kept;
    }

    private static float[][] seen(Scielab eye, float[] change, int[] kept) {
        float[][] all = eye.blurred(change);
        float[][] some = new float[3][kept.length];
        for (int channel = 0; channel < 3; channel++) {
            for (int n = 0; n < kept.length; n++) {
                some[channel][n] = all[channel][kept[n]];
            }
        }
        return some;
    }

    /** What the wall itself throws at the eye, as a share of white: its colour is seen through it. */
    double shine() {
        return shine;
    }

    int samples() {
        return colour[0].length;
    }

    /**
     * What is added to one channel of the wall in all samples.
     *
     * @param ofColour by how much the paint differs from the wall in that channel
     * @param ofSheen gloss units times the white in that channel
     * @param ofWall the wall itself in that channel
     * @param ofFiller how many tenths of a millimetre filler stands out, times the wall
     */
    void put(float[] to, int channel, double ofColour, double ofSheen, double ofWall, double ofFiller) {
        float[] one = colour[channel];
        float[] two = sheen[channel];
        float[] three = stipple[channel];
        float[] four = proud[channel];
        float byColour = (float) ofColour;
        float bySheen = (float) ofSheen;
        float byWall = (float) ofWall;
        float byFiller = (float) ofFiller;
        for (int n = 0; n < to.length; n++) {
            to[n] = byColour * one[n] + bySheen * two[n] + byWall * three[n] + byFiller * four[n];
        }
    }
}

package lumko.core.visibility;

/**
 * What of the directed light a surface throws at the eye as a mirror would, beside what it scatters evenly.
 *
 * <p>Source: Fresnel for n = 1.567, which reflects 0.1001 at 60° and is gloss 100 (ISO 2813). The same light is spread over a
 * lobe exp(−δ²/w²) that is wider the less of it falls into the receptor of 4.4° × 11.7°: w² = Ω · 100 / (π · gloss). <i>Valid
 * for</i> low sheens seen in the lobe's flank; no shadowing of one grain by another, so that what it gives at grazing angles
 * is an upper bound.
 */
final class Sheen {
    static final double INDEX = 1.567;

    /** The receptor's solid angle in steradian. */
    private static final double RECEPTOR = Math.toRadians(4.4) * Math.toRadians(11.7);

    /** No lobe is narrower than the sky in a window is wide: about 5°. ASSUMPTION. */
    private static final double NARROWEST = Math.toRadians(5);

    private static final double NO_GLOSS = 0.05;

    /** The lobe is looked up at so many places, from straight on it to nothing of it. */
    private static final int PLACES = 1024;

    private static final double FURTHEST = Math.PI;

    private final float[] table = new float[PLACES + 2];

    /**
     * @param fromNormal of the eye, in radians
     * @param aside how far out of the light's own plane one looks, in radians
     */
    Sheen(double gloss, double fromNormal, double aside) {
        double lobe = RECEPTOR * 100 / (Math.PI * Math.max(NO_GLOSS, gloss));
        double width2 = Math.max(NARROWEST * NARROWEST, lobe);
        double peak = fresnel(fromNormal) / (width2 * Math.cos(fromNormal));
        for (int place = 0; place < table.length; place++) {
            double off = place * FURTHEST / PLACES;
            table[place] = (float) (peak * Math.exp(-(off * off + aside * aside) / width2));
        }
    }

    /** The share of light that a smooth surface of the index throws back, for light that is not polarised. */
    static double fresnel(double fromNormal) {
        double cosine = Math.cos(fromNormal);
        double inside = Math.sqrt(1 - Math.pow(Math.sin(fromNormal) / INDEX, 2));
        double across = (cosine - INDEX * inside) / (cosine + INDEX * inside);
        double along = (inside - INDEX * cosine) / (inside + INDEX * cosine);
        return (across * across + along * along) / 2;
    }

    /** The luminance beside that of a perfect white in the same light, for a mirror direction so far from the light's, in radians. */
    float at(double off) {
        double place = Math.min(Math.abs(off), FURTHEST) * (PLACES / FURTHEST);
        int below = (int) place;
        float share = (float) (place - below);
        return table[below] + share * (table[below + 1] - table[below]);
    }
}

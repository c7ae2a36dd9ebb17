package lumko.core.visibility;

import lumko.core.quantity.Limits;

/**
 * A touched-up spot on a wall: a centre with all the paint, round it a ring over which it grows thinner, under it filler that
 * may stand proud or lie hollow.
 *
 * @param centre diameter of what is covered wholly, 1–2000 mm
 * @param feather width of the ring round it, 0–500 mm; 0 where the edge is left as the tool leaves it
 * @param filler diameter of what was filled, 0–2000 mm
 * @param proud how far the filler stands out of the wall, −2 to 2 mm; below 0 it lies hollow
 * @param isSmooth whether the wall's own relief is lost where it was filled
 * @param isSealed whether the filler was primed or dabbed before, so that it does not drink the paint and look dull
 * @param passes how often the hand goes over it again while it is wet, 0–10: each takes a third off the relief of the tool
 */
public record Patch(
        double centre,
        double feather,
        TouchUpTool tool,
        double filler,
        double proud,
        boolean isSmooth,
        boolean isSealed,
        int passes) {
    public static final Limits CENTRE = new Limits("diameter of the spot", 1, 2000, "mm");
    public static final Limits FEATHER = new Limits("feather", 0, 500, "mm");
    public static final Limits FILLER = new Limits("diameter of the filler", 0, 2000, "mm");
    public static final Limits PASSES = new Limits("passes over wet paint", 0, 10, "");

    private static final double LEFT_BY_A_PASS = 2 / 3.0;

    public static final Limits PROUD = new Limits("filler above the wall", -2, 2, "mm");

    public Patch {
        CENTRE.check(centre);
        FEATHER.check(feather);
        FILLER.check(filler);
        PROUD.check(proud);
        PASSES.check(passes);
    }

    /** Put on once, and not gone over again. */
    public Patch(
            double centre,
            double feather,
            TouchUpTool tool,
            double filler,
            double proud,
            boolean isSmooth,
            boolean isSealed) {
        this(centre, feather, tool, filler, proud, isSmooth, isSealed, 0);
    }

    Patch goneOver(int times) {
        return new Patch(centre, feather, tool, filler, proud, isSmooth, isSealed, times);
    }

    /** How much of the tool's relief is left. Source: Lumko's model of the patch, an ASSUMPTION. */
    double reliefLeft() {
        return Math.pow(LEFT_BY_A_PASS, passes);
    }

    /** Paint alone on a sound wall. */
    public static Patch of(double centre, double feather, TouchUpTool tool) {
        return new Patch(centre, feather, tool, 0, 0, false, true);
    }

    public Patch withFeather(double other) {
        return new Patch(centre, other, tool, filler, proud, isSmooth, isSealed, passes);
    }

    public Patch with(TouchUpTool other) {
        return new Patch(centre, feather, other, filler, proud, isSmooth, isSealed, passes);
    }

    /** @param otherProud how far the filler stands out, mm */
    public Patch with(double otherProud) {
        return new Patch(centre, feather, tool, filler, otherProud, isSmooth, isSealed, passes);
    }

    /** The same with its filler flush, sealed and in the relief of the wall. */
    Patch levelled() {
        return new Patch(centre, feather, tool, filler, 0, false, true, passes);
    }

    /** Half across all that is painted. */
    double outerRadius() {
        return centre / 2 + feather;
    }
}

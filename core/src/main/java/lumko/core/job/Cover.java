package lumko.core.job;

import lumko.core.colour.Colorimetry;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Spectrum;
import lumko.core.film.CoatOdds;
import lumko.core.film.Hiding;
import lumko.core.paint.DataSheet;

/**
 * How a paint covers what is there.
 *
 * @param leftAfterOne difference that the first coat leaves, ΔE00: how much what is there grins through it
 * @param hides coats that just hide what is there, whole or not
 * @param hidesOnUndercoat the same on an undercoat in the grey that helps most
 * @param least chance that one more coat is needed than planned, however well it hides, 0–1
 * @param isCovered whether anything has to be covered at all
 */
public record Cover(double leftAfterOne, double hides, double hidesOnUndercoat, double least, boolean isCovered) {
    /** Closer than this it is the same colour again. Source: catalogue of figures, what a viewer hardly sees. */
    private static final double SAME_COLOUR = 1;

    /** The colour that is there, again: a missed or thin place is all that asks for more. ASSUMPTION: 1 in 20. */
    public static final Cover SAME = new Cover(0, 0, 0, 0.05, false);

    /**
     * Something else, of which nothing is known: with two coats a third is a known possibility, 1 in 5, and an undercoat saves
     * about one. ASSUMPTION.
     */
    public static final Cover UNKNOWN = new Cover(0.8, 1.77, 0.9, 0.05, true);

    /**
     * @param paint what goes on
     * @param finished its colour
     * @param before what is there
     */
    public static Cover of(Hiding paint, Spectrum finished, Spectrum before, DataSheet sheet) {
        double film = sheet.dryMicrometres();
        double apart = ColourDifference.between(Colorimetry.DAYLIGHT.lab(finished), Colorimetry.DAYLIGHT.lab(before));
        return new Cover(
                paint.over(before, film).left().getFirst(),
                paint.hides(before) / film,
                paint.hides(Spectrum.flat(paint.bestUndercoat(film))) / film,
                0,
                apart > SAME_COLOUR);
    }

    /** The same of a paint whose sheet nobody has: it may hide worse than usual, so one more coat is never out of the question. */
    public Cover assumed() {
        return new Cover(leftAfterOne, hides, hidesOnUndercoat, Math.max(least, UNKNOWN.least), isCovered);
    }

    /** Chance that one more coat of the finish is needed than a build-up has, 0–1. */
    public double oneMore(BuildUp build) {
        double needed = build.undercoats() > 0 ? hidesOnUndercoat : hides;
        return Math.max(least, CoatOdds.byHiding(needed, build.finish()));
    }
}

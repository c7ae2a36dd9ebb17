package lumko.core.job;

import java.util.List;
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
 * @param oneMore chance that one more coat than the usual two is needed, 0–1
 * @param isCovered whether anything has to be covered at all
 */
public record Cover(double leftAfterOne, double oneMore, boolean isCovered) {
    private static final int USUAL_COATS = 2;

    /** Closer than this it is the same colour again. Source: catalogue of figures, what a viewer hardly sees. */
    private static final double SAME_COLOUR = 1;

    /** The colour that is there, again. */
    public static final Cover SAME = new Cover(0, 0.05, false);

    /** Something else, of which nothing is known: a third coat is a known possibility. ASSUMPTION. */
    public static final Cover UNKNOWN = new Cover(0.8, 0.2, true);

    /**
     * @param paint what goes on
     * @param finished its colour
     * @param before what is there
     * @param really how many coats surfaces with the same pair of colours took
     */
    public static Cover of(Hiding paint, Spectrum finished, Spectrum before, DataSheet sheet, List<Integer> really) {
        double left = paint.over(before, sheet.dryMicrometres()).left().getFirst();
        double oneMore = CoatOdds.of(paint, before, sheet.dryMicrometres(), USUAL_COATS, really)
                .chance();
        double apart = ColourDifference.between(Colorimetry.DAYLIGHT.lab(finished), Colorimetry.DAYLIGHT.lab(before));
        return new Cover(left, oneMore, apart > SAME_COLOUR);
    }
}

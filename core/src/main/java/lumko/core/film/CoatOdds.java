package lumko.core.film;

import java.util.List;
import lumko.core.colour.Spectrum;

/**
 * How likely one more coat is needed than planned: by how well the paint hides what is there, set right by what the same pair
 * of colours really took.
 *
 * @param chance 0–1
 * @param byHiding 0–1, from the hiding alone
 * @param seen on how many surfaces the pair was seen
 * @param more on how many of them it took more than planned
 */
public record CoatOdds(double chance, double byHiding, int seen, int more) {
    /** How much a rolled film differs from what the sheet says, as a share. ASSUMPTION: one standard deviation, over hands and walls. */
    static final double FILM_VARIES = 0.15;

    /** The estimate counts as much as so many surfaces seen. ASSUMPTION. */
    private static final double ESTIMATE_COUNTS = 4;

    /**
     * @param coats planned
     * @param really how many coats surfaces with the same pair of colours took
     */
    public static CoatOdds of(Hiding hiding, Spectrum before, double dryMicrometres, int coats, List<Integer> really) {
        double byHiding = byHiding(hiding.hides(before) / dryMicrometres, coats);
        int more = (int) really.stream().filter(needed -> needed > coats).count();
        double chance = (byHiding * ESTIMATE_COUNTS + more) / (ESTIMATE_COUNTS + really.size());
        return new CoatOdds(chance, byHiding, really.size(), more);
    }

    /**
     * The chance that the films together are thinner than what hides, on a logistic spread of the film.
     *
     * @param hides coats that just hide, whole or not
     * @param coats planned
     */
    public static double byHiding(double hides, int coats) {
        double scale = FILM_VARIES * Math.sqrt(3) / Math.PI;
        return 1 / (1 + Math.exp((1 - hides / coats) / scale));
    }
}

package lumko.core.paint;

import java.time.Duration;
import java.util.Optional;
import lumko.core.quantity.Limits;

/**
 * What the maker of a paint says of a coat of it. It wins over the catalogue's figures for that paint.
 *
 * @param spread m²/L
 * @param solids % by volume
 * @param contrastRatio at that spread, 0–1
 * @param recoat until the next coat, at 21 °C and 50 % relative humidity; empty where the sheet does not say
 */
public record DataSheet(double spread, double solids, double contrastRatio, Optional<Duration> recoat) {
    /** How well a coat can hide. */
    public static final Limits CONTRAST = new Limits("contrast ratio", 0.01, 0.999, "");

    /** How long a maker can have a painter wait. */
    public static final Limits RECOAT = new Limits("recoat after", 0.25, 120, "h");

    /** A usual wall paint, where no sheet is known. ASSUMPTION. */
    public static final DataSheet USUAL = new DataSheet(10, 38, 0.93, Optional.empty());

    public DataSheet {
        DryFilm.SPREAD.check(spread);
        DryFilm.SOLIDS.check(solids);
        CONTRAST.check(contrastRatio);
        recoat.ifPresent(wait -> RECOAT.check(wait.toMinutes() / 60.0));
    }

    /** Dry film in µm. */
    public double dryMicrometres() {
        return DryFilm.micrometres(spread, solids);
    }
}

package lumko.core.job;

import java.time.Duration;
import java.util.Optional;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;

/**
 * The paint that goes on a surface.
 *
 * @param paint key of product and colour; surfaces with the same are painted while that brush is loaded
 * @param sheet what its maker says of a coat
 * @param basis how it relates to what is on the surface
 * @param isWanted whether it was asked for, whatever the state of the surface
 * @param asked the coats that somebody has decided on; empty for as many as the house puts on
 */
public record GoesOn(
        String paint,
        Film film,
        Optional<DataSheet> sheet,
        PaintBasis basis,
        Supply supply,
        Cover cover,
        boolean isWanted,
        Optional<BuildUp> asked) {
    /** Where it comes from. */
    public enum Supply {
        IN_STORE,
        TO_BUY,
        /** Stirred together by hand; it cannot be made again. */
        MIXED
    }

    /** The same again as is on the surface. */
    public static GoesOn same(String paint, Film film, PaintBasis basis) {
        return new GoesOn(paint, film, Optional.empty(), basis, Supply.IN_STORE, Cover.SAME, false, Optional.empty());
    }

    /** The same paint in just these coats; empty for as many as the house puts on. */
    public GoesOn in(Optional<BuildUp> coats) {
        return new GoesOn(paint, film, sheet, basis, supply, cover, isWanted, coats);
    }

    /** The same paint, related otherwise to what is on the surface. */
    public GoesOn as(PaintBasis other) {
        return new GoesOn(paint, film, sheet, other, supply, cover, isWanted, asked);
    }

    public Binder binder() {
        return film.binder().orElse(Binder.WATERBORNE);
    }

    /** How long its maker has a coat wait for the next one. */
    public Optional<Duration> recoat() {
        return sheet.flatMap(DataSheet::recoat);
    }
}

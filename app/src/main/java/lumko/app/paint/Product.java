package lumko.app.paint;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.film.DryFilm;
import lumko.core.hold.Binder;
import lumko.core.quantity.Volume;

/** A paint as a maker sells it. */
public record Product(
        UUID id,
        String maker,
        String name,
        Sheen sheen,
        double gloss60,
        Binder binder,
        Optional<DataSheet> sheet,
        boolean isDiscontinued,
        Optional<UUID> substitute,
        List<Volume> sizes) {
    /**
     * What the maker says of a coat.
     *
     * @param spread m²/L
     * @param solids % by volume
     * @param contrastRatio at that spread, 0–1
     */
    public record DataSheet(double spread, double solids, double contrastRatio) {
        /** Dry film in µm. */
        public double dryMicrometres() {
            return DryFilm.micrometres(spread, solids);
        }
    }
}

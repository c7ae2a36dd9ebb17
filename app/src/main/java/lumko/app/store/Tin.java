package lumko.app.store;

import java.util.UUID;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.Product;
import lumko.core.quantity.Volume;

/** A tin in the store with what is left in it. */
public record Tin(
        UUID id,
        String label,
        Product product,
        Colour colour,
        String batch,
        Volume size,
        Volume left,
        String place,
        String tintedAt,
        int version) {
    public Paint paint() {
        return new Paint(product, colour);
    }

    /** Between the batches of what was poured together. */
    static final String BATCHES = " + ";

    /** Whether what is in it are several batches poured together: nothing was painted from it before. */
    public boolean isPouredTogether() {
        return batch.contains(BATCHES);
    }

    /** How full it is, 0–1. */
    public double level() {
        return left.inLitres() / size.inLitres();
    }
}

package lumko.app.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Volume;

/**
 * A paint as a maker sells it.
 *
 * @param line the maker's range it belongs to, or nothing
 */
public record Product(
        UUID id,
        String maker,
        String line,
        String name,
        PaintKind kind,
        Base base,
        Sheen sheen,
        double gloss60,
        Binder binder,
        Optional<DataSheet> sheet,
        boolean isDiscontinued,
        Optional<UUID> substitute,
        List<Volume> sizes) {
    /** With its maker. */
    public String fullName() {
        return maker + " " + name;
    }
}

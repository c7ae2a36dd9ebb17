package lumko.app.paint;

import java.util.List;
import java.util.UUID;
import lumko.core.hold.Binder;
import lumko.core.quantity.Volume;

/** A paint as a maker sells it. */
public record Product(
        UUID id, String maker, String name, Sheen sheen, double gloss60, Binder binder, List<Volume> sizes) {}

package lumko.app.catalogue;

import java.util.List;
import lumko.core.paint.Binder;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Volume;

/** A product that is about to go on record. */
public record NewProduct(
        String maker,
        String line,
        String name,
        PaintKind kind,
        Base base,
        Sheen sheen,
        double gloss60,
        Binder binder,
        List<Volume> soldIn) {}

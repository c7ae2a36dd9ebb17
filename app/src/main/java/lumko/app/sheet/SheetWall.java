package lumko.app.sheet;

import java.util.Optional;
import java.util.UUID;
import lumko.app.paint.Colour;
import lumko.app.paint.Product;
import lumko.app.paint.Tin;
import lumko.core.quantity.Volume;
import lumko.core.work.Action;

/** A wall on a sheet. */
public record SheetWall(
        UUID surfaceId,
        String label,
        Action action,
        Optional<Product> product,
        Optional<Colour> colour,
        Optional<Tin> tin,
        Volume litres) {}

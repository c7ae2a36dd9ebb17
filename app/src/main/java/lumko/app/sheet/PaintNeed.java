package lumko.app.sheet;

import java.util.List;
import lumko.app.paint.Colour;
import lumko.app.paint.Product;
import lumko.app.paint.Tin;
import lumko.core.quantity.Volume;

/**
 * What a job needs of one paint and where it comes from.
 *
 * @param missing what the shelf is short of and no tin size on sale is known for
 */
public record PaintNeed(
        String key,
        Product product,
        Colour colour,
        Volume litres,
        List<Tin> open,
        List<Volume> buy,
        Volume missing,
        boolean isBoxed) {}

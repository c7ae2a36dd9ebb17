package lumko.app.house;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import lumko.app.paint.Colour;
import lumko.app.paint.Paint;
import lumko.app.paint.Product;
import lumko.app.paint.Tin;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;

/** One layer of a surface. */
public record Coat(
        int position,
        Layer layer,
        Optional<Product> product,
        Optional<Colour> colour,
        Optional<Tin> tin,
        OptionalInt places,
        Optional<LocalDate> appliedOn,
        Optional<String> appliedBy,
        Optional<Temperature> temperature,
        Optional<RelativeHumidity> humidity,
        String note) {
    /** The paint it was put on with, where both product and colour are known. */
    public Optional<Paint> paint() {
        return product.flatMap(known -> colour.map(shown -> new Paint(known, shown)));
    }
}

package lumko.app.house;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.app.paint.Colour;
import lumko.app.paint.Paint;
import lumko.app.paint.Product;
import lumko.app.paint.Tin;
import lumko.core.paint.Batch;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import lumko.core.record.Age;
import lumko.core.record.Film;
import lumko.core.record.Layer;

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
        Optional<UUID> sheet,
        String note) {
    /** The paint it was put on with, where both product and colour are known. */
    public Optional<Paint> paint() {
        return product.flatMap(known -> colour.map(shown -> new Paint(known, shown)));
    }

    /** The same as a layer of the core, with its age on a day. */
    lumko.core.record.Coat onDay(LocalDate today) {
        return new lumko.core.record.Coat(
                layer,
                paint().map(Paint::key),
                new Film(
                        product.map(Product::binder),
                        product.map(known -> OptionalDouble.of(known.gloss60())).orElseGet(OptionalDouble::empty),
                        colour.map(Colour::lab)),
                tin.map(known -> known.id().toString()),
                tin.map(known -> Batch.of(known.batch())).orElse(Batch.UNKNOWN),
                Age.since(appliedOn, today),
                sheet.map(UUID::toString));
    }
}

package lumko.app.house;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.Product;
import lumko.app.platform.Words;
import lumko.app.store.Tin;
import lumko.core.paint.Batch;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import lumko.core.record.Age;
import lumko.core.record.Film;
import lumko.core.record.Layer;

/**
 * One layer of a surface.
 *
 * @param tins what it came from: several where they were boxed
 * @param batch where only that is known of what it came from
 */
public record Coat(
        int position,
        Layer layer,
        Optional<Product> product,
        Optional<Colour> colour,
        List<Tin> tins,
        String batch,
        OptionalInt places,
        Optional<LocalDate> appliedOn,
        Optional<String> appliedBy,
        Optional<Temperature> temperature,
        Optional<RelativeHumidity> humidity,
        Optional<UUID> sheet,
        String note) {
    /** A layer that is no paint. */
    static Coat plain(Layer layer, Optional<LocalDate> appliedOn) {
        return new Coat(
                1,
                layer,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                "",
                OptionalInt.empty(),
                appliedOn,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "");
    }

    /** The same layer, to be recorded on another surface. */
    public NewCoat again() {
        return new NewCoat(
                layer,
                product.map(Product::id),
                colour.map(Colour::id),
                tins.stream().map(Tin::id).toList(),
                batch,
                places,
                appliedOn,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                note);
    }

    /** The tin it came from first. */
    public Optional<Tin> tin() {
        return tins.stream().findFirst();
    }

    /** Its tins as one says them: 0417 + 0420. */
    public String tinLabels() {
        return tins.stream().map(Tin::label).collect(Collectors.joining(" + "));
    }

    /** Of several that were boxed, or of one of which nobody noted it, the batch is not known. */
    private Batch ofOneBatch() {
        if (!batch.isEmpty()) {
            return Batch.of(batch);
        }
        return tins.size() == 1 ? Batch.of(tins.getFirst().batch()) : Batch.UNKNOWN;
    }

    /** The day it went on, where a day is known: of a year alone the note says what there is to say. */
    public Optional<LocalDate> day(Words words) {
        return appliedOn.filter(on -> !note.equals(about(on.getYear(), words)));
    }

    /** How it is noted that of the day only the year is known. */
    static String about(int year, Words words) {
        return words.say("setup.about", String.valueOf(year));
    }

    /** The month it went on, or about which year. */
    public Optional<String> month(Words words) {
        return day(words).map(words::month).or(() -> appliedOn.map(on -> about(on.getYear(), words)));
    }

    /** Whether nobody noted what it came from. */
    public boolean isFromUnknownBatch() {
        return ofOneBatch().equals(Batch.UNKNOWN) && tins.isEmpty();
    }

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
                tins.stream().map(known -> known.id().toString()).collect(Collectors.toSet()),
                ofOneBatch(),
                Age.since(appliedOn, today),
                sheet.map(UUID::toString));
    }
}

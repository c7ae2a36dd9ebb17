package lumko.app.exchange;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.Paints;
import lumko.app.catalogue.Product;
import lumko.app.house.PaintedSurface;
import lumko.app.house.SeenPaints;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The record of an organisation as tables, read while they are written. */
@Service
@Transactional(readOnly = true)
class Records {
    private static final List<String> SURFACE = List.of(
            "house",
            "flat",
            "room_kind",
            "surface_kind",
            "surface_id",
            "maker",
            "product",
            "colour",
            "colour_code",
            "tin",
            "applied_on");
    private static final List<String> TIN = List.of(
            "label", "maker", "product", "colour", "colour_code", "batch", "size_l", "left_l", "place", "tinted_at");

    private final SeenPaints seen;
    private final Paints paints;
    private final Store store;

    Records(SeenPaints seen, Paints paints, Store store) {
        this.seen = seen;
        this.paints = paints;
        this.store = store;
    }

    /** Every surface with the paint that is on it, as far as anybody knows. */
    public void surfaces(Consumer<RecordTable> writer) {
        PaintBook book = paints.book();
        Map<UUID, Tin> tins = store.all().stream().collect(Collectors.toMap(Tin::id, tin -> tin));
        try (Stream<PaintedSurface> painted = seen.painted()) {
            writer.accept(new RecordTable(SURFACE, painted.map(each -> surface(each, book, tins))));
        }
    }

    private static List<Object> surface(PaintedSurface painted, PaintBook book, Map<UUID, Tin> tins) {
        Optional<Product> product = painted.productId().map(book.products()::get);
        Optional<Colour> colour = painted.colourId().map(book.colours()::get);
        return List.<Object>of(
                painted.house(),
                painted.number(),
                painted.room().name(),
                painted.kind().name(),
                painted.surfaceId().toString(),
                product.map(Product::maker).orElse(""),
                product.map(Product::name).orElse(""),
                colour.map(Colour::name).orElse(""),
                colour.map(Colour::code).orElse(""),
                painted.tinId().map(tins::get).map(Tin::label).orElse(""),
                painted.appliedOn().map(LocalDate::toString).orElse(""));
    }

    /** Every tin with what is left in it. */
    public void tins(Consumer<RecordTable> writer) {
        writer.accept(new RecordTable(TIN, store.all().stream().map(Records::tin)));
    }

    private static List<Object> tin(Tin tin) {
        return List.of(
                tin.label(),
                tin.product().maker(),
                tin.product().name(),
                tin.colour().name(),
                tin.colour().code(),
                tin.batch(),
                tin.size().inLitres(),
                tin.left().inLitres(),
                tin.place(),
                tin.tintedAt());
    }
}

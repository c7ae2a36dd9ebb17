package lumko.app.exchange;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.house.Houses;
import lumko.app.house.PaintedSurface;
import lumko.app.paint.Colour;
import lumko.app.paint.Product;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The record of an organisation as tables. */
@Service
@Transactional(readOnly = true)
class Records {
    private final Houses houses;
    private final Store store;

    Records(Houses houses, Store store) {
        this.houses = houses;
        this.store = store;
    }

    /** Every surface with the paint that is on it, as far as anybody knows. */
    RecordTable surfaces() {
        Store.Stock stock = store.stock();
        Map<UUID, List<Object>> flats = new LinkedHashMap<>();
        for (Houses.Facade facade : houses.facades()) {
            facade.windows()
                    .forEach(window ->
                            flats.put(window.flatId(), List.of(facade.house().name(), window.number())));
        }
        Map<UUID, Integer> order = new HashMap<>();
        flats.keySet().forEach(id -> order.put(id, order.size()));
        List<List<Object>> rows = houses.painted().stream()
                .filter(painted -> flats.containsKey(painted.flatId()))
                .sorted(Comparator.comparing((PaintedSurface painted) ->
                                Optional.ofNullable(order.get(painted.flatId())).orElseThrow())
                        .thenComparing(PaintedSurface::kind)
                        .thenComparing(PaintedSurface::surfaceId))
                .map(painted -> surface(
                        painted,
                        Optional.ofNullable(flats.get(painted.flatId())).orElseThrow(),
                        stock))
                .toList();
        return new RecordTable(
                List.of(
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
                        "applied_on"),
                rows);
    }

    private static List<Object> surface(PaintedSurface painted, List<Object> flat, Store.Stock stock) {
        Optional<Product> product = painted.productId().map(stock.products()::get);
        Optional<Colour> colour = painted.colourId().map(stock.colours()::get);
        List<Object> row = new ArrayList<>(flat);
        row.add(painted.room().name());
        row.add(painted.kind().name());
        row.add(painted.surfaceId().toString());
        row.add(product.map(Product::maker).orElse(""));
        row.add(product.map(Product::name).orElse(""));
        row.add(colour.map(Colour::name).orElse(""));
        row.add(colour.map(Colour::code).orElse(""));
        row.add(painted.tinId().map(stock.tins()::get).map(Tin::label).orElse(""));
        row.add(painted.appliedOn().map(LocalDate::toString).orElse(""));
        return row;
    }

    /** Every tin with what is left in it. */
    RecordTable tins() {
        return new RecordTable(
                List.of(
                        "label",
                        "maker",
                        "product",
                        "colour",
                        "colour_code",
                        "batch",
                        "size_l",
                        "left_l",
                        "place",
                        "tinted_at"),
                store.stock().onShelf().stream()
                        .map(tin -> List.<Object>of(
                                tin.label(),
                                tin.product().maker(),
                                tin.product().name(),
                                tin.colour().name(),
                                tin.colour().code(),
                                tin.batch(),
                                tin.size().inLitres(),
                                tin.left().inLitres(),
                                tin.place(),
                                tin.tintedAt()))
                        .toList());
    }
}

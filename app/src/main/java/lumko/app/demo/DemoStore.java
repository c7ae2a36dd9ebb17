package lumko.app.demo;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.catalogue.Base;
import lumko.app.catalogue.NewProduct;
import lumko.app.catalogue.PaintKind;
import lumko.app.catalogue.Paints;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.colour.Srgb;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** What the made-up society has to paint with. */
@Component
@Lazy
class DemoStore {
    private static final int FIRST_LABEL = 401;

    private final Map<String, UUID> colours = new LinkedHashMap<>();
    private final Map<String, UUID> products = new LinkedHashMap<>();
    private final Map<String, UUID> firstTins = new LinkedHashMap<>();
    private final Paints paints;
    private final Store store;
    private final Dice dice;

    DemoStore(Paints paints, Store store, Dice dice) {
        this.paints = paints;
        this.store = store;
        this.dice = dice;
    }

    void enter() {
        addColour("Oat Husk", "AT-11", "#e6dece");
        addColour("Harbour Milk", "AT-02", "#efece3");
        addColour("Wet Slate", "AT-40", "#b5bdc5");
        addColour("Tide Glass", "AT-31", "#cfdfe8");
        addColour("Reed Bank", "AT-27", "#cbdacb");
        addColour("Brick Blush", "AT-18", "#e3ccbd");
        addColour("Gorse Dusk", "AT-22", "#d8c587");
        addColour("Kelp Cellar", "", "#2f5548");
        addColour("Chalk Yard", "AT-00", "#f6f4ee");
        addProduct("Umberfield", "Homestead", "Hearth Matt", PaintKind.WALL, Sheen.MATT, 3.5, 1, 2.5, 5, 10);
        addProduct("Quarrel & Finch", "Trade", "Plain Wall", PaintKind.WALL, Sheen.MATT, 4.5, 2.5, 5, 12.5);
        addProduct("Quarrel & Finch", "Trade", "Steam Satin", PaintKind.WALL, Sheen.SATIN, 22, 1, 2.5, 5);
        addProduct("Sollenby", "Still", "Still Ceiling", PaintKind.CEILING, Sheen.DEAD_FLAT, 2, 5, 10);
        addProduct("Sollenby", "Frame", "Frame Satin", PaintKind.TRIM, Sheen.SATIN, 30, 0.75, 2.5);
        addProduct("Sollenby", "Frame", "Frame Gloss", PaintKind.TRIM, Sheen.GLOSS, 78, 0.75, 2.5);
        sheet("Hearth Matt", 11, 40, 0.94, 3);
        sheet("Plain Wall", 12, 33, 0.89, 2);
        sheet("Steam Satin", 12, 38, 0.92, 4);
        sheet("Still Ceiling", 10, 42, 0.95, 2);
        measured();
        tins(wallTins(FIRST_LABEL));
    }

    /** Two tins of each of two products for each colour of the walls; answers the next label. */
    private int wallTins(int from) {
        String[] wallColours = {
            "Oat Husk", "Harbour Milk", "Wet Slate", "Tide Glass", "Reed Bank", "Brick Blush", "Gorse Dusk"
        };
        int label = from;
        for (String colour : wallColours) {
            for (int n = 0; n < 4; n++) {
                String product = n % 2 == 0 ? "Hearth Matt" : "Plain Wall";
                double size = n % 2 == 0 ? 5 : 2.5;
                double left = Math.round((0.15 + 0.8 * dice.nextDouble()) * size * 10) / 10.0;
                tin(
                        label++,
                        product,
                        colour,
                        batch(colour, n),
                        size,
                        left,
                        n < 2 ? "Ropewalk cellar, shelf A" : "Brickfield store, shelf C");
            }
        }
        return label;
    }

    private void tins(int from) {
        int label = from;
        for (int n = 0; n < 3; n++) {
            tin(
                    label++,
                    "Steam Satin",
                    n == 0 ? "Tide Glass" : "Harbour Milk",
                    batch("steam", n),
                    2.5,
                    1.1 + n * 0.5,
                    "Ropewalk cellar, shelf B");
        }
        for (int n = 0; n < 4; n++) {
            tin(
                    label++,
                    "Still Ceiling",
                    "Chalk Yard",
                    batch("ceiling", n),
                    10,
                    2.5 + 1.6 * n,
                    n < 2 ? "Ropewalk cellar, floor" : "Brickfield store, floor");
        }
        for (int n = 0; n < 3; n++) {
            tin(
                    label++,
                    "Frame Satin",
                    "Chalk Yard",
                    batch("frame", n),
                    2.5,
                    0.6 + 0.7 * n,
                    "Ropewalk cellar, shelf B");
        }
    }

    private String batch(String of, int n) {
        return "%c%04d".formatted(of.charAt(0), 1000 + Math.floorMod(of.hashCode() * 31 + n * 977, 9000));
    }

    private void addColour(String name, String code, String hex) {
        colours.put(name, paints.addColour(name, code, Srgb.ofHex(hex)));
    }

    private void addProduct(
            String maker, String line, String name, PaintKind kind, Sheen sheen, double gloss, double... sizes) {
        products.put(
                name,
                paints.addProduct(new NewProduct(
                        maker,
                        line,
                        name,
                        kind,
                        Base.WHITE,
                        sheen,
                        gloss,
                        name.equals("Frame Gloss") ? Binder.SOLVENTBORNE : Binder.WATERBORNE,
                        Arrays.stream(sizes).mapToObj(Volume::ofLitres).toList())));
    }

    private void sheet(String product, double spread, double solids, double contrastRatio, double recoatHours) {
        paints.describe(
                id(products, product),
                new DataSheet(spread, solids, contrastRatio, Optional.of(Times.ofHours(recoatHours))));
    }

    /** The society had its house colours measured once; the tenant's green nobody has. */
    private void measured() {
        paints.book().coloursByName().stream()
                .filter(colour -> !colour.name().equals("Kelp Cellar"))
                .forEach(colour -> paints.measure(colour.id(), colour.spectrum()));
    }

    private void tin(int label, String product, String colour, String batch, double size, double left, String place) {
        String written = "%04d".formatted(label);
        store.addTin(
                written,
                id(products, product),
                id(colours, colour),
                batch,
                Volume.ofLitres(size),
                Volume.ofLitres(left),
                place,
                "Vellin paint counter, machine 2");
    }

    private static UUID id(Map<String, UUID> known, String name) {
        return Optional.ofNullable(known.get(name)).orElseThrow();
    }

    UUID product(String name) {
        return id(products, name);
    }

    UUID colour(String name) {
        return id(colours, name);
    }

    /** The tin that the walls of the houses were painted from. */
    UUID firstTin(String colour) {
        return firstTins.computeIfAbsent(colour, this::anyTin);
    }

    /** The first tin of a wall colour; the walls of the houses were painted from these. */
    private UUID anyTin(String colour) {
        return store.onShelf().stream()
                .filter(tin -> tin.colour().name().equals(colour)
                        && tin.product().name().equals("Hearth Matt"))
                .min(Comparator.comparing(Tin::label))
                .map(Tin::id)
                .orElseThrow();
    }
}

package lumko.app.paint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.NotFoundException;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.paint.DataSheet;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Products, colours and tins of the signed-in organisation. */
@Service
@Transactional
public class Store {
    /** What a tin can hold. */
    public static final Limits TIN_SIZE = new Limits("tin size", 0.05, 200, "L");

    /** What gloss at 60° a product can have. */
    public static final Limits GLOSS = new Limits("gloss at 60°", 0, 100, "GU");

    /** What L* of a colour can be. */
    public static final Limits LIGHTNESS = new Limits("L*", 0, 100, "");

    /** What a* and b* of a colour can be. */
    public static final Limits AXIS = new Limits("a* or b*", -128, 128, "");

    private final ColourRepository colours;
    private final ProductRepository products;
    private final ProductSizeRepository sizes;
    private final TinRepository tins;

    Store(ColourRepository colours, ProductRepository products, ProductSizeRepository sizes, TinRepository tins) {
        this.colours = colours;
        this.products = products;
        this.sizes = sizes;
        this.tins = tins;
    }

    /** Everything at once, for whoever has many references to follow. */
    public record Stock(Map<UUID, Product> products, Map<UUID, Colour> colours, Map<UUID, Tin> tins) {
        /** Tins of one product and colour, fullest first. */
        public List<Tin> tinsOf(UUID product, UUID colour) {
            return tins.values().stream()
                    .filter(tin -> tin.product().id().equals(product)
                            && tin.colour().id().equals(colour))
                    .sorted(Comparator.comparing(Tin::left).reversed().thenComparing(Tin::label))
                    .toList();
        }

        /** A product in a colour, where both are known. */
        public Optional<Paint> paint(Optional<UUID> product, Optional<UUID> colour) {
            return product.map(products::get)
                    .flatMap(known -> colour.map(colours::get).map(shown -> new Paint(known, shown)));
        }

        /** Every tin with something in it, by place and label. */
        public List<Tin> onShelf() {
            return tins.values().stream()
                    .sorted(Comparator.comparing(Tin::place).thenComparing(Tin::label))
                    .toList();
        }

        public List<Product> productsByName() {
            return products.values().stream()
                    .distinct()
                    .sorted(Comparator.comparing(Product::maker).thenComparing(Product::name))
                    .toList();
        }

        public List<Colour> coloursByName() {
            return colours.values().stream()
                    .distinct()
                    .sorted(Comparator.comparing(Colour::name))
                    .toList();
        }
    }

    @Transactional(readOnly = true)
    public Stock stock() {
        Map<UUID, Product> byId = productById();
        Map<UUID, Colour> colourById = colourById();
        Map<UUID, Tin> tinById = tins.findAll().stream()
                .map(row -> tin(row, byId, colourById))
                .collect(Collectors.toMap(Tin::id, tin -> tin));
        return new Stock(byId, colourById, tinById);
    }

    /** Every id of a product; that of a merged one stands for the product it was merged into. */
    private Map<UUID, Product> productById() {
        Map<UUID, List<Volume>> sizesByProduct = sizes.findAll().stream()
                .collect(Collectors.groupingBy(
                        row -> row.productId,
                        Collectors.mapping(
                                row -> Volume.ofLitres(row.litres),
                                Collectors.collectingAndThen(
                                        Collectors.toList(),
                                        all -> all.stream().sorted().toList()))));
        List<ProductRow> rows = products.findAll();
        Map<UUID, UUID> standsFor = rows.stream()
                .collect(Collectors.toMap(ProductRow::id, row -> row.mergedInto == null ? row.id() : row.mergedInto));
        Map<UUID, Product> own = rows.stream()
                .filter(row -> row.mergedInto == null)
                .map(row -> new Product(
                        row.id(),
                        row.maker,
                        row.line,
                        row.name,
                        row.kind,
                        row.base,
                        row.sheen,
                        row.gloss60,
                        row.binder,
                        row.sheet(),
                        row.discontinued,
                        Optional.ofNullable(row.substituteId)
                                .map(standsFor::get)
                                .filter(substitute -> !substitute.equals(row.id())),
                        sizesByProduct.getOrDefault(row.id(), List.of())))
                .collect(Collectors.toMap(Product::id, product -> product));
        Map<UUID, Product> all = new HashMap<>();
        standsFor.forEach((id, into) -> Optional.ofNullable(own.get(into)).ifPresent(product -> all.put(id, product)));
        return all;
    }

    /** Every id of a colour; that of a merged one stands for the colour it was merged into. */
    private Map<UUID, Colour> colourById() {
        List<ColourRow> rows = colours.findAll();
        Map<UUID, Colour> own = rows.stream()
                .filter(row -> row.mergedInto == null)
                .map(ColourRow::colour)
                .collect(Collectors.toMap(Colour::id, colour -> colour));
        Map<UUID, Colour> all = new HashMap<>(own);
        rows.stream()
                .filter(row -> row.mergedInto != null)
                .forEach(row ->
                        Optional.ofNullable(own.get(row.mergedInto)).ifPresent(colour -> all.put(row.id(), colour)));
        return all;
    }

    /** The names of the entries that were merged into a colour, by their ids. */
    @Transactional(readOnly = true)
    public Map<UUID, String> mergedInto(UUID colourId) {
        return colours.findAll().stream()
                .filter(row -> colourId.equals(row.mergedInto))
                .collect(Collectors.toMap(ColourRow::id, row -> row.name));
    }

    /** A product is no longer made; what is used instead, if anything is known. */
    public void discontinue(UUID productId, Optional<UUID> substitute) {
        ProductRow row = products.findById(productId).orElseThrow(NotFoundException::new);
        substitute.ifPresent(id -> {
            if (id.equals(productId) || !products.existsById(id)) {
                throw new NotFoundException();
            }
        });
        row.discontinued = true;
        row.substituteId = substitute.orElse(null);
    }

    /** A product is made again. */
    public void continueAgain(UUID productId) {
        ProductRow row = products.findById(productId).orElseThrow(NotFoundException::new);
        row.discontinued = false;
        row.substituteId = null;
    }

    /**
     * An entry that was merged into a product.
     *
     * @param name maker and product, as they were entered
     */
    public record MergedProduct(UUID id, UUID into, String name) {}

    @Transactional(readOnly = true)
    public List<MergedProduct> mergedProducts() {
        List<MergedProduct> merged = new ArrayList<>();
        for (ProductRow row : products.findAll()) {
            if (row.mergedInto != null) {
                merged.add(new MergedProduct(row.id(), row.mergedInto, row.maker + " " + row.name));
            }
        }
        return merged;
    }

    /** Two entries are one product from now on; what was recorded with either is kept. */
    public void mergeProduct(UUID from, UUID into) {
        ProductRow row = products.findById(from).orElseThrow(NotFoundException::new);
        ProductRow target = products.findById(into).orElseThrow(NotFoundException::new);
        if (row.mergedInto != null || target.mergedInto != null || from.equals(into)) {
            throw new ChangedMeanwhileException();
        }
        row.mergedInto = into;
        products.findAll().stream()
                .filter(other -> from.equals(other.mergedInto))
                .forEach(other -> other.mergedInto = into);
    }

    /** A merged product stands on its own again. */
    public void separateProduct(UUID merged) {
        products.findById(merged).orElseThrow(NotFoundException::new).mergedInto = null;
    }

    /** Whether a colour of that name was ever entered, merged ones too. */
    @Transactional(readOnly = true)
    public boolean hasColour(String name) {
        return colours.existsByNameIgnoreCase(name);
    }

    /** Whether a product of that name was ever entered, merged ones too. */
    @Transactional(readOnly = true)
    public boolean hasProduct(String maker, String name) {
        return products.existsByMakerIgnoreCaseAndNameIgnoreCase(maker, name);
    }

    /** Two entries are one colour from now on; what was recorded with either is kept. */
    public void merge(UUID from, UUID into) {
        ColourRow row = colours.findById(from).orElseThrow(NotFoundException::new);
        ColourRow target = colours.findById(into).orElseThrow(NotFoundException::new);
        if (row.mergedInto != null || target.mergedInto != null || from.equals(into)) {
            throw new ChangedMeanwhileException();
        }
        row.mergedInto = into;
        colours.findAll().stream()
                .filter(other -> from.equals(other.mergedInto))
                .forEach(other -> other.mergedInto = into);
    }

    /** A merged entry stands on its own again. */
    public void separate(UUID merged) {
        colours.findById(merged).orElseThrow(NotFoundException::new).mergedInto = null;
    }

    private static Tin tin(TinRow row, Map<UUID, Product> products, Map<UUID, Colour> colours) {
        return new Tin(
                row.id(),
                row.label,
                Optional.ofNullable(products.get(row.productId)).orElseThrow(),
                Optional.ofNullable(colours.get(row.colourId)).orElseThrow(),
                row.batch,
                Volume.ofLitres(row.sizeLitres),
                Volume.ofLitres(row.leftLitres),
                row.place,
                row.tintedAt,
                row.version());
    }

    @Transactional(readOnly = true)
    public boolean hasTinLabelled(String label) {
        return tins.existsByLabel(label);
    }

    public UUID addColour(String name, String code, Srgb screen) {
        return addColour(name, code, "", "", screen);
    }

    /** A colour with whose it is and what it is tinted by. */
    public UUID addColour(String name, String code, String maker, String formula, Srgb screen) {
        ColourRow row = new ColourRow(UUID.randomUUID(), name, code, screen);
        row.maker = maker;
        row.formula = formula;
        return colours.save(row).id();
    }

    /** Notes what a colour was measured to be; the screen shows it from then on. */
    public void measure(UUID colourId, Spectrum measured) {
        colours.findById(colourId).orElseThrow(NotFoundException::new).measured(measured);
    }

    /** Notes the Lab that a card or a file gives of a colour. */
    public void give(UUID colourId, Lab lab) {
        colours.findById(colourId)
                .orElseThrow(NotFoundException::new)
                .given(new Lab(LIGHTNESS.check(lab.lightness()), AXIS.check(lab.a()), AXIS.check(lab.b())));
    }

    /** Notes what is written on the card or the tin: code, whose colour it is, what it is tinted by. */
    public void describe(UUID colourId, String code, String maker, String formula, int seenVersion) {
        ColourRow row = colours.findById(colourId).orElseThrow(NotFoundException::new);
        row.checkSeen(seenVersion);
        row.code = code;
        row.maker = maker;
        row.formula = formula;
    }

    /** Notes what the maker says of a coat of a product. */
    public void describe(UUID productId, DataSheet sheet) {
        products.findById(productId).orElseThrow(NotFoundException::new).describe(sheet);
    }

    public UUID addProduct(NewProduct product) {
        GLOSS.check(product.gloss60());
        UUID id = products.save(new ProductRow(product)).id();
        product.soldIn().forEach(size -> sizes.save(new ProductSizeRow(id, TIN_SIZE.check(size.inLitres()))));
        return id;
    }

    public UUID addTin(
            String label,
            UUID product,
            UUID colour,
            String batch,
            Volume size,
            Volume left,
            String place,
            String tintedAt) {
        TIN_SIZE.check(size.inLitres());
        new Limits("left in the tin", 0, size.inLitres(), "L").check(left.inLitres());
        if (!products.existsById(product) || !colours.existsById(colour)) {
            throw new NotFoundException();
        }
        TinRow row = new TinRow(UUID.randomUUID());
        row.label = label;
        row.productId = product;
        row.colourId = colour;
        row.batch = batch;
        row.sizeLitres = size.inLitres();
        row.leftLitres = left.inLitres();
        row.place = place;
        row.tintedAt = tintedAt;
        return tins.save(row).id();
    }

    /**
     * Puts a tin where it stands with what is left in it.
     *
     * @return the version it has then
     * @throws ChangedMeanwhileException if somebody has changed it since that version
     */
    public int putDown(UUID tinId, Volume left, String place, int seenVersion) {
        TinRow row = tins.findById(tinId).orElseThrow(NotFoundException::new);
        row.checkSeen(seenVersion);
        new Limits("left in the tin", 0, row.sizeLitres, "L").check(left.inLitres());
        row.leftLitres = left.inLitres();
        row.place = place;
        return tins.saveAndFlush(row).version();
    }

    /** Takes a tin out of the store that came in by mistake. */
    public void takeOut(UUID tinId) {
        tins.findById(tinId).ifPresent(tins::delete);
        tins.flush();
    }

    /** Notes what a dip into the tin has shown. */
    public void dip(UUID tinId, Volume left, int seenVersion) {
        TinRow row = tins.findById(tinId).orElseThrow(NotFoundException::new);
        row.checkSeen(seenVersion);
        new Limits("left in the tin", 0, row.sizeLitres, "L").check(left.inLitres());
        row.leftLitres = left.inLitres();
    }
}

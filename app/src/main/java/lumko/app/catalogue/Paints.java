package lumko.app.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.ReferenceData;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.paint.DataSheet;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Volume;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Products and colours of the signed-in organisation. They are read once for every state they are in and kept in memory, in each
 * copy of the application: the database numbers the states, and the number is all that is asked for on a request.
 */
@Service
@Transactional
public class Paints {
    /** What a tin can hold. */
    public static final Limits TIN_SIZE = new Limits("tin size", 0.05, 200, "L");

    /** What gloss at 60° a product can have. */
    public static final Limits GLOSS = new Limits("gloss at 60°", 0, 100, "GU");

    /** What L* of a colour can be. */
    public static final Limits LIGHTNESS = new Limits("L*", 0, 100, "");

    /** What a* and b* of a colour can be. */
    public static final Limits AXIS = new Limits("a* or b*", -128, 128, "");

    /** Some 700 bytes an entry: 150 MB in all. */
    private static final long MOST_ENTRIES = 200_000;

    private final ColourRepository colours;
    private final ProductRepository products;
    private final ProductSizeRepository sizes;
    private final Access access;
    private final ReferenceData.Kept<PaintBook> books;

    Paints(
            ColourRepository colours,
            ProductRepository products,
            ProductSizeRepository sizes,
            ReferenceData referenceData,
            Access access) {
        this.colours = colours;
        this.products = products;
        this.sizes = sizes;
        this.access = access;
        books = referenceData.kept(
                this::read, book -> book.colours().size() + book.products().size(), MOST_ENTRIES);
    }

    /** Everything as it is now. */
    @Transactional(readOnly = true)
    public PaintBook book() {
        return books.get();
    }

    private void changes() {
        access.requirePainter();
        books.changes();
    }

    private PaintBook read() {
        List<ColourRow> colourRows = colours.findAll();
        List<ProductRow> productRows = products.findAll();
        Map<UUID, List<Volume>> sizesOf = sizes.findAll().stream()
                .collect(Collectors.groupingBy(
                        row -> row.productId,
                        Collectors.mapping(row -> Volume.ofLitres(row.litres), Collectors.toList())));
        Map<UUID, UUID> standsFor =
                productRows.stream().collect(Collectors.toMap(ProductRow::id, MergeableRow::standsFor));
        return new PaintBook(
                productRows.stream()
                        .filter(row -> row.mergedInto == null)
                        .collect(Collectors.toMap(
                                ProductRow::id,
                                row -> row.product(sizesOf.getOrDefault(row.id(), List.of()), standsFor))),
                colourRows.stream()
                        .filter(row -> row.mergedInto == null)
                        .collect(Collectors.toMap(ColourRow::id, ColourRow::colour)),
                merged(productRows),
                merged(colourRows));
    }

    private static List<PaintBook.Merged> merged(List<? extends MergeableRow> rows) {
        return rows.stream()
                .filter(row -> row.mergedInto != null)
                .map(row -> new PaintBook.Merged(row.id(), row.standsFor(), row.enteredAs()))
                .toList();
    }

    // ---- colours

    /** Whether a colour of that name was ever entered, merged ones too. */
    @Transactional(readOnly = true)
    public boolean hasColour(String name) {
        return colours.existsByNameIgnoreCase(name);
    }

    public UUID addColour(String name, String code, Srgb screen) {
        return addColour(name, code, "", "", screen);
    }

    /** A colour with whose it is and what it is tinted by. */
    public UUID addColour(String name, String code, String maker, String formula, Srgb screen) {
        changes();
        ColourRow row = new ColourRow(UUID.randomUUID(), name, code, screen);
        row.maker = maker;
        row.formula = formula;
        return colours.save(row).id();
    }

    /** Notes what a colour was measured to be; the screen shows it from then on. */
    public void measure(UUID colourId, Spectrum measured) {
        changes();
        colours.required(colourId).measured(measured);
    }

    /** Notes the Lab that a card or a file gives of a colour. */
    public void give(UUID colourId, Lab lab) {
        changes();
        colours.required(colourId)
                .given(new Lab(LIGHTNESS.check(lab.lightness()), AXIS.check(lab.a()), AXIS.check(lab.b())));
    }

    /** Notes what a colour is called and what is written on its card or tin. */
    public void describe(UUID colourId, String name, ColourCard card, int seenVersion) {
        changes();
        ColourRow row = colours.required(colourId);
        row.checkSeen(seenVersion);
        row.name = name;
        row.code = card.code();
        row.maker = card.maker();
        row.formula = card.formula();
        card.lab().ifPresent(row::given);
    }

    /** Two entries are one colour from now on; what was recorded with either is kept. */
    public void mergeColour(UUID from, UUID into) {
        access.requireLead();
        changes();
        colours.merge(from, into);
    }

    /** A merged entry stands on its own again. */
    public void separateColour(UUID merged) {
        access.requireLead();
        changes();
        colours.required(merged).mergedInto = null;
    }

    /**
     * Takes a colour off that was entered by mistake.
     *
     * @throws NotNowException if something on record has it
     */
    public void removeColour(UUID colourId) {
        changes();
        ColourRow row = colours.required(colourId);
        removed(row.name, () -> {
            colours.delete(row);
            colours.flush();
        });
    }

    private static void removed(String name, Runnable removing) {
        try {
            removing.run();
        } catch (DataIntegrityViolationException rests) {
            throw new NotNowException("denied.paintUsed", name);
        }
    }

    // ---- products

    /**
     * Takes a product off that was entered by mistake.
     *
     * @throws NotNowException if something on record is of it
     */
    public void removeProduct(UUID productId) {
        changes();
        ProductRow row = products.required(productId);
        removed(row.name, () -> {
            sizes.deleteAll(sizes.findByProductId(productId));
            sizes.flush();
            products.delete(row);
            products.flush();
        });
    }

    /** Whether a product of that name was ever entered, merged ones too. */
    @Transactional(readOnly = true)
    public boolean hasProduct(String maker, String name) {
        return products.existsByMakerIgnoreCaseAndNameIgnoreCase(maker, name);
    }

    public UUID addProduct(NewProduct product) {
        changes();
        GLOSS.check(product.gloss60());
        UUID id = products.save(new ProductRow(product)).id();
        product.soldIn().forEach(size -> sizes.save(new ProductSizeRow(id, TIN_SIZE.check(size.inLitres()))));
        return id;
    }

    /** Puts right what was entered of a product. */
    public void change(UUID productId, NewProduct to) {
        changes();
        GLOSS.check(to.gloss60());
        products.required(productId).put(to);
        List<ProductSizeRow> before = sizes.findByProductId(productId);
        sizes.deleteAll(before);
        sizes.flush();
        to.soldIn().forEach(size -> sizes.save(new ProductSizeRow(productId, TIN_SIZE.check(size.inLitres()))));
    }

    /** Notes what the maker says of a coat of a product. */
    public void describe(UUID productId, DataSheet sheet) {
        changes();
        products.required(productId).describe(sheet);
    }

    /** A product is no longer made; what is used instead, if anything is known. */
    public void discontinue(UUID productId, Optional<UUID> substitute) {
        changes();
        ProductRow row = products.required(productId);
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
        changes();
        ProductRow row = products.required(productId);
        row.discontinued = false;
        row.substituteId = null;
    }

    /** Two entries are one product from now on; what was recorded with either is kept. */
    public void mergeProduct(UUID from, UUID into) {
        access.requireLead();
        changes();
        products.merge(from, into);
    }

    /** A merged product stands on its own again. */
    public void separateProduct(UUID merged) {
        access.requireLead();
        changes();
        products.required(merged).mergedInto = null;
    }
}

package lumko.app.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.PaintKind;
import lumko.app.catalogue.Paints;
import lumko.app.catalogue.Product;
import lumko.app.figure.Figures;
import lumko.app.house.SeenPaints;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.RefusedException;
import lumko.app.platform.Speaker;
import lumko.app.store.Store;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.Shade;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Srgb;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.BoxMixer;
import lumko.core.film.CoatOdds;
import lumko.core.film.Colorant;
import lumko.core.film.Dispenser;
import lumko.core.film.Hiding;
import lumko.core.film.RecipeFinder;
import lumko.core.film.Target;
import lumko.core.film.UnrepeatableMix;
import lumko.core.film.WetPaint;
import lumko.core.job.HidingWay;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.quantity.Area;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Component;

/** Finds what is laid on the bench, and computes with it. */
@Component
class Bench {
    /** What ways of hiding are compared on. */
    private static final String DARKER = "darker:";

    private static final String LIGHTER = "lighter:";
    private static final int MOST_SHADES = 9;
    private static final String BLACK = "black";

    private static final Area TEN = Area.ofSquareMetres(10);

    private final Paints paints;
    private final Store store;
    private final SeenPaints seen;
    private final Figures figures;
    private final Speaker speaker;

    Bench(Paints paints, Store store, SeenPaints seen, Figures figures, Speaker speaker) {
        this.paints = paints;
        this.store = store;
        this.seen = seen;
        this.figures = figures;
        this.speaker = speaker;
    }

    /**
     * A colour by its key: an id or a name of the record, {@code #rrggbb}, or {@code lab:L,a,b} in daylight, 10°.
     *
     * @throws NotFoundException if the record has none of that id
     * @throws IllegalArgumentException if it is written otherwise
     */
    BenchColour colour(String key) {
        if (key.startsWith(DARKER) || key.startsWith(LIGHTER)) {
            return shade(key);
        }
        if (key.startsWith("#")) {
            Srgb srgb = Form.hexOf(key);
            return new BenchColour(key, key, SmoothReflectance.of(srgb), true);
        }
        if (key.startsWith("lab:")) {
            String[] parts = key.substring(4).split(",");
            if (parts.length != 3) {
                throw new RefusedException("refused.lab", Plain.quoted(key));
            }
            Lab lab = new Lab(number(parts[0], 0, 100), number(parts[1], -120, 120), number(parts[2], -120, 120));
            return new BenchColour(key, key.substring(4), SmoothReflectance.of(lab, Colorimetry.DAYLIGHT), true);
        }
        PaintBook book = paints.book();
        Colour known = Plain.id(key)
                .map(id -> Optional.ofNullable(book.colours().get(id)).orElseThrow(NotFoundException::new))
                .or(() -> book.colourNamed(key))
                .orElseThrow(() -> new RefusedException("refused.noColour", Plain.quoted(key)));
        return new BenchColour(known.id().toString(), known.name(), known.spectrum(), known.isApproximate());
    }

    /** So many shades darker or lighter than another, each as far as is clearly seen. */
    private BenchColour shade(String key) {
        boolean isDarker = key.startsWith(DARKER);
        String[] parts = key.split(":", 3);
        if (parts.length != 3 || !parts[1].matches("[1-" + MOST_SHADES + "]")) {
            throw new RefusedException("refused.shade", MOST_SHADES, Plain.quoted(key));
        }
        int shades = Integer.parseInt(parts[1]);
        BenchColour of = colour(parts[2]);
        double seen = figures.catalogue().limit(Figure.CLEARLY_SEEN);
        Lab lab = of.lab();
        for (int n = 0; n < shades; n++) {
            lab = isDarker ? Shade.darker(lab, seen) : Shade.lighter(lab, seen);
        }
        String name = speaker.words().say("bench." + parts[0] + (shades == 1 ? "One" : ""), shades, of.name());
        return new BenchColour(key, name, SmoothReflectance.of(lab, Colorimetry.DAYLIGHT), true);
    }

    /** The key of a colour one more shade away. */
    static String shadeOf(String key, boolean darker) {
        String way = darker ? DARKER : LIGHTER;
        if (!key.startsWith(way)) {
            return way + "1:" + key;
        }
        String[] parts = key.split(":", 3);
        return way + Math.min(MOST_SHADES, Integer.parseInt(parts[1]) + 1) + ":" + parts[2];
    }

    private static double number(String text, double low, double high) {
        double value = Plain.number(text).orElse(Double.NaN);
        if (!(value >= low && value <= high)) {
            throw new RefusedException("refused.labNumber", low, high, Plain.quoted(text));
        }
        return value;
    }

    /** How much of which colorant takes one colour to the other, in a tin of so many millilitres or grams. */
    RecipeFinder.Recipe recipe(From from, BenchColour one, BenchColour other, double amount, double step) {
        Colorant base = switch (from) {
            case WHITE_BASE -> Dispenser.WHITE_BASE;
            case DEEP_BASE -> Dispenser.DEEP_BASE;
            case THE_TIN, THE_TIN_BY_BLACK ->
                Hiding.colorant(one.spectrum(), DataSheet.USUAL.contrastRatio(), DataSheet.USUAL.dryMicrometres());
        };
        List<Colorant> pigments = Dispenser.pigments().stream()
                .filter(pigment ->
                        from != From.THE_TIN_BY_BLACK || pigment.name().startsWith(BLACK))
                .toList();
        return new RecipeFinder(pigments)
                .find(Target.of(other.spectrum()), new RecipeFinder.Order(Map.of(base, 1.0), amount, step, 5));
    }

    /** What a recipe starts from. */
    enum From {
        WHITE_BASE,
        DEEP_BASE,
        /** A tin of the first colour that missed. */
        THE_TIN,
        /** The same, darkened by black alone: what a painter has in the van. */
        THE_TIN_BY_BLACK
    }

    /**
     * Coats of a paint over what is there.
     *
     * @param ways what each way to hide it costs on ten square metres
     * @param planned how many the odds are for
     * @param wet what it looks like before it has dried
     */
    record Hidden(
            Hiding.Coats coats,
            double undercoat,
            boolean isByDataSheet,
            List<HidingWay> ways,
            HidingWay leastHand,
            int planned,
            CoatOdds odds,
            WetPaint wet) {}

    Hidden hiding(BenchColour over, BenchColour finish, Optional<Product> product) {
        Optional<DataSheet> known = product.flatMap(Product::sheet);
        DataSheet sheet = known.orElse(DataSheet.USUAL);
        double film = sheet.dryMicrometres();
        Hiding hiding = Hiding.of(finish.spectrum(), sheet.contrastRatio(), film);
        Hiding.Coats coats = hiding.over(over.spectrum(), film);
        List<HidingWay> ways = HidingWay.of(
                hiding, over.spectrum(), sheet, TEN, seen.coatsTaken(ids(over), ids(finish)), figures.catalogue());
        return new Hidden(
                coats,
                hiding.bestUndercoat(film),
                known.isPresent(),
                ways,
                HidingWay.leastHand(ways),
                Math.min(coats.needed(), Hiding.MOST_COATS),
                ways.getFirst().odds(),
                WetPaint.of(
                        finish.spectrum(),
                        sheet.contrastRatio(),
                        film,
                        product.map(Product::binder).orElse(Binder.WATERBORNE)));
    }

    /** Every id of a colour of the record: its own, and of the entries merged into it. */
    private Set<UUID> ids(BenchColour colour) {
        PaintBook book = paints.book();
        return Plain.id(colour.key()).map(book.colours()::get).map(book::idsOf).orElse(Set.of());
    }

    /** Whether a mix does its coats of an area over what is there, with the odds of one more. */
    UnrepeatableMix lasts(BoxMixer.Mix mix, Area area, Hidden hidden) {
        Catalogue catalogue = figures.catalogue();
        int coats = Math.max(catalogue.count(Figure.ROLLED_COATS), hidden.planned());
        double oneMore = coats > hidden.planned() ? 0 : hidden.odds().chance();
        return UnrepeatableMix.of(
                Volume.ofLitres(mix.litres()),
                area,
                coats,
                catalogue.value(Figure.SPREAD_EMULSION),
                oneMore,
                Volume.ofLitres(catalogue.value(Figure.LOSS_ROLLER)));
    }

    /** The nearest mix of what wall paint is in the store. */
    Optional<BoxMixer.Mix> box(BenchColour wanted, double litres) {
        List<BoxMixer.Available> tins = store.onShelf().stream()
                .filter(tin -> tin.product().kind() == PaintKind.WALL)
                .map(tin -> new BoxMixer.Available(
                        tin.label(),
                        tin.colour().spectrum(),
                        tin.left().inLitres(),
                        tin.product().binder(),
                        tin.product().gloss60()))
                .toList();
        return tins.isEmpty()
                ? Optional.empty()
                : Optional.of(BoxMixer.nearest(Target.of(wanted.spectrum()), tins, litres, BoxMixer.Way.BY_LADLE));
    }
}

package lumko.app.bench;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.figure.Figures;
import lumko.app.paint.Colour;
import lumko.app.paint.Product;
import lumko.app.paint.Store;
import lumko.app.platform.NotFoundException;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Srgb;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.BoxMixer;
import lumko.core.film.CoatPlan;
import lumko.core.film.Colorant;
import lumko.core.film.DataSheet;
import lumko.core.film.Dispenser;
import lumko.core.film.DryFilm;
import lumko.core.film.Hiding;
import lumko.core.film.RecipeFinder;
import lumko.core.film.Target;
import lumko.core.film.UnrepeatableMix;
import lumko.core.quantity.Area;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Component;

/** Finds what is laid on the bench, and computes with it. */
@Component
class Bench {
    /** Scattering of a wall paint whose curves nobody knows, per µm: that of the white base. */
    private static final double USUAL_SCATTERING_CONTRAST = 0.93;

    private static final double TEN = 10;

    private static final double USUAL_SPREAD = 10;
    private static final double USUAL_SOLIDS = 38;

    /** One coat more than planned. ASSUMPTION until coats really needed are counted. */
    private static final double ODDS_OF_ONE_MORE = 0.3;

    private final Store store;
    private final Figures figures;

    Bench(Store store, Figures figures) {
        this.store = store;
        this.figures = figures;
    }

    /**
     * A colour by its key: an id of the record, {@code #rrggbb}, or {@code lab:L,a,b} in daylight, 10°.
     *
     * @throws NotFoundException if the record has none of that id
     * @throws IllegalArgumentException if it is written otherwise
     */
    BenchColour colour(String key) {
        if (key.startsWith("#")) {
            Srgb srgb = Srgb.ofHex(key);
            return new BenchColour(key, key, SmoothReflectance.of(srgb), true);
        }
        if (key.startsWith("lab:")) {
            String[] parts = key.substring(4).split(",");
            if (parts.length != 3) {
                throw new IllegalArgumentException("a colour is written lab:L,a,b, was " + key);
            }
            Lab lab = new Lab(number(parts[0], 0, 100), number(parts[1], -120, 120), number(parts[2], -120, 120));
            return new BenchColour(key, key.substring(4), SmoothReflectance.of(lab, Colorimetry.DAYLIGHT), true);
        }
        Colour known = Optional.ofNullable(store.stock().colours().get(UUID.fromString(key)))
                .orElseThrow(NotFoundException::new);
        return new BenchColour(key, known.name(), known.spectrum(), known.isApproximate());
    }

    private static double number(String text, double low, double high) {
        double value = Double.parseDouble(text.strip());
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException("a colour's number must be " + low + "–" + high + ", was " + text);
        }
        return value;
    }

    /** How much of which colorant takes one colour to the other, in a tin of so many millilitres. */
    RecipeFinder.Recipe recipe(From from, BenchColour one, BenchColour other, double millilitres, double step) {
        Colorant base = switch (from) {
            case WHITE_BASE -> Dispenser.WHITE_BASE;
            case DEEP_BASE -> Dispenser.DEEP_BASE;
            case THE_TIN ->
                Hiding.colorant(
                        one.spectrum(), USUAL_SCATTERING_CONTRAST, DryFilm.micrometres(USUAL_SPREAD, USUAL_SOLIDS));
        };
        return new RecipeFinder(Dispenser.pigments())
                .find(Target.of(other.spectrum()), new RecipeFinder.Order(Map.of(base, 1.0), millilitres, step, 5));
    }

    /** What a recipe starts from. */
    enum From {
        WHITE_BASE,
        DEEP_BASE,
        /** A tin of the first colour that missed. */
        THE_TIN
    }

    /** Coats of a paint over what is there. */
    record Hidden(Hiding.Coats coats, double undercoat, boolean isByDataSheet, List<Way> ways) {}

    /** What a way of hiding costs on ten square metres. */
    record Way(CoatPlan plan, Duration hand, Volume paint, Duration elapsed) {}

    private Way way(CoatPlan plan, double spread) {
        Catalogue catalogue = figures.catalogue();
        double minutes = plan.undercoats() * catalogue.value(Figure.PRIME_WALL)
                + plan.finish() * catalogue.value(Figure.ROLL_WALL);
        double hours = plan.undercoats() * catalogue.value(Figure.DRY_PRIMER)
                + plan.finish() * catalogue.value(Figure.DRY_EMULSION);
        double litres = plan.undercoats() * TEN / catalogue.value(Figure.SPREAD_PRIMER) + plan.finish() * TEN / spread;
        return new Way(
                plan,
                Times.ofMinutes(minutes * TEN),
                Volume.ofLitres(litres),
                Times.ofHours(hours).plus(Times.ofMinutes(minutes * TEN)));
    }

    Hidden hiding(BenchColour over, BenchColour finish, Optional<Product> product) {
        Optional<DataSheet> sheet = product.flatMap(Product::sheet);
        double film =
                sheet.map(DataSheet::dryMicrometres).orElseGet(() -> DryFilm.micrometres(USUAL_SPREAD, USUAL_SOLIDS));
        Hiding hiding = Hiding.of(
                finish.spectrum(), sheet.map(DataSheet::contrastRatio).orElse(USUAL_SCATTERING_CONTRAST), film);
        double spread = sheet.map(DataSheet::spread).orElse(USUAL_SPREAD);
        return new Hidden(
                hiding.over(over.spectrum(), film),
                hiding.bestUndercoat(film),
                sheet.isPresent(),
                hiding.plans(over.spectrum(), film).stream()
                        .map(plan -> way(plan, spread))
                        .toList());
    }

    /** Whether a mix does two coats of an area, with the odds of a third. */
    UnrepeatableMix lasts(BoxMixer.Mix mix, Area area) {
        Catalogue catalogue = figures.catalogue();
        return UnrepeatableMix.of(
                Volume.ofLitres(mix.litres()),
                area,
                catalogue.count(Figure.ROLLED_COATS),
                catalogue.value(Figure.SPREAD_EMULSION),
                ODDS_OF_ONE_MORE,
                Volume.ofLitres(catalogue.value(Figure.LOSS_ROLLER)));
    }

    /** The nearest mix of what is in the store. */
    Optional<BoxMixer.Mix> box(BenchColour wanted, double litres) {
        List<BoxMixer.Available> tins = store.stock().onShelf().stream()
                .filter(tin -> tin.left().inLitres() > 0)
                .map(tin -> new BoxMixer.Available(
                        tin.label(),
                        tin.colour().spectrum(),
                        tin.left().inLitres(),
                        tin.product().binder(),
                        tin.product().gloss60()))
                .toList();
        return tins.isEmpty()
                ? Optional.empty()
                : Optional.of(BoxMixer.nearest(Target.of(wanted.spectrum()), tins, litres));
    }
}

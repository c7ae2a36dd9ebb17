package lumko.app.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paints;
import lumko.app.catalogue.Product;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.kept.KeptFor;
import lumko.app.kept.KeptResults;
import lumko.app.reading.Source;
import lumko.app.reading.TakingReadings;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.film.Ageing;
import lumko.core.record.Age;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Walls of the society that were read, one of them not what its record says, and what the bench made of a tin that missed. */
@Component
@Lazy
class DemoReadings {
    private static final int PLACES = 4;
    private static final double NOISE = 0.002;
    private static final String INSTRUMENT = "geometry=45/0 aperture=8 bands=400:10:31 name=stand-in";

    private final TakingReadings readings;
    private final Houses houses;
    private final Paints paints;
    private final Store store;
    private final KeptResults results;
    private final Random random = new Random(1936);

    DemoReadings(TakingReadings readings, Houses houses, Paints paints, Store store, KeptResults results) {
        this.readings = readings;
        this.houses = houses;
        this.paints = paints;
        this.store = store;
        this.results = results;
    }

    void enter(LocalDate today) {
        Flat seventh = flat("Ropewalk Court", "7");
        Surface bedroom = seventh.walls().findFirst().orElseThrow();
        Coat coat = bedroom.topCoat().orElseThrow();
        read(seventh, bedroom, coat.colour().orElseThrow(), Age.since(coat.appliedOn(), today));

        Flat cottage = flat("Tern Terrace", "3");
        Surface living = cottage.walls().findFirst().orElseThrow();
        read(
                cottage,
                living,
                colour("Brick Blush"),
                Age.since(living.topCoat().orElseThrow().appliedOn(), today));

        Flat unknown = flat("Brickfield House", "19");
        read(unknown, unknown.walls().findFirst().orElseThrow(), colour("Reed Bank"), Age.UNKNOWN);
        missed();
    }

    private Flat flat(String house, String number) {
        return houses.facades().stream()
                .filter(facade -> facade.house().name().equals(house))
                .flatMap(facade -> facade.windows().stream())
                .filter(window -> window.number().equals(number))
                .map(window -> houses.flat(window.flatId()))
                .findFirst()
                .orElseThrow();
    }

    private Colour colour(String name) {
        return paints.book().coloursByName().stream()
                .filter(colour -> colour.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private void read(Flat flat, Surface surface, Colour colour, Age age) {
        Product matt = paints.book().productsByName().stream()
                .filter(product -> product.name().equals("Hearth Matt"))
                .findFirst()
                .orElseThrow();
        Ageing aged = Ageing.of(
                colour.lab(),
                age,
                flat.roomOf(surface.id()).kind(),
                surface.light(),
                matt.gloss60(),
                matt.binder(),
                true);
        Spectrum clean = SmoothReflectance.of(aged.likely(), Colorimetry.DAYLIGHT);
        List<Spectrum> places = new ArrayList<>();
        for (int n = 0; n < PLACES; n++) {
            double[] factors = clean.factors();
            double all = NOISE * random.nextGaussian();
            for (int band = 0; band < factors.length; band++) {
                factors[band] = Math.clamp(factors[band] + all + NOISE / 4 * random.nextGaussian(), 0, 1);
            }
            places.add(Spectrum.of(clean.start(), factors));
        }
        readings.note(surface.id(), places, Source.READER, INSTRUMENT);
        readings.finish(surface.id());
    }

    /** A tin of Wet Slate that came from the counter a little too yellow. */
    private void missed() {
        Tin tin = store.onShelf().stream()
                .filter(each -> each.colour().name().equals("Wet Slate"))
                .findFirst()
                .orElseThrow();
        results.keep(
                "/bench?one=lab:77.6,-0.6,-2.1&other=" + tin.colour().id()
                        + "&from=THE_TIN&tinful=2500&unit=MILLILITRES&step=0.1",
                "came out too yellow: what to add",
                Optional.of(new KeptFor(KeptFor.What.TIN, tin.id())));
    }
}

package lumko.app.find;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import lumko.app.account.People;
import lumko.app.house.Houses;
import lumko.app.house.PaintedSurface;
import lumko.app.house.SurfaceKind;
import lumko.app.paint.Colour;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.NotFoundException;
import lumko.core.colour.Lab;
import lumko.core.colour.NearestColours;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks through everything the organisation has on record. */
@Service
@Transactional(readOnly = true)
class Finder {
    private static final int MOST = 30;
    private static final int NEAREST = 6;

    private final Houses houses;
    private final Store store;
    private final People people;

    Finder(Houses houses, Store store, People people) {
        this.houses = houses;
        this.store = store;
        this.people = people;
    }

    /**
     * One thing found.
     *
     * @param what the kind of thing, as a word of the bundle
     * @param hex a colour beside it; empty if it has none
     */
    record Hit(String what, String title, String more, String link, String hex) {}

    /** Everything whose name, code, label, batch or place holds all the words. */
    List<Hit> find(String typed) {
        List<String> wanted = Arrays.stream(
                        typed.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList();
        if (wanted.isEmpty()) {
            return List.of();
        }
        List<Hit> hits = new ArrayList<>();
        Store.Stock stock = store.stock();
        colours(stock, wanted, hits);
        tins(stock, wanted, hits);
        flats(stock, wanted, hits);
        for (People.Colleague colleague : people.all()) {
            if (holds(wanted, colleague.name(), colleague.login())) {
                hits.add(new Hit("find.person", colleague.name(), colleague.login(), "/people", ""));
            }
        }
        return hits.stream().limit(MOST).toList();
    }

    private static void colours(Store.Stock stock, List<String> wanted, List<Hit> hits) {
        for (Colour colour : stock.coloursByName()) {
            if (holds(wanted, colour.name(), colour.code(), colour.maker())) {
                hits.add(new Hit(
                        "find.colour",
                        colour.name(),
                        colour.code(),
                        "/colours/" + colour.id(),
                        colour.screen().hex()));
            }
        }
    }

    private static void tins(Store.Stock stock, List<String> wanted, List<Hit> hits) {
        for (Tin tin : stock.onShelf()) {
            if (holds(
                    wanted,
                    tin.label(),
                    tin.batch(),
                    tin.place(),
                    tin.colour().name(),
                    tin.product().name(),
                    tin.product().maker())) {
                hits.add(new Hit(
                        "find.tin",
                        tin.label() + " " + tin.colour().name(),
                        tin.product().name() + ", " + tin.place(),
                        "/store#tin-" + tin.label(),
                        tin.colour().screen().hex()));
            }
        }
    }

    private void flats(Store.Stock stock, List<String> wanted, List<Hit> hits) {
        for (Houses.Facade facade : houses.facades()) {
            for (Houses.Window window : facade.windows()) {
                String number = String.valueOf(window.number());
                if (holds(wanted, facade.house().name(), number)
                        && wanted.stream()
                                .anyMatch(word -> word.equals(number)
                                        || facade.house()
                                                .name()
                                                .toLowerCase(Locale.ROOT)
                                                .contains(word))) {
                    hits.add(new Hit(
                            "find.flat",
                            facade.house().name() + " " + number,
                            "",
                            "/flats/" + window.flatId(),
                            window.wallColour()
                                    .map(stock.colours()::get)
                                    .map(colour -> colour.screen().hex())
                                    .orElse("")));
                }
            }
        }
    }

    private static boolean holds(List<String> wanted, String... texts) {
        String all = String.join(" ", texts).toLowerCase(Locale.ROOT);
        return wanted.stream().allMatch(all::contains);
    }

    /** A colour of the record and how far it lies from another. */
    record Near(Colour colour, double difference) {}

    /** The colours of the record nearest to one, by CIEDE2000 in daylight. */
    List<Near> near(Lab wanted) {
        List<Colour> colours = store.stock().coloursByName();
        return new NearestColours(colours.stream().map(Colour::lab).toList())
                .nearest(wanted, NEAREST).stream()
                        .map(found -> new Near(colours.get(found.index()), found.difference()))
                        .toList();
    }

    /** Where a colour is: its walls by flat, and its tins. */
    record Whereabouts(Colour colour, List<Place> places, List<Tin> tins) {}

    /** A flat with how many of its surfaces carry it. */
    record Place(UUID flatId, String name, long surfaces) {}

    Whereabouts whereabouts(UUID colourId) {
        Store.Stock stock = store.stock();
        Colour colour = Optional.ofNullable(stock.colours().get(colourId)).orElseThrow(NotFoundException::new);
        return new Whereabouts(
                colour,
                places(painted -> painted.colourId()
                        .map(stock.colours()::get)
                        .filter(colour::equals)
                        .isPresent()),
                stock.onShelf().stream()
                        .filter(tin -> tin.colour().equals(colour))
                        .toList());
    }

    /** Flats with walls whose paint nobody has identified. */
    List<Place> unidentified() {
        return places(painted -> painted.kind() == SurfaceKind.WALL && !painted.isIdentified());
    }

    private List<Place> places(Predicate<PaintedSurface> wanted) {
        Map<UUID, String> names = new LinkedHashMap<>();
        for (Houses.Facade facade : houses.facades()) {
            facade.windows()
                    .forEach(window -> names.put(window.flatId(), facade.house().name() + " " + window.number()));
        }
        Map<UUID, Long> counts = houses.painted().stream()
                .filter(wanted)
                .collect(Collectors.groupingBy(PaintedSurface::flatId, Collectors.counting()));
        return names.entrySet().stream()
                .filter(entry -> counts.containsKey(entry.getKey()))
                .map(entry -> new Place(
                        entry.getKey(),
                        entry.getValue(),
                        Optional.ofNullable(counts.get(entry.getKey())).orElse(0L)))
                .toList();
    }
}

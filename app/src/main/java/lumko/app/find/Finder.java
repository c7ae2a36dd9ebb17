package lumko.app.find;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import lumko.app.account.People;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.Paints;
import lumko.app.house.House;
import lumko.app.house.Houses;
import lumko.app.house.SeenPaints;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.colour.Lab;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.util.UriComponentsBuilder;

/** Looks through everything the organisation has on record. */
@Service
@Transactional(readOnly = true)
class Finder {
    private static final int MOST = 20;
    private static final int NEAREST = 6;

    /** Of the places of a colour, and of its tins, beside each other on its page. */
    private static final int MOST_PLACES = 16;

    private final Houses houses;
    private final SeenPaints seen;
    private final Paints paints;
    private final Store store;
    private final People people;
    private final Speaker speaker;

    Finder(Houses houses, SeenPaints seen, Paints paints, Store store, People people, Speaker speaker) {
        this.houses = houses;
        this.seen = seen;
        this.paints = paints;
        this.store = store;
        this.people = people;
        this.speaker = speaker;
    }

    /**
     * One thing found.
     *
     * @param what the kind of thing, as a word of the bundle
     * @param hex a colour beside it; empty if it has none
     */
    record Hit(String what, String title, String more, String link, String hex) {}

    /**
     * What was found.
     *
     * @param hits the first of them
     * @param hasMore whether there is more than that
     * @param meant the words that were looked for in place of those typed, which nothing has; empty if it was those typed
     */
    record Found(List<Hit> hits, boolean hasMore, Optional<String> meant) {
        /** @param hits one more than are shown, if there are so many */
        private static Found of(List<Hit> hits, Optional<String> meant) {
            return new Found(hits.stream().limit(MOST).toList(), hits.size() > MOST, meant);
        }
    }

    /**
     * Everything whose name, code, label, batch or place holds all the words: the flat first, tins last. Where nothing does, what
     * holds words spelt nearly so.
     */
    Found find(String typed) {
        List<String> wanted = Arrays.stream(
                        typed.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList();
        if (wanted.isEmpty()) {
            return Found.of(List.of(), Optional.empty());
        }
        List<Hit> hits = hits(typed, wanted);
        Optional<String> meant = hits.isEmpty() ? spelling().meant(wanted, beforeNumber()) : Optional.empty();
        return meant.map(words -> Found.of(hits(words, List.of(words.split(" "))), meant))
                .filter(found -> !found.hits().isEmpty())
                .orElseGet(() -> Found.of(hits, Optional.empty()));
    }

    /** By all names on record but those of tins, which are found by their paint. */
    private Spelling spelling() {
        PaintBook book = paints.book();
        return Spelling.of(Stream.of(
                        houses.all().stream().map(House::name),
                        book.coloursByName().stream().flatMap(colour -> Stream.of(colour.name(), colour.maker())),
                        book.productsByName().stream()
                                .flatMap(product -> Stream.of(product.fullName(), product.line())),
                        people.names().values().stream())
                .flatMap(Function.identity()));
    }

    /** One more than are shown, if there are so many. */
    private List<Hit> hits(String typed, List<String> wanted) {
        int most = MOST + 1;
        PaintBook book = paints.book();
        List<Hit> hits = new ArrayList<>(flats(wanted, most));
        book.coloursLike(typed, most)
                .forEach(colour -> hits.add(new Hit(
                        "find.colour",
                        colour.name(),
                        colour.code(),
                        "/colours/" + colour.id(),
                        colour.screen().hex())));
        book.productsLike(typed, most)
                .forEach(product -> hits.add(
                        new Hit("find.product", product.fullName(), product.line(), "/products/" + product.id(), "")));
        people.like(typed)
                .forEach(known -> hits.add(new Hit("find.person", known.name(), known.login(), "/people", "")));
        if (hits.size() < most) {
            store.shelf(typed, true, most).tins().forEach(tin -> hits.add(tin(tin)));
        }
        return hits.stream().limit(most).toList();
    }

    private static Hit tin(Tin tin) {
        return new Hit(
                "find.tin",
                tin.label() + " " + tin.colour().name(),
                tin.product().name() + ", " + tin.place(),
                UriComponentsBuilder.fromPath("/store")
                        .queryParam("q", "{label}")
                        .queryParam("empty", "yes")
                        .encode()
                        .buildAndExpand(tin.label())
                        .toUriString(),
                tin.colour().screen().hex());
    }

    /**
     * By house and number in any order, with the words people put before a number left out: “flat 7”, “7 Ropewalk”, “ropewalk
     * garden”. What a house's name does not say is the number of a flat.
     */
    private List<Hit> flats(List<String> wanted, int most) {
        List<String> words =
                wanted.stream().filter(word -> !beforeNumber().contains(word)).toList();
        Map<String, List<House>> byNumber = new LinkedHashMap<>();
        for (House house : houses.all()) {
            List<String> rest = words.stream()
                    .filter(word -> !Plain.holds(word, house.name()))
                    .toList();
            if (rest.size() <= 1) {
                byNumber.computeIfAbsent(String.join("", rest), number -> new ArrayList<>())
                        .add(house);
            }
        }
        // the one flat that was meant before the many of a house
        return byNumber.entrySet().stream()
                .sorted(Comparator.comparing(entry -> entry.getKey().isEmpty()))
                .flatMap(entry -> doors(entry.getKey(), entry.getValue(), most).stream())
                .limit(most)
                .map(door -> new Hit("find.flat", door.name(), "", "/flats/" + door.flatId(), ""))
                .toList();
    }

    private List<Houses.Door> doors(String number, List<House> of, int most) {
        return number.isEmpty() ? houses.doorsOf(of, most) : houses.doorsNumbered(number, of, most);
    }

    private Set<String> beforeNumber() {
        return Set.of(speaker.words().say("find.beforeNumber").split(" "));
    }

    /** The colours of the record nearest to one, by CIEDE2000 in daylight. */
    List<PaintBook.Near> near(Lab wanted) {
        return paints.book().nearest(wanted, NEAREST);
    }

    /** Where a colour is: its surfaces by flat, and its tins. */
    record Whereabouts(Colour colour, SeenPaints.FlatsFound places, Store.Shelf shelf, List<PaintBook.Merged> merged) {}

    Whereabouts whereabouts(UUID colourId) {
        PaintBook book = paints.book();
        Colour colour = Optional.ofNullable(book.colours().get(colourId)).orElseThrow(NotFoundException::new);
        return new Whereabouts(
                colour,
                seen.flatsIn(book.idsOf(colour), MOST_PLACES),
                store.shelfOf(book.idsOf(colour), MOST_PLACES),
                book.mergedInto(colour));
    }

    /** Flats with walls whose paint nobody has identified. */
    SeenPaints.FlatsFound unidentified() {
        return seen.notIdentified(MOST);
    }
}

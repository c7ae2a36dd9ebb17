package lumko.app.walk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.Paints;
import lumko.app.catalogue.Product;
import lumko.app.house.Coat;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * What could go on a surface: tins in the store, and paints still to be bought. Only what is made for such a surface; of its
 * own colour first, then by how near its colour is.
 */
@Component
public class PaintOffers {
    private static final int MOST_TINS = 12;
    private static final int MOST_TO_BUY = 12;
    private static final String SAME = "same";
    private static final String TIN = "tin:";
    private static final String BUY = "buy:";

    private final Houses houses;
    private final Paints paints;
    private final Store store;

    PaintOffers(Houses houses, Paints paints, Store store) {
        this.houses = houses;
        this.paints = paints;
        this.store = store;
    }

    /**
     * @param surfaceId what it is for
     * @param tins in the store
     * @param toBuy products in colours
     */
    public record Offers(UUID surfaceId, List<Tin> tins, List<Paint> toBuy) {
        public boolean isEmpty() {
            return tins.isEmpty() && toBuy.isEmpty();
        }
    }

    /** How a choice is sent. */
    static String sent(Tin tin) {
        return TIN + tin.id();
    }

    static String sent(Paint paint) {
        return BUY + paint.key();
    }

    /**
     * What was chosen, as it was sent; empty for the same again.
     *
     * @throws NotFoundException if there is no such tin or paint
     * @throws IllegalArgumentException if that is none of them
     */
    @Transactional(readOnly = true)
    public Optional<Next> next(String sent) {
        if (sent.equals(SAME)) {
            return Optional.empty();
        }
        if (sent.startsWith(TIN)) {
            UUID id = Plain.id(sent.substring(TIN.length()))
                    .orElseThrow(() -> new IllegalArgumentException("“" + sent + "” is no tin"));
            return Optional.of(new Next.FromTin(store.tin(id).orElseThrow(NotFoundException::new)));
        }
        String[] ids = sent.substring(Math.min(BUY.length(), sent.length())).split(":");
        if (!sent.startsWith(BUY)
                || ids.length != 2
                || Plain.id(ids[0]).isEmpty()
                || Plain.id(ids[1]).isEmpty()) {
            throw new IllegalArgumentException("“" + sent + "” is no paint");
        }
        return Optional.of(new Next.ToBuy(
                paints.book().paint(Plain.id(ids[0]), Plain.id(ids[1])).orElseThrow(NotFoundException::new)));
    }

    /** @param typed words that all occur in its name; empty for what is nearest */
    @Transactional(readOnly = true)
    public Offers of(UUID wallId, UUID surfaceId, String typed) {
        Surface surface = houses.flatOfSurface(wallId).surface(surfaceId).orElseThrow(NotFoundException::new);
        return offers(surface, typed);
    }

    private Offers offers(Surface surface, String typed) {
        Optional<Paint> own = surface.topCoat().flatMap(Coat::paint);
        Optional<Lab> lab = seen(surface);
        List<Tin> tins = store.onShelf().stream()
                .filter(tin -> surface.suits(tin.product().kind()))
                .filter(tin -> Plain.holds(typed, tin.label(), words(tin.paint())))
                .sorted(Comparator.comparingDouble((Tin tin) -> apart(lab, tin.colour()))
                        .thenComparing(Tin::label))
                .limit(MOST_TINS)
                .toList();
        return new Offers(surface.id(), tins, toBuy(paints.book(), surface, own, typed));
    }

    /** Without a word typed, the paint on record alone: every product in every colour would be no offer. */
    private static List<Paint> toBuy(PaintBook book, Surface surface, Optional<Paint> own, String typed) {
        if (typed.isBlank()) {
            return own.stream().toList();
        }
        Optional<Lab> lab = seen(surface);
        Comparator<Colour> nearest = Comparator.comparingDouble((Colour colour) -> apart(lab, colour))
                .thenComparing(Colour::name);
        // what a product's own name does not say has to be in the colour's: the same words for many products
        Map<String, List<Colour>> coloursWith = new HashMap<>();
        List<Paint> paints = new ArrayList<>();
        for (Product product : book.productsByName()) {
            if (surface.suits(product.kind()) && !product.isDiscontinued()) {
                String rest = Stream.of(typed.strip().split("\\s+"))
                        .filter(word -> !Plain.holds(word, product.fullName()))
                        .collect(Collectors.joining(" "));
                coloursWith
                        .computeIfAbsent(
                                rest,
                                words -> book.coloursByName().stream()
                                        .filter(colour -> Plain.holds(words, words(colour)))
                                        .sorted(nearest)
                                        .limit(MOST_TO_BUY)
                                        .toList())
                        .forEach(colour -> paints.add(new Paint(product, colour)));
            }
        }
        return paints.stream()
                .sorted(Comparator.comparing(
                                (Paint paint) -> own.filter(on -> on.product().equals(paint.product()))
                                        .isEmpty())
                        .thenComparing(Paint::colour, nearest)
                        .thenComparing(Paint::name))
                .limit(MOST_TO_BUY)
                .toList();
    }

    /** The colour that is seen, also where nobody knows the product. */
    private static Optional<Lab> seen(Surface surface) {
        return surface.topCoat().flatMap(Coat::colour).map(Colour::lab);
    }

    private static double apart(Optional<Lab> from, Colour colour) {
        return from.map(lab -> ColourDifference.between(lab, colour.lab())).orElse(0.0);
    }

    private static String words(Paint paint) {
        return words(paint.colour()) + " " + paint.product().fullName();
    }

    private static String words(Colour colour) {
        return colour.name() + " " + colour.code();
    }

    /** Where nobody noted what a surface was painted from: tins in the store of just its paint, what is left over may be one. */
    @Transactional(readOnly = true)
    public List<Tin> leftOvers(Surface surface) {
        return surface.topCoat().filter(Coat::isFromUnknownBatch).flatMap(Coat::paint).stream()
                .flatMap(paint -> store.tinsOf(List.of(paint)).getOrDefault(paint, List.of()).stream())
                .filter(tin -> !tin.isPouredTogether())
                .toList();
    }
}

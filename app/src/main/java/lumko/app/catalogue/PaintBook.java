package lumko.app.catalogue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.NearestColours;
import org.jspecify.annotations.Nullable;

/** All products and colours of an organisation at one moment. It does not change and is shared by whoever asks at that moment. */
public final class PaintBook {
    /**
     * An entry that was merged into another.
     *
     * @param name as it was entered
     */
    public record Merged(UUID id, UUID into, String name) {}

    /** A colour and how far it lies from another. */
    public record Near(Colour colour, double difference) {}

    private final Map<UUID, Product> products;
    private final Map<UUID, Colour> colours;
    private final List<Product> productsByName;
    private final List<Colour> coloursByName;
    private final List<Merged> mergedProducts;
    private final List<Merged> mergedColours;

    /** What is looked through for a product, in the order of their names. */
    private final String[] wordsOfProducts;

    /** What is looked through for a colour, in the order of their names. */
    private final String[] wordsOfColours;

    private volatile @Nullable NearestColours nearest;

    PaintBook(
            Map<UUID, Product> products,
            Map<UUID, Colour> colours,
            List<Merged> mergedProducts,
            List<Merged> mergedColours) {
        this.productsByName = products.values().stream()
                .sorted(Comparator.comparing(Product::maker).thenComparing(Product::name))
                .toList();
        this.coloursByName = colours.values().stream()
                .sorted(Comparator.comparing(Colour::name))
                .toList();
        this.wordsOfProducts = productsByName.stream()
                .map(product -> (product.fullName() + " " + product.line()).toLowerCase(Locale.ROOT))
                .toArray(String[]::new);
        this.wordsOfColours = coloursByName.stream()
                .map(colour -> (colour.name() + " " + colour.code() + " " + colour.maker()).toLowerCase(Locale.ROOT))
                .toArray(String[]::new);
        this.mergedProducts = List.copyOf(mergedProducts);
        this.mergedColours = List.copyOf(mergedColours);
        this.products = withMerged(products, mergedProducts);
        this.colours = withMerged(colours, mergedColours);
    }

    private static <T> Map<UUID, T> withMerged(Map<UUID, T> own, List<Merged> merged) {
        Map<UUID, T> all = new HashMap<>(own);
        for (Merged entry : merged) {
            Optional.ofNullable(own.get(entry.into())).ifPresent(stands -> all.put(entry.id(), stands));
        }
        return Map.copyOf(all);
    }

    /** By every id of a product; that of a merged one stands for the product it was merged into. */
    public Map<UUID, Product> products() {
        return products;
    }

    /** By every id of a colour; that of a merged one stands for the colour it was merged into. */
    public Map<UUID, Colour> colours() {
        return colours;
    }

    public List<Product> productsByName() {
        return productsByName;
    }

    public List<Colour> coloursByName() {
        return coloursByName;
    }

    public List<Merged> mergedProducts() {
        return mergedProducts;
    }

    /** The entries that were merged into a colour. */
    public List<Merged> mergedInto(Colour colour) {
        return mergedColours.stream()
                .filter(merged -> merged.into().equals(colour.id()))
                .toList();
    }

    /** A product in a colour, where both are known. */
    public Optional<Paint> paint(Optional<UUID> product, Optional<UUID> colour) {
        return product.map(products::get)
                .flatMap(known -> colour.map(colours::get).map(shown -> new Paint(known, shown)));
    }

    /** Every id that a colour is recorded by: its own, and those of entries merged into it. */
    public Set<UUID> idsOf(Colour colour) {
        Set<UUID> ids = new HashSet<>();
        ids.add(colour.id());
        mergedInto(colour).forEach(merged -> ids.add(merged.id()));
        return ids;
    }

    /** The colour of that name, however it is capitalised. */
    public Optional<Colour> colourNamed(String name) {
        return only(coloursByName.stream()
                .filter(colour -> colour.name().equalsIgnoreCase(name.strip()))
                .toList());
    }

    /** The product of that name, with its maker or, where no other has it, without. */
    public Optional<Product> productNamed(String name) {
        return only(products(product -> product.fullName().equalsIgnoreCase(name.strip())))
                .or(() -> only(products(product -> product.name().equalsIgnoreCase(name.strip()))));
    }

    private List<Product> products(Predicate<Product> wanted) {
        return productsByName.stream().filter(wanted).toList();
    }

    private static <T> Optional<T> only(List<T> found) {
        return found.size() == 1 ? Optional.of(found.getFirst()) : Optional.empty();
    }

    /** Colours that have all words in name, code or maker, those whose name begins so first. */
    public List<Colour> coloursLike(String typed, int most) {
        if (typed.isBlank()) {
            return coloursByName.stream().limit(most).toList();
        }
        String start = typed.strip().toLowerCase(Locale.ROOT);
        String[] words = words(typed);
        List<Colour> begun = new ArrayList<>();
        List<Colour> others = new ArrayList<>();
        for (int at = 0; at < wordsOfColours.length && begun.size() < most; at++) {
            String text = wordsOfColours[at];
            List<Colour> among = text.startsWith(start) ? begun : others;
            if (among.size() < most && holdsAll(text, words)) {
                among.add(coloursByName.get(at));
            }
        }
        return Stream.concat(begun.stream(), others.stream()).limit(most).toList();
    }

    /** How many colours have all words in name, code or maker. */
    public int countColoursLike(String typed) {
        String[] words = words(typed);
        int count = 0;
        for (String text : wordsOfColours) {
            if (holdsAll(text, words)) {
                count++;
            }
        }
        return count;
    }

    private static String[] words(String typed) {
        return typed.strip().toLowerCase(Locale.ROOT).split("\\s+");
    }

    /** Asked of everything there is, so without a stream each. */
    private static boolean holdsAll(String text, String[] words) {
        for (String word : words) {
            if (!text.contains(word)) {
                return false;
            }
        }
        return true;
    }

    /** Products that have all words in maker, line or name. */
    public List<Product> productsLike(String typed, int most) {
        String[] words = words(typed);
        return IntStream.range(0, wordsOfProducts.length)
                .filter(at -> holdsAll(wordsOfProducts[at], words))
                .limit(most)
                .mapToObj(productsByName::get)
                .toList();
    }

    /** The colours that lie no farther from one than so much, by CIEDE2000 in daylight. */
    public List<Colour> within(Lab wanted, double difference) {
        return coloursByName.stream()
                .filter(colour -> ColourDifference.between(wanted, colour.lab()) <= difference)
                .toList();
    }

    /** The colours nearest to one by CIEDE2000 in daylight, the nearest first. */
    public List<Near> nearest(Lab wanted, int most) {
        NearestColours index = nearest;
        if (index == null) {
            // two who ask first at once make it twice: nobody waits for it
            index = new NearestColours(coloursByName.stream().map(Colour::lab).toList());
            nearest = index;
        }
        return index.nearest(wanted, most).stream()
                .map(found -> new Near(coloursByName.get(found.index()), found.difference()))
                .toList();
    }
}

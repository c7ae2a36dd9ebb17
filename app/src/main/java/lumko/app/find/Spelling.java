package lumko.app.find;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.DamerauLevenshteinDistance;

/**
 * What somebody may have meant who mistyped a word: the word on record that is nearest to it, letters left out, doubled, swapped
 * or wrong. Short words and numbers are what they are: another letter makes another word of them.
 */
final class Spelling {
    private static final int SHORTEST = 4;
    private static final int LONG = 6;
    private static final DamerauLevenshteinDistance ONE = new DamerauLevenshteinDistance(1);
    private static final DamerauLevenshteinDistance TWO = new DamerauLevenshteinDistance(2);

    private final Set<String> known;

    private Spelling(Set<String> known) {
        this.known = known;
    }

    /** @param names of everything that can be found */
    static Spelling of(Stream<String> names) {
        return new Spelling(
                names.flatMap(name -> Stream.of(name.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")))
                        .filter(word -> !word.isEmpty())
                        .collect(Collectors.toSet()));
    }

    /**
     * The words with those that are not on record replaced by what is nearest to them, where anything is near.
     *
     * @param typed in small letters
     * @param left words that are left alone
     * @return empty if none is replaced
     */
    Optional<String> meant(List<String> typed, Collection<String> left) {
        List<String> meant = typed.stream()
                .map(word -> left.contains(word) || isKnown(word) ? word : nearest(word))
                .toList();
        return meant.equals(typed) ? Optional.empty() : Optional.of(String.join(" ", meant));
    }

    /** A part of a word finds it. */
    private boolean isKnown(String word) {
        return known.stream().anyMatch(each -> each.contains(word));
    }

    private String nearest(String word) {
        boolean isWhatItIs = word.length() < SHORTEST || word.chars().anyMatch(Character::isDigit);
        if (isWhatItIs) {
            return word;
        }
        DamerauLevenshteinDistance distance = word.length() < LONG ? ONE : TWO;
        record Near(String word, int away) {}
        return known.stream()
                .map(each -> new Near(each, distance.apply(word, each)))
                .filter(near -> near.away >= 0)
                .min(Comparator.comparingInt(Near::away).thenComparing(Near::word))
                .map(Near::word)
                .orElse(word);
    }
}

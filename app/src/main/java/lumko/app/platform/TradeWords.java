package lumko.app.platform;

import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.support.ResourceBundleMessageSource;

/**
 * The sentences of the program. Whoever works in feet reads each of them in the words of that trade: a sentence that is not
 * written out for them has its words replaced one by one, by the list in {@code trade_words_en_US.properties}.
 */
final class TradeWords extends ResourceBundleMessageSource {
    private final Map<String, String> american = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
    private final Pattern british;

    TradeWords() {
        setBasename("messages");
        setDefaultEncoding("UTF-8");
        setFallbackToSystemLocale(false);
        ResourceBundle words = ResourceBundle.getBundle("trade_words_en_US", Locale.ROOT);
        words.keySet().forEach(key -> american.put(key.replace('_', ' '), words.getString(key)));
        // the longest first: what is part of another word must not come before it
        british = Pattern.compile(
                american.keySet().stream()
                        .sorted((one, other) -> Integer.compare(other.length(), one.length()))
                        .map(Pattern::quote)
                        .collect(Collectors.joining("|", "\\b(", ")\\b")),
                Pattern.CASE_INSENSITIVE);
    }

    @Override
    protected @Nullable String getStringOrNull(ResourceBundle bundle, String key) {
        String sentence = super.getStringOrNull(bundle, key);
        return sentence == null || !bundle.getLocale().equals(Locale.US) ? sentence : inAmerican(sentence);
    }

    private String inAmerican(String sentence) {
        return british.matcher(sentence).replaceAll(found -> Matcher.quoteReplacement(spelt(found.group())));
    }

    private String spelt(String word) {
        String other = american.getOrDefault(word, word);
        return Character.isUpperCase(word.charAt(0))
                ? Character.toUpperCase(other.charAt(0)) + other.substring(1)
                : other;
    }
}

package lumko.app.tables;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lumko.app.platform.Words;

/** Which column of a file says which field: by what the header calls it, with a unit it may name in brackets. */
final class Columns {
    private static final Pattern UNIT = Pattern.compile("^(.*?)\\s*[(\\[]\\s*([^)\\]]*?)\\s*[)\\]]$");

    private Columns() {}

    /** What a column is called in the header of a template. */
    static String name(String field, Words words) {
        return words.say("column." + field).split(",")[0].strip();
    }

    private static Stream<String> names(String field, Words words) {
        return Stream.concat(
                        Stream.of(field, words.say("field." + field)),
                        Stream.of(words.say("column." + field).split(",")))
                .map(Columns::plain);
    }

    /** Spelled on either side of the ocean. */
    private static String plain(String name) {
        return withoutUnit(name)
                .toLowerCase(Locale.ROOT)
                .replace("colour", "color")
                .replaceAll("[^\\p{L}\\p{Nd}*]+", " ")
                .strip();
    }

    private static String withoutUnit(String name) {
        Matcher unit = UNIT.matcher(name.strip());
        return unit.matches() ? unit.group(1) : name;
    }

    /** The unit that a header names, as in “length (cm)”. */
    static Optional<String> unit(String name) {
        Matcher unit = UNIT.matcher(name.strip());
        return unit.matches() ? Optional.of(unit.group(2)) : Optional.empty();
    }

    /** By column of the file, counted from 0, the field it says; a field is said by one column only. */
    static Map<Integer, String> match(TableKind kind, List<String> header, Words words) {
        Map<String, String> fieldOf = new HashMap<>();
        for (String field : kind.columns()) {
            names(field, words).forEach(name -> fieldOf.putIfAbsent(name, field));
        }
        Map<Integer, String> matched = new LinkedHashMap<>();
        for (int column = 0; column < header.size(); column++) {
            Optional<String> field = Optional.ofNullable(fieldOf.get(plain(header.get(column))));
            if (field.isPresent() && !matched.containsValue(field.get())) {
                matched.put(column, field.get());
            }
        }
        return matched;
    }

    /** What a table probably is: of what has all it needs among the columns, what knows most of them. */
    static Optional<TableKind> guess(List<String> header, Words words) {
        return Stream.of(TableKind.values())
                .filter(kind -> match(kind, header, words).values().containsAll(kind.required()))
                .max(Comparator.comparingInt(kind -> match(kind, header, words).size()));
    }
}

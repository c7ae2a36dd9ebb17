package lumko.cases;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.databind.JsonNode;

/**
 * The shapes of jobs and cases, as {@code shapes.csv} has them: each field with its type and whether it must be there. Types:
 * {@code word LIST}; {@code words LIST} = array; {@code alt LIST} = words joined by {@code |}; {@code alts LIST} = array of
 * these; {@code range} = [min, max]; {@code open} = [min, max or null]; {@code place} = a number, or one a mark; {@code refs} =
 * ids; {@code one} / {@code many} SHAPE; a {@code ?} after a type: may be null.
 */
public final class Shapes {
    /** A field of a shape. */
    public record Field(String name, String type, boolean isMust, String meaning) {}

    private static final Shapes READ = new Shapes();

    private final Map<String, Map<String, Field>> shapes = new LinkedHashMap<>();
    private final Vocabulary vocabulary = Vocabulary.read();
    private final List<String> lists;

    private Shapes() {
        for (CSVRecord row : Vocabulary.table("shapes.csv")) {
            shapes.computeIfAbsent(row.get("shape"), shape -> new LinkedHashMap<>())
                    .put(
                            row.get("field"),
                            new Field(
                                    row.get("field"),
                                    row.get("type"),
                                    row.get("must").equals("+"),
                                    row.get("meaning")));
        }
        lists = vocabulary.lists().stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .toList();
    }

    /** The table that ships with the program. */
    public static Shapes read() {
        return READ;
    }

    public List<Field> fields(String shape) {
        return List.copyOf(shapes.getOrDefault(shape, Map.of()).values());
    }

    List<String> names() {
        return List.copyOf(shapes.keySet());
    }

    /**
     * Makes sure that something has a shape.
     *
     * @param where its place in the document, for what is said if it has not
     * @throws BadOrderException at the first thing that is missing, unknown, or not of its type
     */
    public void check(JsonNode value, String shape, String where) {
        Map<String, Field> fields = shapes.getOrDefault(shape, Map.of());
        if (!value.isObject()) {
            throw refused(where, value, "an object: " + shape);
        }
        for (String name : value.propertyNames()) {
            Field field = fields.get(name);
            if (field == null) {
                throw refused(at(where, name), value.get(name), "one of " + String.join(", ", fields.keySet()));
            }
            type(value.get(name), field.type(), at(where, name));
        }
        for (Field field : fields.values()) {
            if (field.isMust() && !value.has(field.name())) {
                throw new BadOrderException(at(where, field.name()) + " is missing");
            }
        }
    }

    private static String at(String where, String name) {
        return where.isEmpty() ? name : where + "." + name;
    }

    private static BadOrderException refused(String where, JsonNode value, String allowed) {
        return new BadOrderException(where + ": “" + value + "” cannot be taken; allowed: " + allowed);
    }

    private void type(JsonNode value, String type, String where) {
        boolean mayBeNull = type.endsWith("?");
        String plain = mayBeNull ? type.substring(0, type.length() - 1) : type;
        if (value.isNull()) {
            if (!mayBeNull) {
                throw refused(where, value, plain);
            }
            return;
        }
        int space = plain.indexOf(' ');
        String head = space < 0 ? plain : plain.substring(0, space);
        String rest = space < 0 ? "" : plain.substring(space + 1);
        switch (head) {
            case "text" -> require(value.isString() && !value.asString().isEmpty(), where, value, "a text");
            case "texts", "refs" -> {
                require(value.isArray() && !value.isEmpty(), where, value, "an array of texts");
                value.forEach(each -> require(each.isString(), where, each, "a text"));
            }
            case "int" ->
                require(value.isIntegralNumber() && value.asLong() >= 1, where, value, "a whole number from 1");
            case "num" -> require(value.isNumber() && value.asDouble() >= 0, where, value, "a number from 0");
            case "bool" -> require(value.isBoolean(), where, value, "true or false");
            case "pair" ->
                require(
                        value.isArray() && value.size() == 2 && isPositive(value.get(0)) && isPositive(value.get(1)),
                        where,
                        value,
                        "two numbers above 0");
            case "range" -> require(isRange(value, false), where, value, "[min, max]");
            case "open" -> require(isRange(value, true), where, value, "[min, max or null]");
            case "place" -> require(isPlace(value), where, value, "a number, or one a mark");
            case "word" -> word(value, rest, where);
            case "alt" -> alternatives(value, rest, where);
            case "words" -> {
                require(value.isArray(), where, value, "an array of words");
                Set<String> seen = new HashSet<>();
                value.forEach(each -> {
                    word(each, rest, where);
                    require(seen.add(each.asString()), where, each, "each word once");
                });
            }
            case "alts" -> {
                require(value.isArray(), where, value, "an array of words");
                value.forEach(each -> alternatives(each, rest, where));
            }
            case "practice" -> practice(value, where);
            case "one" -> check(value, rest, where);
            case "many" -> {
                require(value.isArray(), where, value, "an array: " + rest);
                for (int n = 0; n < value.size(); n++) {
                    check(value.get(n), rest, where + "[" + n + "]");
                }
            }
            default -> throw new IllegalStateException("shapes.csv has an unknown type: " + type);
        }
    }

    private static void require(boolean holds, String where, JsonNode value, String allowed) {
        if (!holds) {
            throw refused(where, value, allowed);
        }
    }

    private static boolean isPositive(JsonNode value) {
        return value.isNumber() && value.asDouble() > 0;
    }

    private static boolean isRange(JsonNode value, boolean open) {
        return value.isArray()
                && value.size() == 2
                && value.get(0).isNumber()
                && value.get(0).asDouble() >= 0
                && (value.get(1).isNull()
                        ? open
                        : value.get(1).isNumber()
                                && value.get(0).asDouble() <= value.get(1).asDouble());
    }

    private static boolean isPlace(JsonNode value) {
        if (value.isNumber()) {
            return true;
        }
        if (!value.isArray() || value.isEmpty()) {
            return false;
        }
        for (JsonNode each : value) {
            if (!each.isNumber()) {
                return false;
            }
        }
        return true;
    }

    private void word(JsonNode value, String lists, String where) {
        List<String> named = named(lists);
        boolean isKnown = value.isString() && named.stream().anyMatch(list -> vocabulary.knows(list, value.asString()));
        require(
                isKnown,
                where,
                value,
                "a word of " + String.join(", ", named) + ": "
                        + String.join(
                                ", ",
                                named.stream()
                                        .flatMap(list -> vocabulary.words(list).stream())
                                        .toList()));
    }

    private void alternatives(JsonNode value, String lists, String where) {
        require(value.isString(), where, value, "words joined by |");
        for (String word : value.asString().split("\\|")) {
            boolean isKnown = named(lists).stream().anyMatch(list -> vocabulary.knows(list, word));
            require(isKnown, where, value, "words of " + lists + " joined by |");
        }
    }

    private void practice(JsonNode value, String where) {
        require(value.isObject(), where, value, "an object of questions and answers");
        for (String question : value.propertyNames()) {
            if (!vocabulary.knows("question", question)) {
                throw refused(
                        at(where, question),
                        value.get(question),
                        "a question: " + String.join(", ", vocabulary.words("question")));
            }
            word(value.get(question), "answer/" + question, at(where, question));
        }
    }

    /** The lists that a type names; names of lists may have spaces in them. */
    private List<String> named(String type) {
        List<String> found = new ArrayList<>();
        for (String rest = type; !rest.isEmpty(); ) {
            String here = rest;
            String list = lists.stream()
                    .filter(each -> here.equals(each) || here.startsWith(each + " "))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("shapes.csv names no list: " + here));
            found.add(list);
            rest = rest.substring(list.length()).strip();
        }
        return found;
    }
}

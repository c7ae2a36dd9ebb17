package lumko.cases;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Tool;
import lumko.core.drying.Climate;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.EveryTime;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Opening;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.FittingWay;
import lumko.core.job.Room;
import lumko.core.job.Side;
import lumko.core.judge.Never;
import lumko.core.paint.Binder;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import lumko.core.record.Layer;
import lumko.core.record.PaintBasis;
import lumko.core.record.Substrate;
import lumko.core.repair.Method;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * The frozen words of jobs and cases, and what the core calls each today. {@code words.csv} is the one table between them: a
 * word keeps its meaning when the core is renamed. A word without a constant is one that the core has no such thing for yet.
 */
public final class Vocabulary {
    private static final List<Class<? extends Enum<?>>> TYPES = List.of(
            FaultKind.class,
            Action.class,
            Method.class,
            ActivityKind.class,
            Tool.class,
            Material.class,
            Caution.class,
            RoomFinding.class,
            Fitting.Kind.class,
            Opening.Kind.class,
            EveryTime.Kind.class,
            FittingWay.Way.class,
            Question.class,
            School.class,
            Binder.class,
            Layer.class,
            Substrate.class,
            Texture.class,
            RoomKind.class,
            Side.class,
            WindowLight.class,
            Climate.Air.class,
            PaintBasis.class,
            Condition.Edge.class,
            Condition.Backing.class,
            Condition.Movement.class,
            Condition.Turns.class,
            Condition.Driven.class,
            Condition.Cause.class,
            Condition.Owner.class,
            Condition.Freshness.class,
            Room.Floor.class,
            Face.Fate.class,
            Advice.class,
            Never.class);

    private static final Vocabulary READ = new Vocabulary();

    /** A word, and the constant of the core it stands for, empty if there is none. */
    public record Word(String list, String word, String meaning, Optional<Enum<?>> constant) {}

    private final Map<String, Map<String, Word>> lists = new LinkedHashMap<>();
    private final Map<String, Map<Enum<?>, String>> words = new LinkedHashMap<>();

    private Vocabulary() {
        Map<String, Enum<?>> constants = TYPES.stream()
                .flatMap(type -> Stream.of(type.getEnumConstants()))
                .collect(Collectors.toMap(Vocabulary::nameOf, Function.identity()));
        for (CSVRecord row : table("words.csv")) {
            String name = row.get("constant");
            Optional<Enum<?>> constant = name.isEmpty()
                    ? Optional.empty()
                    : Optional.of(Objects.requireNonNull(constants.get(name), "words.csv names no constant: " + name));
            Word word = new Word(row.get("list"), row.get("word"), row.get("meaning"), constant);
            lists.computeIfAbsent(word.list(), list -> new LinkedHashMap<>()).put(word.word(), word);
            constant.ifPresent(each -> words.computeIfAbsent(word.list(), list -> new LinkedHashMap<>())
                    .putIfAbsent(each, word.word()));
        }
    }

    /** The nested name of a constant: {@code Fitting.Kind.SOCKET}. */
    private static String nameOf(Enum<?> constant) {
        Class<?> type = constant.getDeclaringClass();
        Class<?> outer = type.getEnclosingClass();
        return (outer == null ? "" : outer.getSimpleName() + ".") + type.getSimpleName() + "." + constant.name();
    }

    /** The table that ships with the program. */
    public static Vocabulary read() {
        return READ;
    }

    /** The rows of a table that ships with the program. */
    static List<CSVRecord> table(String name) {
        try (CSVParser parser = CSVParser.parse(
                new InputStreamReader(
                        Objects.requireNonNull(Vocabulary.class.getResourceAsStream("/lumko/cases/" + name)),
                        StandardCharsets.UTF_8),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            return parser.getRecords();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** The names of all lists. */
    public List<String> lists() {
        return List.copyOf(lists.keySet());
    }

    /** The words of a list in their order. */
    public List<String> words(String list) {
        return List.copyOf(lists.getOrDefault(list, Map.of()).keySet());
    }

    /** The words of a list with what they mean. */
    public List<Word> entries(String list) {
        return new ArrayList<>(lists.getOrDefault(list, Map.of()).values());
    }

    /** Whether a list has a word. */
    public boolean knows(String list, String word) {
        return lists.getOrDefault(list, Map.of()).containsKey(word);
    }

    /** What the core calls a word; empty where it has no such thing yet. */
    public <E extends Enum<E>> Optional<E> constant(Class<E> type, String list, String word) {
        return Optional.ofNullable(lists.getOrDefault(list, Map.of()).get(word))
                .flatMap(Word::constant)
                .filter(type::isInstance)
                .map(type::cast);
    }

    /** Whether the core has something for a word. */
    public boolean isInTheCore(String list, String word) {
        return Optional.ofNullable(lists.getOrDefault(list, Map.of()).get(word))
                .flatMap(Word::constant)
                .isPresent();
    }

    /** The word for a constant of the core; its own name where it came after the words were frozen. */
    public String word(String list, Enum<?> constant) {
        return Optional.ofNullable(words.getOrDefault(list, Map.of()).get(constant))
                .orElseGet(() -> constant.name().toLowerCase(Locale.ROOT).replace('_', ' '));
    }
}

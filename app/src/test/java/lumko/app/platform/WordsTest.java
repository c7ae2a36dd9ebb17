package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.Set;
import java.util.stream.Stream;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Tool;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Figure;
import lumko.core.figure.FigureGroup;
import lumko.core.judge.Finding;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import lumko.core.quantity.Volume;
import lumko.core.repair.Method;
import lumko.core.visibility.Help;
import lumko.core.visibility.TouchUpTool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.support.ResourceBundleMessageSource;

class WordsTest {
    private static final ResourceBundleMessageSource MESSAGES = messages();
    private final Words metric = new Words(MESSAGES, UnitSystem.METRIC, ZoneId.of("Europe/London"));
    private final Words us = new Words(MESSAGES, UnitSystem.US, ZoneId.of("America/New_York"));

    private static ResourceBundleMessageSource messages() {
        ResourceBundleMessageSource messages = new ResourceBundleMessageSource();
        messages.setBasename("messages");
        messages.setDefaultEncoding("UTF-8");
        messages.setFallbackToSystemLocale(false);
        return messages;
    }

    /** What is shown as read off a tape means the same when it is typed. */
    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '|',
            value = {
                "5000, 5, 16'4 7/8\"",
                "3505.2, 3.505, 11'6\"",
                "12.7, 0.013, 1/2\"",
                "304.8, 0.305, 1'0\"",
                "317.5, 0.318, 1'1/2\"",
                "2438.4, 2.438, 8'0\""
            })
    void aTapeIsReadToTheMillimetreOrASixteenth(double millimetres, String inMetres, String inFeet) {
        Length length = Length.ofMillimetres(millimetres);
        assertThat(metric.tape(length)).isEqualTo(inMetres);
        assertThat(us.tape(length)).isEqualTo(inFeet);
        assertThat(TypedLength.millimetres(inFeet, 304.8).orElseThrow()).isCloseTo(millimetres, within(0.8));
    }

    @Test
    void lengthsInTheUnitsOfTheReader() {
        assertThat(metric.length(Length.ofMillimetres(2.5))).isEqualTo("2.5 mm");
        assertThat(metric.length(Length.ofMillimetres(999))).isEqualTo("999 mm");
        assertThat(metric.length(Length.ofMillimetres(4200))).isEqualTo("4.20 m");
        assertThat(us.length(Length.ofMillimetres(25.4))).isEqualTo("1 in");
        assertThat(us.length(Length.ofMillimetres(4267.2))).isEqualTo("14 ft");
    }

    @Test
    void areasVolumesAndTemperatures() {
        assertThat(metric.area(Area.ofSquareMetres(8.9556))).isEqualTo("9 m²");
        assertThat(us.area(Area.ofSquareMetres(9.290304))).isEqualTo("100 ft²");
        assertThat(metric.volume(Volume.ofMillilitres(62))).isEqualTo("62 ml");
        assertThat(metric.volume(Volume.ofLitres(1.25))).isEqualTo("1.3 L");
        assertThat(us.volume(Volume.ofLitres(3.785412))).isEqualTo("1 gal");
        assertThat(us.volume(Volume.ofLitres(0.946353))).isEqualTo("1 qt");
        assertThat(metric.temperature(Temperature.ofCelsius(18.5))).isEqualTo("18.5 °C");
        assertThat(us.temperature(Temperature.ofCelsius(21))).isEqualTo("70 °F");
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0 min",
        "20, 1 min",
        "90, 2 min",
        "5340, 89 min",
        "5400, 1 h 30",
        "7200, 2 h",
        "8040, 2 h 15",
        "7020, 1 h 55",
        "10700, 3 h",
        "12000, 3 h 15",
        "36000, 10 h",
        "43200, 12 h",
        "172800, 2 days",
        "216000, 2½ days",
        "380160, 4½ days",
        "842400, 10 days",
        "1000000, 12 days"
    })
    void durationsAsOneSaysThem(long seconds, String said) {
        assertThat(metric.duration(Duration.ofSeconds(seconds))).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"20, 1 min", "5400, 1 h 30", "43200, 12 h", "172800, 48 h", "380160, 106 h"})
    void aDayOfWorkIsNotADay(long seconds, String said) {
        assertThat(metric.work(Duration.ofSeconds(seconds))).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"-0.04, 0.0, 0", "-0.05, −0.1, −0.1", "0, 0.0, 0", "-3, −3.0, −3", "2.25, 2.3, 2.3"})
    void nothingHasNoSign(double value, String toATenth, String atMostATenth) {
        assertThat(metric.fixed(value, 1)).isEqualTo(toATenth);
        assertThat(metric.number(value, 1)).isEqualTo(atMostATenth);
    }

    @ParameterizedTest
    @CsvSource({
        "0, never",
        "0.005, hardly ever",
        "0.0123, 1 in 80",
        "0.02, 1 in 50",
        "0.16, 1 in 6",
        "0.5, 1 in 2",
        "0.6, 6 in 10",
        "0.96, nearly always"
    })
    void chancesAsOnePicturesThem(double share, String said) {
        assertThat(metric.chance(share)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"0, today", "1, tomorrow", "-1, yesterday", "9, in 9 days", "-3, 3 days ago"})
    void daysFromToday(int days, String said) {
        LocalDate today = LocalDate.of(2026, 3, 10);
        assertThat(metric.fromToday(today.plusDays(days), today)).isEqualTo(said);
    }

    @Test
    void theClockIsTheOneOnTheWallOfTheHouse() {
        Instant summer = Instant.parse("2026-07-01T10:00:00Z");
        assertThat(metric.clock(summer)).isEqualTo("11:00");
        assertThat(us.clock(summer)).isEqualTo("6:00 AM");
        LocalDate day = LocalDate.of(2026, 3, 4);
        assertThat(metric.date(day) + " · " + metric.day(day)).isEqualTo("4 Mar 2026 · Wed 4 Mar");
        assertThat(us.date(day) + " · " + us.day(day)).isEqualTo("Mar 4, 2026 · Wed, Mar 4");
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '|',
            value = {"0, 0.00 m, 0\"", "300, 0.30 m, 1'0\"", "1270, 1.27 m, 4'2\"", "2438.4, 2.44 m, 8'0\""})
    void placesOnAWallAsTheyAreReadOffATape(double millimetres, String here, String there) {
        assertThat(metric.place(Length.ofMillimetres(millimetres))).isEqualTo(here);
        assertThat(us.place(Length.ofMillimetres(millimetres))).isEqualTo(there);
    }

    @Test
    void aRefusedValueIsNamedWithRangeAndUnit() {
        assertThat(metric.refusal(refused(() -> RelativeHumidity.ofPercent(130))))
                .isEqualTo("Relative humidity must be 0–100 %, was 130 %.");
        assertThat(us.refusal(refused(() -> Temperature.ofCelsius(400))))
                .isEqualTo("Temperature must be −22–140 °F, was 752 °F.");
    }

    private static OutOfRangeException refused(Runnable attempt) {
        try {
            attempt.run();
        } catch (OutOfRangeException refused) {
            return refused;
        }
        throw new AssertionError("was taken");
    }

    @Test
    void tradeWordsFollowTheReader() {
        assertThat(metric.name(lumko.core.activity.Material.SPACKLE)).isEqualTo("light filler");
        assertThat(us.name(lumko.core.activity.Material.SPACKLE)).isEqualTo("lightweight spackle");
    }

    static Stream<String> keys() {
        return Stream.of(
                        Stream.of(Finding.class.getPermittedSubclasses())
                                .map(finding -> "rule." + upperSnake(finding.getSimpleName())),
                        Stream.of(Advice.values()).map(advice -> "Advice." + advice),
                        Stream.of(ActivityKind.values())
                                .flatMap(kind -> Stream.of("step." + kind, "step." + kind + ".how")),
                        Stream.of(Figure.values()).map(figure -> "figure." + figure),
                        Stream.of(Figure.values()).map(figure -> "FigureUnit." + figure.unit()),
                        Stream.of(FigureGroup.values()).map(group -> "FigureGroup." + group),
                        Stream.of(Question.values()).map(question -> "Question." + question),
                        Stream.of(School.values()).flatMap(school -> Stream.of("School." + school, "why." + school)),
                        Stream.of(Tool.values()).map(tool -> "Tool." + tool),
                        Stream.of(TouchUpTool.values()).map(tool -> "TouchUpTool." + tool),
                        Stream.of(Help.Kind.values())
                                .filter(help -> help != Help.Kind.ROLL_THE_WALL)
                                .map(help -> "touchUp.help." + help),
                        Stream.of(Caution.values())
                                .flatMap(caution -> Stream.of("Caution." + caution, "cautionWord." + caution)),
                        Stream.of(FaultKind.values())
                                .flatMap(kind -> Stream.of("FaultKind." + kind, "faultKey." + kind)))
                .flatMap(keys -> keys);
    }

    private static String upperSnake(String camel) {
        return camel.replaceAll("(?<=[a-z])(?=[A-Z])", "_").toUpperCase(Locale.ROOT);
    }

    @ParameterizedTest
    @MethodSource("keys")
    void everyCaseHasItsWords(String key) {
        assertThat(metric.knows(key)).isTrue();
    }

    /** What else the keys of the walk do: larger, smaller, on, back, near, undo, several at once, the torch. */
    private static final String TAKEN = "+=-,.'u;*";

    @Test
    void eachKindOfFaultHasAKeyOfItsOwn() {
        List<String> keys = Stream.of(FaultKind.values())
                .map(kind -> metric.say("faultKey." + kind))
                .toList();
        assertThat(keys).doesNotHaveDuplicates().allSatisfy(key -> {
            assertThat(key).hasSize(1);
            assertThat(TAKEN).doesNotContain(key);
        });
    }

    static Stream<String> hows() {
        return Stream.concat(
                Stream.of(ActivityKind.values()).map(kind -> "step." + kind + ".how"),
                Stream.of(Method.values()).map(method -> "how." + method));
    }

    /** A wet sanding sponge may; a primer that is new holds no lead. */
    @ParameterizedTest
    @MethodSource("hows")
    void whereOldCoatsMayHoldLeadNothingTellsToSandDry(String key) {
        assertThat(metric.how(key, true)
                        .toLowerCase(Locale.ROOT)
                        .replace("sanding sponge", "")
                        .replace("no dry sanding", ""))
                .doesNotContainPattern("\\bsand(s|ed|ing)?\\b|\\b(80|100|120|150|180|220)\\b|wire brush");
    }

    @Test
    void theOtherTongueAddsNoKeysOfItsOwn() throws Exception {
        assertThat(keysOf("/messages.properties")).containsAll(keysOf("/messages_en_US.properties"));
    }

    /** The later one would be said wherever the earlier one was meant. */
    @ParameterizedTest
    @ValueSource(strings = {"/messages.properties", "/messages_en_US.properties", "/trade_words_en_US.properties"})
    void noKeyStandsTwice(String resource) throws Exception {
        try (var in = WordsTest.class.getResourceAsStream(resource)) {
            List<String> keys = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> line.contains("=") && !line.startsWith("#"))
                    .map(line -> line.substring(0, line.indexOf('=')))
                    .toList();
            assertThat(keys).isNotEmpty().doesNotHaveDuplicates();
        }
    }

    /** Why a verdict is as it is, is said of ceilings as well as of walls. */
    @Test
    void onlyWhatIsOfWallsAloneSpeaksOfWalls() throws Exception {
        Set<String> ofWalls = Set.of("rule.RAKING_LIGHT", "rule.GLARE_BESIDE_WINDOW", "rule.ROOM_WAS_SMOKED_IN");
        assertThat(keysOf("/messages.properties").stream()
                        .filter(key -> key.startsWith("rule.") && !ofWalls.contains(key))
                        .filter(key ->
                                MESSAGES.getMessage(key, null, Locale.ROOT).contains("wall")))
                .isEmpty();
    }

    /** Doubled it is shown doubled where the sentence has no figures; written as such it is right everywhere. */
    @Test
    void anApostropheIsWrittenAsOne() throws Exception {
        assertThat(keysOf("/messages.properties").stream()
                        .filter(key ->
                                MESSAGES.getMessage(key, null, Locale.ROOT).contains("'")))
                .isEmpty();
    }

    private static Set<String> keysOf(String resource) throws java.io.IOException {
        Properties properties = new Properties();
        try (var in = WordsTest.class.getResourceAsStream(resource)) {
            properties.load(in);
        }
        return properties.stringPropertyNames();
    }
}

package lumko.calc.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lumko.calc.CalcTest;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class JobTest extends CalcTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private String example() {
        Matcher example = Pattern.compile("echo '(\\{.*\\})' \\| \\./lumko calc job", Pattern.DOTALL)
                .matcher(call("", "job", "--help").out());
        assertThat(example.find()).isTrue();
        return example.group(1);
    }

    @Test
    void theExampleOfTheHelpIsAJob() {
        Outcome outcome = call(example(), "job");
        assertThat(outcome.end()).isZero();
        JsonNode answer = JSON.readTree(outcome.out());
        assertThat(answer.at("/surfaces/0/action").asString()).isIn("dab", "feather");
        assertThat(answer.at("/surfaces/0/options").size()).isGreaterThan(2);
        assertThat(answer.at("/places").size()).isEqualTo(5);
        assertThat(answer.at("/places/0/method").asString()).isEqualTo("pull and fill");
        assertThat(answer.at("/places/0/atMetres").asDouble()).isEqualTo(0.3);
        assertThat(answer.at("/places/4/atMetres").asDouble()).isEqualTo(2.9);
        assertThat(answer.at("/activities")
                        .valueStream()
                        .map(each -> each.get("kind").asString()))
                .containsSubsequence("set up", "fill", "sand", "first dab", "pack up");
        assertThat(answer.at("/end_hours").asDouble()).isPositive();
    }

    @Test
    void theSchemaNamesEveryShapeAndWord() {
        JsonNode schema = JSON.readTree(call("", "job", "--schema").out());
        assertThat(schema.at("/shapes/job/rooms/must").asBoolean()).isTrue();
        assertThat(schema.at("/shapes/mark/kind/type").asString()).isEqualTo("word fault");
        assertThat(schema.at("/words/fault/nail hole").asString()).contains("nail");
        assertThat(schema.at("/shapes").propertyNames()).contains("room", "surface", "coat", "film", "tin", "air");
    }

    /** What is wrong with a job, and what is said of it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/house_year                         | null            | house_year: “null” cannot be taken; allowed: int",
                "/house_year                         | -3              | house_year: “-3” cannot be taken; allowed: a whole number from 1",
                "/air/air                            | '\"stormy\"'    | air.air: “\"stormy\"” cannot be taken; allowed: a word of air: still, moving",
                "/rooms/0/surfaces/0/size_m          | '[3.2]'         | rooms[0].surfaces[0].size_m: “[3.2]” cannot be taken; allowed: two numbers above 0",
                "/rooms/0/surfaces/0/marks/0/kind    | '\"woodworm\"'  | rooms[0].surfaces[0].marks[0].kind: “\"woodworm\"” cannot be taken; allowed: a word of fault",
                "/rooms/0/surfaces/0/marks/0/count   | 0               | rooms[0].surfaces[0].marks[0].count: “0” cannot be taken",
                "/rooms/0/surfaces/0/colour          | '\"red\"'       | rooms[0].surfaces[0].colour: “\"red\"” cannot be taken; allowed: one of name, surface",
                "/practice                           | '{\"anchors\":\"wish them away\"}' | practice.anchors: “\"wish them away\"” cannot be taken",
            })
    void whatCannotBeIsNamedWithItsPlaceAndWhatIsAllowed(String at, String value, String said) {
        ObjectNode job = (ObjectNode) JSON.readTree(example());
        int slash = at.lastIndexOf('/');
        ((ObjectNode) job.at(at.substring(0, slash))).set(at.substring(slash + 1), JSON.readTree(value));
        Outcome outcome = call(job.toString(), "job");
        assertThat(outcome.end()).isEqualTo(2);
        assertThat(outcome.err()).contains(said);
        assertThat(outcome.out()).isEmpty();
    }

    @Test
    void whatIsMissingIsNamed() {
        ObjectNode job = (ObjectNode) JSON.readTree(example());
        job.remove("air");
        assertThat(call(job.toString(), "job").err()).contains("air is missing");
    }

    @Nested
    class Cases {
        @TempDir
        Path folder = Path.of("");

        private Outcome cases(String... lines) {
            try {
                Path file = folder.resolve("cases.jsonl");
                Files.write(file, List.of(lines), StandardCharsets.UTF_8);
                return call("", "cases", file.toString());
            } catch (IOException problem) {
                throw new java.io.UncheckedIOException(problem);
            }
        }

        private ObjectNode first() {
            try (var in = JobTest.class.getResourceAsStream("/cases/given.jsonl")) {
                String text = new String(java.util.Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
                return (ObjectNode) JSON.readTree(text.lines().findFirst().orElseThrow());
            } catch (IOException problem) {
                throw new java.io.UncheckedIOException(problem);
            }
        }

        @Test
        void endWithZeroWhereNothingFailed() {
            ObjectNode one = first();
            one.retain("id", "title", "situation", "why");
            one.putArray("verdict").add("dab").add("feather");
            Outcome outcome = cases(one.toString());
            assertThat(outcome.out())
                    .isEqualToIgnoringNewLines(
                            "1 cases, 1 expectations held, 0 failed, 0 not judged; 0 cases with a failure");
            assertThat(outcome.end()).isZero();
        }

        @Test
        void endWithOneWhereSomethingFailedAndSayWhatStandsThereInstead() {
            ObjectNode one = first();
            one.retain("id", "title", "situation", "why");
            one.putArray("verdict").add("flat");
            Outcome outcome = cases(one.toString());
            assertThat(outcome.out()).contains("g01 failed: verdict flat — ", "0 expectations held, 1 failed");
            assertThat(outcome.end()).isEqualTo(1);
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "{                              | line 1: no JSON",
                    "'{\"id\":\"x\",\"id\":\"y\"}'  | Duplicate",
                    "'{\"id\":\"x\"}'               | 'line 1, title is missing'",
                    "'{\"id\":\"x\",\"guess\":1}'   | 'line 1, guess: “1” cannot be taken; allowed: one of id, title'",
                })
        void whatIsNoCaseIsNamedWithItsLine(String line, String said) {
            Outcome outcome = cases(line);
            assertThat(outcome.end()).isEqualTo(2);
            assertThat(outcome.err()).contains(said);
        }
    }
}

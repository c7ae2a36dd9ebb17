package lumko.calc.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import lumko.cases.Cases;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** The core against jobs as good painters would have them. */
class GivenCasesTest {
    static Stream<Named<JsonNode>> cases() throws IOException {
        List<JsonNode> cases = Cases.read(Path.of("src/test/resources/cases/given.jsonl"));
        assertThat(cases).hasSize(32);
        return cases.stream().map(each -> Named.of(each.get("id").asString(), each));
    }

    @ParameterizedTest
    @MethodSource("cases")
    void areDoneAsAGoodPainterWould(JsonNode one) {
        List<Held> judged = CasesCommand.judge(one);

        assertThat(judged).filteredOn(Held::isFailed).isEmpty();
        assertThat(judged).extracting(Held::answer).contains(Held.Answer.HELD);
    }

    /** A wall that nobody would touch up hangs on none of the figures; one that is a close call hangs on some. */
    @Test
    void assumptionsAreVariedOneAtATime() throws IOException {
        List<JsonNode> some = Cases.read(Path.of("src/test/resources/cases/given.jsonl")).stream()
                .filter(one -> List.of("g15", "g27").contains(one.get("id").asString()))
                .toList();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new Assumptions(some).print(new PrintStream(out, true, StandardCharsets.UTF_8));
        assertThat(out.toString(StandardCharsets.UTF_8))
                .contains("| SPREAD_BOUGHT_AGAIN | 0.7 | – | g27 dab → roll |", "| RELIEF_BRUSH | 20.0 | – | – |")
                .doesNotContain("g15");
    }
}

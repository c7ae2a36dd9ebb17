package lumko.calc.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** The core against jobs as good painters would have them. */
class GivenCasesTest {
    static Stream<Named<JsonNode>> cases() throws IOException {
        List<JsonNode> cases = CasesCommand.read(Path.of("src/test/resources/cases/given.jsonl"));
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
}

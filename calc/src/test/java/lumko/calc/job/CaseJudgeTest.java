package lumko.calc.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lumko.calc.job.Held.Answer;
import lumko.cases.Situation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Each kind of expectation against a plan made by hand: held, failed, not judged. */
class CaseJudgeTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String WALL = Situation.THIS;

    private final List<JobPlan.Activity> activities = new ArrayList<>();
    private final List<JobPlan.Link> links = new ArrayList<>();

    private void activity(String id, String kind, String tool, String caution) {
        double start = activities.size();
        activities.add(new JobPlan.Activity(
                id,
                kind,
                List.of(WALL),
                List.of(),
                List.of(),
                10,
                start,
                start + 0.5,
                List.of(tool),
                List.of(),
                List.of(caution)));
    }

    private void link(String from, String to, String material, Double min, Double max) {
        links.add(new JobPlan.Link(
                from,
                to,
                List.of(WALL),
                List.of(),
                material,
                "dries",
                Optional.ofNullable(min),
                Optional.ofNullable(max)));
    }

    private JobPlan plan() {
        activity("a", "fill", "filling knife", "lead");
        activity("b", "sand", "folded fine paper", "dust");
        activity("c", "roll", "roller", "splashes");
        activity("d", "roll again", "roller", "splashes");
        link("a", "b", "spackle", 0.75, null);
        link("c", "d", "wall paint", 3.0, 168.0);
        JobPlan.Surface wall = new JobPlan.Surface(
                WALL,
                WALL,
                "roll",
                List.of(),
                List.of(),
                100,
                List.of(new JobPlan.Amount("wall paint", "litres", 2), new JobPlan.Amount("tape", "m", 9)));
        JobPlan.Place nail =
                new JobPlan.Place(WALL, "nail hole", 1, 1, 1.5, "pull and fill", 1, 1, 3, List.of(50.0), 10);
        JobPlan.Place other = new JobPlan.Place(WALL, "nail hole", 2, 2, 1.5, "two part fill", 2, 0, 2, List.of(), 30);
        return new JobPlan(
                List.of(wall),
                List.of(nail, other),
                activities,
                links,
                List.of(),
                5,
                Set.of(),
                Map.of("NEVER.KEPT", true));
    }

    private List<Held> judge(String fields) {
        JsonNode expected =
                JSON.readTree("{\"id\":\"t\",\"verdict\":[],\"situation\":{\"days_to_viewing\":2}," + fields + "}");
        return CaseJudge.judge(expected, plan()).stream()
                .filter(held -> !held.expectation().equals("verdict"))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'\"steps_in_order\":[\"fill\",\"roll\"]'                 | HELD",
                "'\"steps_in_order\":[\"fill\",\"dab|roll again\"]'       | HELD",
                "'\"steps_in_order\":[\"roll\",\"fill\"]'                 | FAILED",
                "'\"steps_in_order\":[\"fill\",\"skim\"]'                 | FAILED",
                "'\"steps_in_order\":[\"roll\",\"roll\"]'                 | FAILED",
                "'\"steps_must\":[\"dab|sand\"]'                          | HELD",
                "'\"steps_must\":[\"dab\"]'                               | FAILED",
                "'\"steps_never\":[\"dab\"]'                              | HELD",
                "'\"steps_never\":[\"sand\"]'                             | FAILED",
                "'\"steps_if\":[{\"material\":\"plaster\",\"steps_must\":[\"keep damp\"]}]'    | NOT_JUDGED",
                "'\"steps_if\":[{\"material\":\"wall paint\",\"steps_must\":[\"keep damp\"]}]' | FAILED",
                "'\"tools\":[\"punch|roller\"]'                           | HELD",
                "'\"tools\":[\"punch\"]'                                  | FAILED",
                "'\"tools_never\":[\"punch\"]'                            | HELD",
                "'\"tools_never\":[\"roller\"]'                           | FAILED",
                "'\"amounts\":[{\"what\":\"wall paint\",\"litres\":[2,3]}]'           | HELD",
                "'\"amounts\":[{\"what\":\"wall paint\",\"litres\":[2.1,3]}]'         | FAILED",
                "'\"amounts\":[{\"what\":\"primer|wall paint\",\"litres\":[1,2]}]'    | HELD",
                "'\"amounts\":[{\"what\":\"tape\",\"m\":[8,13]}]'                     | HELD",
                "'\"amounts\":[{\"what\":\"primer\",\"litres\":[1,2]}]'               | FAILED",
                "'\"minutes_hand\":[100,120]'                             | HELD",
                "'\"minutes_hand\":[101,120]'                             | FAILED",
                "'\"cautions\":[\"lead\"]'                                | HELD",
                "'\"cautions\":[\"asbestos\"]'                            | FAILED",
                "'\"cautions_never\":[\"asbestos\"]'                      | HELD",
                "'\"cautions_never\":[\"lead\"]'                          | FAILED",
                "'\"never_does\":[\"NEVER.KEPT\"]'                        | HELD",
                "'\"never_does\":[\"NEVER.UNKNOWN\"]'                     | NOT_JUDGED",
                "'\"across_flats\":{\"judged_by\":\"plan\",\"tools\":[\"tool bags\"]}' | NOT_JUDGED",
            })
    void stepsToolsAmountsAndCautions(String fields, Answer answer) {
        assertThat(judge(fields))
                .singleElement()
                .satisfies(held -> assertThat(held.answer()).isEqualTo(answer));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'\"is\":[\"pull and fill\"],\"nth\":1'                       | HELD",
                "'\"is\":[\"pull and fill\"]'                                 | FAILED",
                "'\"is\":[\"pull and fill\",\"two part fill\"]'               | HELD",
                "'\"is\":[\"pull and fill\"],\"nth\":1,\"coats\":[1,1]'       | HELD HELD",
                "'\"is\":[\"pull and fill\"],\"nth\":1,\"primer_coats\":[2,2]' | HELD FAILED",
                "'\"is\":[\"pull and fill\"],\"nth\":1,\"film_coats\":[2,3]'  | HELD HELD",
                "'\"is\":[\"pull and fill\"],\"nth\":1,\"knife_mm\":[10,49]'  | HELD FAILED",
                "'\"is\":[\"two part fill\"],\"nth\":2,\"knife_mm\":[10,49]'  | HELD NOT_JUDGED",
                "'\"is\":[\"two part fill\"],\"nth\":2,\"finished_across_mm\":[30,30]' | HELD HELD",
                "'\"is\":[\"pull and fill\"],\"nth\":3,\"coats\":[1,1]'       | FAILED FAILED",
            })
    void methods(String fields, String answers) {
        assertThat(judge("\"methods\":[{\"mark\":\"nail hole\"," + fields + "}]"))
                .extracting(held -> held.answer().name())
                .containsExactly(answers.split(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "fill       | sand       | min | '[0.5,24]'   |                     | HELD",
                "fill       | sand       | min | '[0.8,24]'   |                     | FAILED",
                "fill       | sand       | min | '[0.5,24]'   | 'spackle|fine filler' | HELD",
                "fill       | sand       | min | '[0.5,24]'   | setting compound    | NOT_JUDGED",
                "fill       | skim       | min | '[0.5,24]'   |                     | NOT_JUDGED",
                "sand       | fill       | min | '[0,24]'     |                     | NOT_JUDGED",
                "sand       | roll       | min | '[0,24]'     |                     | FAILED",
                "roll       | roll again | max | '[0,168]'    |                     | HELD",
                "roll       | roll again | max | '[0,24]'     |                     | FAILED",
                "roll again | viewing    | min | '[44,null]'  |                     | HELD",
                "roll again | viewing    | min | '[45,null]'  |                     | FAILED",
                "dab        | viewing    | min | '[0,null]'   |                     | NOT_JUDGED",
                "coat on it | tape edges | min | '[24,null]'  |                     | NOT_JUDGED",
            })
    void waits(String after, String before, String kind, String hours, String material, Answer answer) {
        String wait = "{\"after\":\"%s\",\"before\":\"%s\",\"kind\":\"%s\",\"hours\":%s%s}"
                .formatted(after, before, kind, hours, material == null ? "" : ",\"material\":\"" + material + "\"");
        assertThat(judge("\"waits\":[" + wait + "]"))
                .singleElement()
                .satisfies(held -> assertThat(held.answer()).isEqualTo(answer));
    }

    @ParameterizedTest
    @CsvSource({"roll, HELD", "dab, FAILED", ", NOT_JUDGED"})
    void verdict(String accepted, Answer answer) {
        String list = accepted == null ? "" : "\"" + accepted + "\"";
        JsonNode expected =
                JSON.readTree("{\"id\":\"t\",\"verdict\":[" + list + "],\"situation\":{\"days_to_viewing\":null}}");
        assertThat(CaseJudge.judge(expected, plan()))
                .singleElement()
                .satisfies(held -> assertThat(held.answer()).isEqualTo(answer));
    }

    @Test
    void whatStandsThereInsteadIsNamed() {
        assertThat(judge("\"amounts\":[{\"what\":\"wall paint\",\"litres\":[3,4]}]"))
                .singleElement()
                .satisfies(held -> assertThat(held.why()).isEqualTo("2.00 litres"));
        assertThat(judge("\"waits\":[{\"after\":\"fill\",\"before\":\"sand\",\"kind\":\"min\",\"hours\":[1,2]}]"))
                .singleElement()
                .satisfies(held -> assertThat(held.why()).isEqualTo("0.75 h"));
    }
}

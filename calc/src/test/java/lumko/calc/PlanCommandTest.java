package lumko.calc;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lumko.core.plan.Cost;
import lumko.core.plan.Plan;
import lumko.core.plan.Planner;
import lumko.core.plan.Rules;
import lumko.core.plan.Workload;
import lumko.core.plan.Workload.Lock;
import lumko.core.plan.Workload.Step;
import lumko.core.plan.Workload.Was;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PlanCommandTest extends CalcTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static String given(String name) {
        try {
            return Files.readString(Path.of("src/test/resources/plan", name + ".json"));
        } catch (IOException unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }

    private static Workload load(String name) {
        return PlanFile.read(new Document.Node(JSON.readTree(given(name)), ""));
    }

    /** What was written, as a plan again. */
    private static Plan plan(Workload load, String out) {
        JsonNode answer = JSON.readTree(out);
        List<Step> steps = load.steps();
        List<String> painters =
                load.painters().stream().map(Workload.Painter::id).toList();
        int[] painter = new int[steps.size()];
        int[] start = new int[steps.size()];
        for (int s = 0; s < steps.size(); s++) {
            JsonNode placed = answer.get(steps.get(s).id());
            painter[s] = painters.indexOf(placed.get(0).asString());
            start[s] = placed.get(1).asInt();
        }
        assertThat(answer.size()).isEqualTo(steps.size());
        return Plan.of(painter, start);
    }

    private static Cost checked(Workload load, String out) {
        Plan plan = plan(load, out);
        assertThat(Rules.broken(load, plan)).isEmpty();
        return Cost.of(load, plan);
    }

    @Test
    void aSmallTurnoverIsOnTime() {
        Outcome outcome = call(given("S1"), "plan", "--iterations", "2000", "--costs");
        assertThat(checked(load("S1"), outcome.out()).weightedLate()).isZero();
        assertThat(outcome.err())
                .contains("foreman: cost 43523")
                .contains("plan: cost ")
                .contains("painter-days");
        assertThat(outcome.end()).isZero();
    }

    @Test
    void theSameSeedGivesTheSamePlan() {
        String one =
                call(given("S1"), "plan", "--iterations", "300", "--seed", "5").out();
        assertThat(call(given("S1"), "plan", "--iterations", "300", "--seed", "5")
                        .out())
                .isEqualTo(one);
        assertThat(call(given("S1"), "plan", "--iterations", "300", "--seed", "6")
                        .out())
                .isNotEqualTo(one);
    }

    /** Share of the way from the foreman's order to the bound, in weighted hours late, that a short search goes. */
    @ParameterizedTest
    @CsvSource({"S1, 5.1, 0, 1.0, 1", "M1, 723, 0, 0.8, 3", "L1, 455, 14, 0.9, 5"})
    void mostOfTheWayInAMoment(String name, double foreman, double bound, double share, String seconds) {
        Cost cost = checked(
                load(name), call(given(name), "plan", "--seconds", seconds).out());
        assertThat((foreman - cost.weightedLate() / 60.0) / (foreman - bound)).isGreaterThanOrEqualTo(share);
    }

    /** The same in half a minute on two cores, as a median of three. */
    @Tag("slow")
    @ParameterizedTest
    @CsvSource({"S1, 5.1, 0, 1.0", "M1, 723, 0, 0.9", "L1, 455, 14, 0.97", "XL1, 2170, 60.8, 0.85"})
    void theBarInHalfAMinute(String name, double foreman, double bound, double share) {
        Workload load = load(name);
        List<Double> late = new ArrayList<>();
        for (int seed = 1; seed <= 3; seed++) {
            String out = call(given(name), "plan", "--seconds", "30", "--seed", String.valueOf(seed))
                    .out();
            late.add(checked(load, out).weightedLate() / 60.0);
        }
        late.sort(Double::compare);
        assertThat((foreman - late.get(1)) / (foreman - bound)).isGreaterThanOrEqualTo(share);
    }

    @Nested
    class AfterASlip {
        private static final Workload LOAD = load("L1");
        private static final Plan PLAN = new Planner(LOAD).iterations(5000, 1).orElseThrow();

        private Workload slipped(int slip) {
            int now = PLAN.start(slip) + 1;
            Map<String, Integer> numbers = new HashMap<>();
            LOAD.steps().forEach(step -> numbers.put(step.id(), numbers.size()));
            return LOAD.changing(step -> {
                        int s = numbers.get(step.id());
                        String who = LOAD.painters().get(PLAN.painter(s)).id();
                        Step known = step.standing(new Was(who, PLAN.start(s)));
                        Step one = PLAN.start(s) < now ? known.locked(new Lock.Fact(who, PLAN.start(s))) : known;
                        return s == slip ? one.lasting(step.minutes() + 120) : one;
                    })
                    .priced(2000);
        }

        @ParameterizedTest
        @CsvSource({"100", "333", "470", "600"})
        void atMostOneStepInTwentyChangesHandsOrDayAndLittleIsLater(int slip) {
            Workload after = slipped(slip);
            long open = after.steps().stream()
                    .filter(step -> !(step.lock() instanceof Lock.Fact))
                    .count();
            Cost cost = Cost.of(after, new Planner(after).iterations(1500, 1).orElseThrow());
            assertThat(cost.changes()).isLessThanOrEqualTo((int) Math.max(3, open / 20));
            assertThat(cost.weightedLate() / 60.0)
                    .isLessThanOrEqualTo(Cost.of(LOAD, PLAN).weightedLate() / 60.0 + 10);
        }
    }

    @Nested
    class WhatIsRead {
        private static final String ROOM =
                "'rooms':[{'id':'r','steps':[{'id':'a','dur':60,'lagMin':30%s},{'id':'b','dur':30}]%s}]";
        private static final String ALL = "{'painters':[{'id':'M','windows':[[480,960],[1920,2400]]%s},{'id':'J',"
                + "'windows':[[480,960],[1920,2400]]}],'flats':[{'id':'F','building':0,'due':900%s," + ROOM
                + "}],'travel':[[0]]%s}";

        private Outcome planned(String painter, String flat, String step, String room, String all) {
            return call(
                    String.format(ALL, painter, flat, step, room, all).replace('\'', '"'),
                    "plan",
                    "--iterations",
                    "50");
        }

        private int start(Outcome outcome, String step) {
            assertThat(outcome.err()).isEmpty();
            return JSON.readTree(outcome.out()).get(step).get(1).asInt();
        }

        @Test
        void whatIsNotSaidIsFree() {
            Outcome outcome = planned("", "", "", "", "");
            assertThat(start(outcome, "a")).isEqualTo(480);
            assertThat(start(outcome, "b")).isEqualTo(570);
        }

        @Test
        void theHouseItsAirAndWhatIsSettled() {
            assertThat(start(planned("", ",'access':[[600,960]]", "", "", ""), "a"))
                    .isEqualTo(600);
            assertThat(start(planned("", "", "", ",'air':[0.5]", ""), "b")).isEqualTo(600);
            assertThat(start(planned("", "", ",'earliest':700", "", ""), "a")).isEqualTo(700);
            assertThat(start(planned("", "", ",'lock':{'start':720}", "", ""), "a"))
                    .isEqualTo(720);
            assertThat(start(planned("", "", ",'begun':{'painter':'J','start':100}", "", ""), "a"))
                    .isEqualTo(100);
            assertThat(start(planned("", "", ",'thing':'fan'", "", ",'things':{'fan':1}"), "a"))
                    .isEqualTo(480);
            assertThat(start(planned(",'at':'F'", "", "", "", ",'depot':60"), "a"))
                    .isEqualTo(480);
            assertThat(JSON.readTree(
                                    planned("", "", ",'was':{'painter':'J','start':480}", "", ",'weights':{'change':9}")
                                            .out())
                            .get("a")
                            .get(0)
                            .asString())
                    .isEqualTo("J");
        }

        @Test
        void nothingToDoIsAPlanOfNothing() {
            String nobody = "{'painters':[{'id':'M','windows':[[480,960]]}],'flats':[],'travel':[]}";
            String noRoom = "{'painters':[{'id':'M','windows':[[480,960]]}],'flats':[{'id':'F','building':0,'due':9,"
                    + "'rooms':[]}],'travel':[[0]]}";
            for (String load : List.of(nobody, noRoom)) {
                Outcome outcome = call(load.replace('\'', '"'), "plan", "--iterations", "20");
                assertThat(outcome.err()).isEmpty();
                assertThat(JSON.readTree(outcome.out()).size()).isZero();
            }
        }

        @Test
        void whatCannotBeTakenIsNamed() {
            assertThat(planned("", ",'access':[[600]]", "", "", "").err())
                    .contains("flats[0].access[0]")
                    .contains("two minutes");
            assertThat(planned("", "", ",'thing':'fan'", "", "").err()).contains("at least one “fan”");
            assertThat(planned("", "", ",'lock':{'painter':'X'}", "", "").err())
                    .contains("somebody must be able to do a");
            assertThat(planned("", "", ",'lock':{'start':10}", "", "").err()).contains("locks that can be kept");
            assertThat(call("{}", "plan", "--iterations", "1").err())
                    .contains("painters")
                    .contains("nothing");
            assertThat(call(given("S1"), "plan").err()).contains("--seconds");
            assertThat(call(given("S1"), "plan", "--seconds", "0").err()).contains("more than 0");
            assertThat(call(given("S1"), "plan", "--seconds", "0").end()).isEqualTo(2);
        }
    }
}

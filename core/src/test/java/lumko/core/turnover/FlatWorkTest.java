package lumko.core.turnover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Limit;
import lumko.core.activity.Move;
import lumko.core.activity.Precedence;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.activity.Why;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.plan.Plan;
import lumko.core.plan.Planner;
import lumko.core.plan.Span;
import lumko.core.plan.Workload;
import lumko.core.plan.Workload.Link;
import lumko.core.plan.Workload.Step;
import lumko.core.quantity.Length;
import lumko.core.schedule.Air;
import lumko.core.turnover.FlatWork.Kind;
import lumko.core.turnover.FlatWork.Piece;
import lumko.core.turnover.FlatWork.Terms;
import org.junit.jupiter.api.Test;

class FlatWorkTest {
    private static final Catalogue FIGURES = Catalogue.starting();
    private static final Air AIR = new Air(Climate.REFERENCE, FIGURES);
    private static final Wet COAT = Wet.of(DryingMaterial.EMULSION);
    private static final int COAT_DRIES =
            (int) AIR.likely(new Wait(COAT, Purpose.RECOAT)).toMinutes();
    private static final Terms TERMS = new Terms("F", 0, 0, 2880, 1, 0, List.of(), Optional.of("house"), List.of(), 0);

    private static Activity activity(String id, double minutes) {
        return Activity.of(
                id,
                Move.of(ActivityKind.ROLL)
                        .hand(Duration.ofSeconds(Math.round(minutes * 60)))
                        .leaves(COAT),
                "room",
                Optional.of("wall"),
                Optional.empty(),
                "oat");
    }

    private static Precedence dry(String from, String to, Optional<Limit> limit) {
        return new Precedence(from, to, Why.CRAFT, Optional.of(new Wait(COAT, Purpose.RECOAT)), limit);
    }

    private static FlatWork work(Map<String, Integer> done, List<Activity> activities, Precedence... order) {
        return FlatWork.of(TERMS, new WorkGraph(activities, List.of(order), List.of()), done, Map.of(), AIR, FIGURES);
    }

    @Test
    void nothingIsPutOnThatIsNotThereYet() {
        WorkGraph graph = new WorkGraph(List.of(activity("a", 130), activity("b", 30)), List.of(), List.of());
        FlatWork work = FlatWork.of(TERMS, graph, Map.of(), Map.of("oat", 1890, "birch", 4000), AIR, FIGURES);
        assertThat(work.flat().steps())
                .extracting(Step::id, Step::earliest)
                .containsExactly(tuple("a#0", 1890), tuple("a#1", 0), tuple("b#0", 1890));
    }

    private static List<String> ids(FlatWork work) {
        return work.flat().steps().stream().map(Step::id).toList();
    }

    @Test
    void whatWaitsForWhatStaysSo() {
        FlatWork work = work(Map.of(), List.of(activity("a", 30), activity("b", 30)), dry("a", "b", Optional.empty()));
        assertThat(ids(work)).containsExactly("a#0", "b#0");
        assertThat(work.flat().links()).containsExactly(new Link("a#0", "b#0", COAT_DRIES, OptionalInt.empty()));
        assertThat(work.flat().steps()).allSatisfy(step -> {
            assertThat(step.skill()).contains("house");
            assertThat(step.lagMin()).isEqualTo(COAT_DRIES);
        });
    }

    @Test
    void fillerThatSetsIsWaitedForAsItSets() {
        Wet compound = new Wet(DryingMaterial.DRYING_COMPOUND, Length.ofMillimetres(3), Optional.empty());
        Wet setting = new Wet(DryingMaterial.SETTING_COMPOUND, Length.ofMillimetres(3), Optional.empty());
        Precedence sand =
                new Precedence("a", "b", Why.CRAFT, Optional.of(new Wait(compound, Purpose.SAND)), Optional.empty());
        FlatWork work = work(Map.of(), List.of(activity("a", 30), activity("b", 30)), sand);
        int sets = (int) AIR.likely(new Wait(setting, Purpose.SAND)).toMinutes();
        assertThat(work.bySetting().getFirst().lagMin()).isEqualTo(sets);
        assertThat(work.flat().links().getFirst().lagMin()).isGreaterThan(4 * sets);
        FlatWork coats = work(Map.of(), List.of(activity("a", 30), activity("b", 30)), dry("a", "b", Optional.empty()));
        assertThat(coats.bySetting()).isEqualTo(coats.flat().links());
    }

    @Test
    void longWorkIsDoneInPieces() {
        FlatWork work =
                work(Map.of(), List.of(activity("a", 13 * 60), activity("b", 30)), dry("a", "b", Optional.empty()));
        List<Step> steps = work.flat().steps();
        assertThat(steps).hasSize(8);
        assertThat(steps.stream().limit(7).mapToInt(Step::minutes).sum()).isEqualTo(13 * 60);
        assertThat(steps).allSatisfy(step -> assertThat(step.minutes()).isLessThanOrEqualTo(120));
        // only the last of them has to dry
        assertThat(steps.get(3).lagMin()).isZero();
        assertThat(work.flat().links()).contains(new Link("a#6", "b#0", COAT_DRIES, OptionalInt.empty()));
        assertThat(work.pieces().get(3)).extracting(Piece::part, Piece::parts).containsExactly(3, 7);
    }

    @Test
    void whatIsDoneIsLeftOutAndDriesOn() {
        FlatWork work =
                work(Map.of("a", -60), List.of(activity("a", 30), activity("b", 30)), dry("a", "b", Optional.empty()));
        assertThat(ids(work)).containsExactly("b#0");
        assertThat(work.flat().steps().getFirst().earliest()).isEqualTo(COAT_DRIES - 60);
    }

    @Test
    void aCutStripIsRolledWhileItIsOpenButABagKeeps() {
        Precedence open = new Precedence("a", "b", Why.CRAFT, Optional.empty(), Optional.of(Limit.STRIP_OPEN));
        Precedence bagged = new Precedence("a", "b", Why.CRAFT, Optional.empty(), Optional.of(Limit.BAGGED));
        List<Activity> both = List.of(activity("a", 30), activity("b", 30));
        assertThat(work(Map.of(), both, open).flat().links().getFirst().lagMax().getAsInt())
                .isBetween(5, 30);
        assertThat(work(Map.of(), both, bagged).flat().links().getFirst().lagMax())
                .isEmpty();
    }

    @Test
    void howFarOffDryingMayBeComesFromItsSafeTime() {
        Piece piece = work(Map.of(), List.of(activity("a", 30))).pieces().getFirst();
        assertThat(piece.spread().minutes()).isCloseTo(0.25, within(1e-9));
        assertThat(piece.spread().drying()).isBetween(0.05, 0.6);
        assertThat(piece.kind()).isEqualTo(Kind.SHEET);
    }

    @Test
    void whatNobodyHasWalkedIsAWalkAndAGuess() {
        FlatWork work = FlatWork.guessed(TERMS, 3, Duration.ofMinutes(42), Guess.of(List.of(), FIGURES), FIGURES);
        List<Step> steps = work.flat().steps();
        assertThat(steps.getFirst().name()).isEqualTo("WALK");
        assertThat(steps.getFirst().minutes()).isEqualTo(40);
        assertThat(steps.stream().skip(1).mapToInt(Step::minutes).sum())
                .isCloseTo((int) (3 * FIGURES.value(Figure.ROOM_NOT_WALKED)), within(20));
        assertThat(work.pieces().getLast().kind()).isEqualTo(Kind.GUESS);
        assertThat(work.pieces().getLast().spread().minutes()).isGreaterThan(0.4);
    }

    @Test
    void itCanBePlanned() {
        List<Activity> activities = new ArrayList<>();
        activities.add(activity("fill", 40));
        activities.add(activity("cut", 25));
        activities.add(activity("roll", 300));
        FlatWork work = work(
                Map.of(),
                activities,
                dry("fill", "cut", Optional.empty()),
                new Precedence("cut", "roll", Why.CRAFT, Optional.empty(), Optional.of(Limit.STRIP_OPEN)));
        List<Span> hours = new ArrayList<>();
        for (int day = 0; day < 5; day++) {
            hours.add(new Span(day * 1440 + 450, day * 1440 + 720));
            hours.add(new Span(day * 1440 + 750, day * 1440 + 960));
        }
        Workload load = new Workload(
                List.of(new Workload.Painter("M", Set.of("house"), hours, Optional.empty())),
                List.of(work.flat()),
                List.of(List.of(10)),
                15,
                Workload.Weights.USUAL,
                Map.of());
        Plan plan = new Planner(load).iterations(50, 1).orElseThrow();
        int cutEnds = plan.start(1) + 25;
        assertThat(plan.start(2)).isBetween(cutEnds, cutEnds + 30);
    }
}

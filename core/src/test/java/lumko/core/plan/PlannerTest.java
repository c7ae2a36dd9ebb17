package lumko.core.plan;

import static lumko.core.plan.Flats.DAY;
import static lumko.core.plan.Flats.HOUR;
import static lumko.core.plan.Flats.flat;
import static lumko.core.plan.Flats.load;
import static lumko.core.plan.Flats.painter;
import static lumko.core.plan.Flats.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lumko.core.plan.Flats.Extra;
import lumko.core.plan.Workload.Lock;
import lumko.core.plan.Workload.Weights;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlannerTest {
    private static final List<Workload.Painter> ONE = List.of(painter("M", 28));
    private static final List<Workload.Painter> TWO = List.of(painter("M", 28), painter("J", 28));

    private static Plan plan(Workload load) {
        return checked(load, new Planner(load).iterations(400, 1).orElseThrow());
    }

    private static Plan checked(Workload load, Plan plan) {
        assertThat(Rules.broken(load, plan)).isEmpty();
        if (load.steps().stream().noneMatch(Workload.Step::isFact)) {
            assertThat(MinuteByMinute.objections(load, plan)).isEmpty();
        }
        return plan;
    }

    private static int ready(Workload load, int flat) {
        return Cost.of(load, plan(load)).readyAt().get(flat);
    }

    @Nested
    class SmallJobs {
        @Test
        void whileFillerDriesInOneFlatTheOtherIsPainted() {
            Workload load = load(
                    ONE,
                    flat("A", 1, step("A fill", 60, 4 * HOUR), step("A dab", 60, 0)),
                    flat("B", 1, step("B fill", 60, 4 * HOUR), step("B dab", 60, 0)));
            // fill at 8 and 9, dab at 13 and 14
            assertThat(ready(load, 0) + ready(load, 1)).isEqualTo(14 * HOUR + 15 * HOUR);
        }

        @Test
        void whatDriesOvernightIsPutLastInTheShift() {
            Workload load = load(
                    ONE,
                    flat("A", 1, step("A skim", 4 * HOUR, 14 * HOUR), step("A roll", 60, 0)),
                    flat("B", 0, step("B roll", 4 * HOUR, 0)));
            Plan plan = plan(load);
            assertThat(plan.start(2)).isEqualTo(8 * HOUR);
            assertThat(plan.start(0)).isEqualTo(12 * HOUR);
            assertThat(plan.start(1)).isEqualTo(DAY + 8 * HOUR);
        }

        @Test
        void theWeightierFlatGoesFirst() {
            Workload.Flat light = flat("A", 0, step("A", 5 * HOUR, 0));
            Workload.Flat heavy = new Workload.Flat(
                    "B",
                    0,
                    0,
                    0,
                    5,
                    0,
                    List.of(),
                    flat("B", 0, step("B", 5 * HOUR, 0)).rooms(),
                    List.of());
            Plan plan = plan(load(ONE, light, heavy));
            assertThat(plan.start(1)).isLessThan(plan.start(0));
        }

        @Test
        void onlyWhoCanIsSentAndTheOtherDoesTheRest() {
            List<Workload.Painter> hands = List.of(painter("M", 5, "drywall"), painter("J", 5));
            Workload load = load(
                    hands,
                    flat("A", 0, step("A", 8 * HOUR, 0).needing("drywall")),
                    flat("B", 0, step("B", 8 * HOUR, 0)));
            Plan plan = plan(load);
            assertThat(List.of(plan.painter(0), plan.painter(1))).containsExactly(0, 1);
        }

        @Test
        void whatMustNotWaitIsNotBegunBeforeTheNight() {
            // soaked at 15 it would have to be stripped by 16:30; on the next morning it can
            Workload load = load(
                    ONE,
                    flat("A", 0, step("A", 7 * HOUR, 0)),
                    flat("B", 9, step("soak", 30, 15).waitingAtMost(90), step("strip", 60, 0)));
            Workload first = load(
                    List.of(painter("M", 28)),
                    flat("A", 0, step("A", 7 * HOUR, 0)),
                    flat("B", 0, step("soak", 30, 15).waitingAtMost(90), step("strip", 60, 0)));
            for (Workload each : List.of(load, first)) {
                Plan plan = plan(each);
                int waits = plan.start(2) - plan.start(1) - 30;
                assertThat(waits).isBetween(15, 90);
            }
        }

        @Test
        void whatTwoRoomsMustNotKeepWaitingIsTiedAcrossThem() {
            Workload.Room one = new Workload.Room("r", List.of(), List.of(step("cut", 30, 0)));
            Workload.Room other = new Workload.Room("q", List.of(), List.of(step("roll", 60, 0)));
            Workload load = load(
                    ONE,
                    flat("A", 0, step("A", 7 * HOUR, 0)),
                    new Workload.Flat(
                            "B",
                            0,
                            0,
                            0,
                            1,
                            0,
                            List.of(),
                            List.of(one, other),
                            List.of(new Workload.Link("cut", "roll", 0, OptionalInt.of(10)))));
            Plan plan = plan(load);
            assertThat(plan.start(2) - plan.start(1) - 30).isBetween(0, 10);
        }

        @Test
        void theWayBetweenHousesIsWorkingTime() {
            Workload.Flat far = new Workload.Flat(
                    "B",
                    1,
                    0,
                    DAY,
                    1,
                    0,
                    List.of(),
                    flat("B", 1, step("B", 60, 0)).rooms(),
                    List.of());
            Workload load = new Workload(
                    ONE,
                    List.of(flat("A", 1, step("A", 60, 0)), far),
                    List.of(List.of(20, 45), List.of(45, 20)),
                    30,
                    Weights.USUAL,
                    Map.of());
            Plan plan = plan(load);
            assertThat(Math.min(plan.start(0), plan.start(1))).isEqualTo(8 * HOUR + 30);
            assertThat(Math.abs(plan.start(0) - plan.start(1))).isEqualTo(60 + 45);
            assertThat(Cost.of(load, plan).travel()).isEqualTo(75);
        }

        @Test
        void aFewHandsAreTakenOnFewerDaysWhereNothingPresses() {
            Workload load = load(TWO, flat("A", 20, step("A", 3 * HOUR, 0)), flat("B", 20, step("B", 3 * HOUR, 0)));
            assertThat(Cost.of(load, plan(load)).painterDays()).isEqualTo(1);
        }

        @Test
        void paintThatArrivesLaterIsNotWaitedForByTheRest() {
            Workload load = load(
                    ONE, flat("A", 1, step("fill", 60, 0), step("roll", 60, 0).notBefore(2 * DAY)));
            Plan plan = plan(load);
            assertThat(plan.start(1)).isEqualTo(2 * DAY + 8 * HOUR);
        }

        @Test
        void theOneHeaterIsInOneRoomAtATime() {
            List<Workload.Flat> flats = List.of(
                    flat("A", 0, step("A", 60, 5 * HOUR).taking("heater")),
                    flat("B", 0, step("B", 60, 5 * HOUR).taking("heater")));
            List<List<Integer>> ways = List.of(List.of(0));
            Workload one = new Workload(TWO, flats, ways, 0, Weights.USUAL, Map.of("heater", 1));
            Workload two = new Workload(TWO, flats, ways, 0, Weights.USUAL, Map.of("heater", 2));
            assertThat(Math.abs(plan(one).start(0) - plan(one).start(1))).isGreaterThanOrEqualTo(6 * HOUR);
            assertThat(plan(two).start(0)).isEqualTo(plan(two).start(1));
        }
    }

    @Nested
    class WhatIsSettled {
        private final Workload.Step roll = step("roll", 60, 0);

        @Test
        void whoAndWhenAreKept() {
            Lock lock = new Lock.Wish(Optional.of("J"), OptionalInt.of(2 * DAY + 10 * HOUR));
            Plan plan = plan(load(TWO, flat("A", 1, step("fill", 60, HOUR), roll.locked(lock))));
            assertThat(plan.painter(1)).isEqualTo(1);
            assertThat(plan.start(1)).isEqualTo(2 * DAY + 10 * HOUR);
            assertThat(plan.start(0)).isLessThanOrEqualTo(2 * DAY + 8 * HOUR);
        }

        @Test
        void aLockThatCannotBeKeptGivesNoPlan() {
            Lock tooEarly = new Lock.Wish(Optional.empty(), OptionalInt.of(8 * HOUR));
            Workload load = load(TWO, flat("A", 1, step("fill", 60, HOUR), roll.locked(tooEarly)));
            assertThat(new Planner(load).iterations(10, 1)).isEmpty();
        }

        @Test
        void whatHasBegunStaysWhateverRuleItBreaks() {
            Lock atNight = new Lock.Fact("J", 2 * HOUR);
            Workload load = load(TWO, flat("A", 1, step("fill", 60, HOUR).locked(atNight), roll));
            Plan plan = plan(load);
            assertThat(plan.start(0)).isEqualTo(2 * HOUR);
            assertThat(plan.start(1)).isEqualTo(8 * HOUR);
        }

        @Test
        void whatWasLeftWaitingTooLongIsDoneAsSoonAsCanBe() {
            Lock lateInTheDay = new Lock.Fact("J", 15 * HOUR + 30);
            Workload load = load(
                    TWO, flat("A", 1, step("soak", 30, 15).waitingAtMost(90).locked(lateInTheDay), roll));
            assertThat(plan(load).start(1)).isEqualTo(DAY + 8 * HOUR);
        }

        @Test
        void hoursTooShortForAStepGiveNoPlan() {
            assertThat(new Planner(load(ONE, flat("A", 1, step("all day", 9 * HOUR, 0)))).iterations(10, 1))
                    .isEmpty();
        }
    }

    @Nested
    class ByChance {
        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
        void noRuleIsBrokenAndNoForemanIsCheaper(long seed) {
            Set<Extra> extras = EnumSet.noneOf(Extra.class);
            for (Extra extra : Extra.values()) {
                if ((seed >> extra.ordinal() & 1) == 1) {
                    extras.add(extra);
                }
            }
            Workload load = Flats.random(seed, 2 + (int) seed, 2 + (int) seed % 4, extras);
            Planner planner = new Planner(load);
            Plan foreman = checked(load, planner.foreman().orElseThrow());
            Plan found = checked(load, planner.iterations(300, seed).orElseThrow());
            assertThat(Cost.of(load, found).total())
                    .isLessThanOrEqualTo(Cost.of(load, foreman).total());
        }

        @ParameterizedTest
        @ValueSource(longs = {21, 22, 23, 24})
        void whatTheSearchCountsIsWhatThePlanCosts(long seed) {
            Workload load = Flats.random(seed, 6, 3, EnumSet.allOf(Extra.class));
            Search search = new Search(new Net(load), 3000, seed);
            assertThat(search.start()).isTrue();
            for (int i = 0; i < 500; i++) {
                search.step(i / 500.0);
            }
            assertThat(search.best()).isCloseTo(Cost.of(load, search.bestPlan()).total(), within(1e-3));
        }

        @Test
        void theSameSeedGivesTheSamePlan() {
            Workload load = Flats.random(5, 10, 3);
            Plan one = new Planner(load).iterations(500, 7).orElseThrow();
            assertThat(new Planner(load).iterations(500, 7)).contains(one);
            assertThat(new Planner(load).iterations(500, 8).orElseThrow()).isNotEqualTo(one);
        }

        @Test
        void moreTrialsAreNotDearerThanNone() {
            Workload load = Flats.random(6, 12, 3);
            double few = Cost.of(load, new Planner(load).iterations(0, 1).orElseThrow())
                    .total();
            double many = Cost.of(load, new Planner(load).iterations(2000, 1).orElseThrow())
                    .total();
            assertThat(many).isLessThan(few);
        }

        @Test
        void aSearchTellsOfItsBestAndStopsWhenTold() {
            Workload load = Flats.random(7, 8, 3);
            List<Planner.Best> told = new ArrayList<>();
            Plan plan = new Planner(load)
                    .within(Duration.ofSeconds(60), System::nanoTime, 2, 1, best -> {
                        told.add(best);
                        return false;
                    })
                    .orElseThrow();
            assertThat(told).hasSize(1);
            assertThat(told.getFirst().progress()).isBetween(0.0, 0.2);
            assertThat(checked(load, plan)).isEqualTo(told.getFirst().plan());
        }
    }

    @Nested
    class AfterASlip {
        private static final Workload LOAD = Flats.random(31, 20, 5);
        private static final Plan PLAN = new Planner(LOAD).iterations(4000, 1).orElseThrow();

        /** A step takes two hours longer; everything before has begun. */
        private Workload slipped(int step, double price) {
            String id = LOAD.steps().get(step).id();
            Workload under = Flats.under(LOAD, PLAN, PLAN.start(step) + 1);
            return under.changing(each -> each.id().equals(id) ? each.lasting(each.minutes() + 2 * HOUR) : each)
                    .priced(price);
        }

        @ParameterizedTest
        @CsvSource({"10", "60", "150", "222", "300"})
        void fewChangeHandsOrDay(int step) {
            Workload after = slipped(step, 20_000);
            long open = after.steps().stream().filter(each -> !each.isFact()).count();
            Planner planner = new Planner(after);
            Plan repaired = checked(after, planner.repaired().orElseThrow());
            Cost steady =
                    Cost.of(after, checked(after, planner.iterations(1500, 1).orElseThrow()));
            Workload free = slipped(step, 100);
            Cost onTime = Cost.of(
                    free, checked(free, new Planner(free).iterations(1500, 1).orElseThrow()));

            assertThat(steady.total())
                    .isLessThanOrEqualTo(Cost.of(after, repaired).total());
            assertThat(steady.changes()).isLessThanOrEqualTo((int) Math.max(4, open / 10));
            assertThat(onTime.changes()).isGreaterThanOrEqualTo(steady.changes());
            assertThat(onTime.weightedLate()).isLessThanOrEqualTo(steady.weightedLate() + HOUR);
        }

        @Test
        void whatNothingHappenedToStaysAsItIs() {
            Workload after = Flats.under(LOAD, PLAN, 3 * DAY).priced(2000);
            assertThat(new Planner(after).repaired()).contains(PLAN);
        }

        @Test
        void theOtherStepsOfSomebodyWhoIsIllGoToOthersOrLater() {
            int day = PLAN.start(40) / DAY;
            Workload under = Flats.under(LOAD, PLAN, day * DAY);
            List<Workload.Painter> hands = new ArrayList<>(under.painters());
            Workload.Painter ill = hands.get(PLAN.painter(40));
            hands.set(
                    PLAN.painter(40),
                    new Workload.Painter(
                            ill.id(),
                            ill.skills(),
                            ill.hours().stream()
                                    .filter(span -> span.from() / DAY != day)
                                    .toList(),
                            ill.at()));
            Workload after = under.by(hands).priced(2000);
            Plan repaired = checked(after, new Planner(after).repaired().orElseThrow());
            assertThat(repaired.painter(40) != PLAN.painter(40) || repaired.start(40) / DAY != day)
                    .isTrue();
        }

        /** A flat in which nobody had been when the plan was taken. */
        @ParameterizedTest
        @ValueSource(ints = {0, 3, 7, 11, 16, 19})
        void workThatNobodyHadPlannedFindsItsPlaceWithoutAnythingElseChangingHandsOrDay(int flat) {
            Set<String> unplanned = LOAD.flats().get(flat).rooms().stream()
                    .flatMap(room -> room.steps().stream())
                    .map(Workload.Step::id)
                    .collect(Collectors.toSet());
            Map<String, Workload.Step> bare =
                    LOAD.steps().stream().collect(Collectors.toMap(Workload.Step::id, Function.identity()));
            Workload after = Flats.under(LOAD, PLAN, 0)
                    .changing(each -> unplanned.contains(each.id()) ? bare.get(each.id()) : each)
                    .priced(15_000);
            Cost kept = Cost.of(after, checked(after, Planner.asItGoes(after).orElseThrow()));
            Cost sought = Cost.of(after, new Planner(after).iterations(1500, 1).orElseThrow());
            assertThat(kept.changes()).isZero();
            assertThat(kept.weightedLate()).isLessThanOrEqualTo(sought.weightedLate() + HOUR);
        }
    }
}

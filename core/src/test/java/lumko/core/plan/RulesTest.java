package lumko.core.plan;

import static lumko.core.plan.Flats.DAY;
import static lumko.core.plan.Flats.HOUR;
import static lumko.core.plan.Flats.flat;
import static lumko.core.plan.Flats.load;
import static lumko.core.plan.Flats.painter;
import static lumko.core.plan.Flats.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lumko.core.plan.Rules.Rule;
import lumko.core.plan.Workload.Flat;
import lumko.core.plan.Workload.Lock;
import lumko.core.plan.Workload.Painter;
import lumko.core.plan.Workload.Step;
import lumko.core.plan.Workload.Weights;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class RulesTest {
    private static final List<Painter> TWO = List.of(painter("M", 3, "drywall"), painter("J", 3));
    private static final int EIGHT = 8 * HOUR;

    private static List<Rule> broken(Workload load, int[] painters, int... starts) {
        return Rules.broken(load, Plan.of(painters, starts)).stream()
                .map(Rules.Breach::rule)
                .toList();
    }

    private static List<Rule> alone(Step step, int start) {
        return broken(load(TWO, flat("A", 1, step)), new int[] {0}, start);
    }

    private static int[] by(int... painters) {
        return painters;
    }

    @Test
    void hoursAreKeptToTheMinute() {
        assertThat(alone(step("a", 60, 0), EIGHT)).isEmpty();
        assertThat(alone(step("a", 60, 0), EIGHT - 1)).containsExactly(Rule.SHIFT);
        assertThat(alone(step("a", 60, 0), 15 * HOUR)).isEmpty();
        assertThat(alone(step("a", 60, 0), 15 * HOUR + 1)).containsExactly(Rule.SHIFT);
    }

    @Test
    void whoCannotMayNot() {
        Workload load = load(TWO, flat("A", 1, step("a", 60, 0).needing("drywall")));
        assertThat(broken(load, by(0), EIGHT)).isEmpty();
        assertThat(broken(load, by(1), EIGHT)).contains(Rule.HANDS);
    }

    @Test
    void oneThingAtATime() {
        Workload load = load(TWO, flat("A", 1, step("a", 60, 0)), flat("B", 1, step("b", 60, 0)));
        assertThat(broken(load, by(0, 0), EIGHT, EIGHT + 60)).isEmpty();
        assertThat(broken(load, by(0, 0), EIGHT, EIGHT + 59)).containsExactly(Rule.OVERLAP);
        assertThat(broken(load, by(0, 1), EIGHT, EIGHT)).isEmpty();
    }

    @Test
    void theNextComesWhenItIsDryAndNotTooLate() {
        Workload load = load(TWO, flat("A", 1, step("a", 60, 30).waitingAtMost(90), step("b", 60, 0)));
        assertThat(broken(load, by(0, 1), EIGHT, EIGHT + 90)).isEmpty();
        assertThat(broken(load, by(0, 1), EIGHT, EIGHT + 89)).containsExactly(Rule.DRYING);
        assertThat(broken(load, by(0, 1), EIGHT, EIGHT + 150)).isEmpty();
        assertThat(Rules.broken(load, Plan.of(by(0, 1), new int[] {EIGHT, EIGHT + 151})))
                .containsExactly(new Rules.Breach(Rule.LONGEST_WAIT, "b", 1));
    }

    @Nested
    class Ways {
        private Workload load(int release) {
            Flat far = new Flat(
                    "B",
                    1,
                    release,
                    DAY,
                    1,
                    0,
                    List.of(),
                    flat("B", 1, step("b", 60, 0)).rooms(),
                    List.of());
            return new Workload(
                    TWO,
                    List.of(flat("A", 1, step("a", 60, 0)), far),
                    List.of(List.of(20, 45), List.of(45, 20)),
                    30,
                    Weights.USUAL,
                    Map.of());
        }

        @Test
        void fromTheDepotAndFromHouseToHouse() {
            assertThat(broken(load(0), by(0, 0), EIGHT + 30, EIGHT + 135)).isEmpty();
            assertThat(broken(load(0), by(0, 0), EIGHT + 29, EIGHT + 135)).containsExactly(Rule.WAY);
            assertThat(broken(load(0), by(0, 0), EIGHT + 30, EIGHT + 134)).containsExactly(Rule.WAY);
        }

        @Test
        void onTheNextMorningItIsStillOwed() {
            assertThat(broken(load(0), by(0, 0), EIGHT + 30, DAY + EIGHT + 45)).isEmpty();
            assertThat(broken(load(0), by(0, 0), EIGHT + 30, DAY + EIGHT + 44)).containsExactly(Rule.WAY);
        }

        @Test
        void nobodySetsOutBeforeTheKeysAreBack() {
            assertThat(broken(load(EIGHT + 90), by(0, 0), EIGHT + 30, EIGHT + 135))
                    .isEmpty();
            assertThat(broken(load(EIGHT + 91), by(0, 0), EIGHT + 30, EIGHT + 135))
                    .containsExactly(Rule.WAY);
            assertThat(broken(load(EIGHT + 136), by(0, 0), EIGHT + 30, EIGHT + 135))
                    .contains(Rule.RELEASE);
        }

        @Test
        void whoIsThereAlreadyNeedsNone() {
            Workload there = new Workload(
                    List.of(new Painter("M", Set.of(), TWO.getFirst().hours(), Optional.of("A"))),
                    List.of(flat("A", 1, step("a", 60, 0))),
                    List.of(List.of(20)),
                    30,
                    Weights.USUAL,
                    Map.of());
            assertThat(broken(there, by(0), EIGHT)).isEmpty();
            assertThat(Cost.of(there, Plan.of(by(0), new int[] {EIGHT})).travel())
                    .isZero();
        }
    }

    @Test
    void theHouseIsOpenOrNot() {
        Flat quiet = new Flat(
                "A",
                0,
                0,
                DAY,
                1,
                0,
                List.of(new Span(9 * HOUR, 12 * HOUR)),
                flat("A", 1, step("a", 60, 0)).rooms(),
                List.of());
        Workload load = load(TWO, quiet);
        assertThat(broken(load, by(0), 11 * HOUR)).isEmpty();
        assertThat(broken(load, by(0), 11 * HOUR + 1)).containsExactly(Rule.ACCESS);
    }

    @Test
    void paintIsThereOrNot() {
        assertThat(alone(step("a", 60, 0).notBefore(EIGHT + 5), EIGHT + 5)).isEmpty();
        assertThat(alone(step("a", 60, 0).notBefore(EIGHT + 5), EIGHT + 4)).containsExactly(Rule.EARLIEST);
    }

    @Test
    void whatIsSettledIsKept() {
        Lock lock = new Lock.Wish(Optional.of("J"), OptionalInt.of(EIGHT));
        Workload load = load(TWO, flat("A", 1, step("a", 60, 0).locked(lock)));
        assertThat(broken(load, by(1), EIGHT)).isEmpty();
        assertThat(broken(load, by(0), EIGHT)).containsExactly(Rule.LOCK);
        assertThat(broken(load, by(1), EIGHT + 1)).containsExactly(Rule.LOCK);
    }

    @Test
    void ofWhatHasBegunNothingIsAskedButThatItIsSo() {
        Workload load =
                load(TWO, flat("A", 1, step("a", 60, 60).locked(new Lock.Fact("J", 3 * HOUR)), step("b", 60, 0)));
        assertThat(broken(load, by(1, 0), 3 * HOUR, EIGHT)).isEmpty();
        assertThat(broken(load, by(0, 0), 3 * HOUR, EIGHT)).contains(Rule.LOCK);
    }

    @Test
    void twoRoomsDoNotHaveTheOneHeater() {
        Workload load = new Workload(
                TWO,
                List.of(
                        flat("A", 1, step("a", 60, 60).taking("heater")),
                        flat("B", 1, step("b", 60, 60).taking("heater"))),
                List.of(List.of(0)),
                0,
                Weights.USUAL,
                Map.of("heater", 1));
        assertThat(broken(load, by(0, 1), EIGHT, EIGHT + 120)).isEmpty();
        assertThat(broken(load, by(0, 1), EIGHT, EIGHT + 119)).contains(Rule.THING);
    }

    @Nested
    class WhatIsRefused {
        @Test
        void stepsThatWaitForEachOther() {
            Flat ring = new Flat(
                    "A",
                    0,
                    0,
                    DAY,
                    1,
                    0,
                    List.of(),
                    flat("A", 1, step("a", 60, 0), step("b", 60, 0)).rooms(),
                    List.of(new Workload.Link("b", "a", 0, OptionalInt.empty())));
            assertThatThrownBy(() -> new Planner(load(TWO, ring)))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("ring");
        }

        @Test
        void whatNobodyCanDo() {
            assertThatThrownBy(() -> load(TWO, flat("A", 1, step("a", 60, 0).needing("lacquer"))))
                    .hasMessageContaining("somebody must be able to do a");
        }

        @Test
        void numbersThatCannotBe() {
            assertThatThrownBy(() -> step("a", 0, 0)).hasMessageContaining("more than 0 min, a takes 0");
            assertThatThrownBy(() -> step("a", 10, -1)).hasMessageContaining("0 min or more");
            assertThatThrownBy(() -> step("a", 10, 60).waitingAtMost(30))
                    .hasMessageContaining("at least the shortest, 60");
            assertThatThrownBy(() -> new Span(5, 5)).hasMessageContaining("must end after it begins");
            assertThatThrownBy(() -> load(TWO, flat("A", 1, step("a", 9, 0), step("a", 9, 0))))
                    .hasMessageContaining("a is there twice");
            assertThatThrownBy(() -> load(TWO, flat("A", 1, step("a", 9, 0).taking("fan"))))
                    .hasMessageContaining("at least one “fan”");
        }
    }
}

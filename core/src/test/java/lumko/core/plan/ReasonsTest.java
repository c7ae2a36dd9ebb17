package lumko.core.plan;

import static lumko.core.plan.Flats.DAY;
import static lumko.core.plan.Flats.HOUR;
import static lumko.core.plan.Flats.flat;
import static lumko.core.plan.Flats.load;
import static lumko.core.plan.Flats.painter;
import static lumko.core.plan.Flats.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lumko.core.plan.Chain.Held;
import lumko.core.plan.Chain.Link;
import lumko.core.plan.Futures.Spread;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReasonsTest {
    private static final List<Workload.Painter> ONE = List.of(painter("M", 9));
    private static final int EIGHT = 8 * HOUR;

    private static Plan by(int... starts) {
        return Plan.of(new int[starts.length], starts);
    }

    @Nested
    class TheChain {
        @Test
        void dryingThroughTheNightIsToldWithItsPause() {
            Workload load = load(ONE, flat("A", 1, step("skim", 60, 14 * HOUR), step("roll", 60, 4 * HOUR)));
            assertThat(new Chain(load, by(10 * HOUR, DAY + EIGHT)).of(0))
                    .containsExactly(
                            new Link(0, Held.CHOSEN, -1, EIGHT, 0),
                            // dry at one in the morning, hands come at eight
                            new Link(1, Held.DRYING, 0, DAY + HOUR, 7 * HOUR));
        }

        @Test
        void handsThatWereElsewhere() {
            Workload load = load(ONE, flat("A", 1, step("a", 3 * HOUR, 0)), flat("B", 1, step("b", 60, 0)));
            assertThat(new Chain(load, by(EIGHT, 11 * HOUR)).of(1))
                    .containsExactly(new Link(0, Held.KEYS, -1, 0, EIGHT), new Link(1, Held.HANDS, 0, 11 * HOUR, 0));
        }

        @Test
        void theRoomThatIsReadyLastDecides() {
            Workload.Room slow = new Workload.Room("slow", List.of(), List.of(step("slow", 60, 20 * HOUR)));
            Workload.Room quick = new Workload.Room("quick", List.of(), List.of(step("quick", 60, 0)));
            Workload load =
                    load(ONE, new Workload.Flat("A", 0, 0, DAY, 1, 0, List.of(), List.of(slow, quick), List.of()));
            assertThat(new Chain(load, by(EIGHT, 9 * HOUR)).of(0))
                    .extracting(Link::step)
                    .containsExactly(0);
        }

        @Test
        void paintAndWhatIsSettled() {
            Workload.Step late = step("b", 60, 0).notBefore(2 * DAY + 9 * HOUR);
            assertThat(new Chain(load(ONE, flat("A", 1, late)), by(2 * DAY + 9 * HOUR)).of(0))
                    .containsExactly(new Link(0, Held.PAINT, -1, 2 * DAY + 9 * HOUR, 0));
            Workload.Step settled =
                    step("b", 60, 0).locked(new Workload.Lock.Wish(Optional.empty(), OptionalInt.of(10 * HOUR)));
            assertThat(new Chain(load(ONE, flat("A", 1, settled)), by(10 * HOUR)).of(0))
                    .containsExactly(new Link(0, Held.SETTLED, -1, 10 * HOUR, 0));
        }
    }

    @Nested
    class WhatMayBecomeOfIt {
        private final Workload load = load(
                ONE,
                flat("A", 1, step("fill", 60, 4 * HOUR), step("dab", 60, HOUR)),
                flat("B", 1, step("roll", 2 * HOUR, 4 * HOUR)));
        private final Plan plan = by(EIGHT, 13 * HOUR, 9 * HOUR);

        private Futures futures(double minutes, double drying) {
            return Futures.of(load, plan, Collections.nCopies(3, new Spread(minutes, drying)), 500, 3);
        }

        @Test
        void withoutSpreadItComesAsPlanned() {
            Futures sure = futures(0, 0);
            assertThat(sure.readyIn(0, 0.5)).isEqualTo(15 * HOUR);
            assertThat(sure.readyIn(1, 0.99)).isEqualTo(15 * HOUR);
            assertThat(sure.readyBy(0, 15 * HOUR)).isEqualTo(1);
            assertThat(sure.readyBy(0, 15 * HOUR - 1)).isZero();
        }

        @Test
        void theChanceOfALognormalWaitIsTheBooksOne() {
            Workload alone = load(ONE, flat("B", 1, step("roll", 60, 600)));
            Futures one = Futures.of(alone, by(EIGHT), List.of(new Spread(0, 0.3)), 20_000, 1);
            // dry after 600·e^(0.3 z) minutes: within 810 with the chance of z below 1
            assertThat(one.readyBy(0, EIGHT + 60 + 810)).isCloseTo(0.8413, within(0.01));
            assertThat(one.readyBy(0, EIGHT + 60 + 600)).isCloseTo(0.5, within(0.015));
        }

        @Test
        void moreSpreadReachesFurtherBothWays() {
            assertThat(futures(0.3, 0.3).readyIn(0, 0.8))
                    .isGreaterThan(futures(0.1, 0.1).readyIn(0, 0.8));
            assertThat(futures(0.3, 0.3).readyIn(0, 0.2))
                    .isLessThan(futures(0.1, 0.1).readyIn(0, 0.2))
                    .isLessThan(15 * HOUR);
        }

        private Futures ofTwo(Workload.Step second, int at) {
            Workload two = load(ONE, flat("A", 1, step("fill", 60, HOUR), second));
            return Futures.of(two, by(EIGHT, at), List.of(new Spread(0.5, 0.5), new Spread(0, 0)), 500, 3);
        }

        @Test
        void whoIsDoneEarlyGoesOnOnTheSameDayOnly() {
            assertThat(ofTwo(step("dab", 60, 0), 10 * HOUR).readyIn(0, 0.1)).isLessThan(11 * HOUR);
            assertThat(ofTwo(step("dab", 60, 0), DAY + EIGHT).readyIn(0, 0.1)).isEqualTo(DAY + 9 * HOUR);
        }

        /** Four hours have to be waited for between fill and dab. */
        @ParameterizedTest
        @CsvSource({"180, 12", "300, 19"})
        void whoHasToWaitDoesWhatFitsIn(int minutes, int doneHour) {
            Workload two = load(
                    List.of(painter("M", 1)),
                    flat("A", 1, step("fill", 60, 4 * HOUR), step("dab", 60, 0)),
                    flat("B", 1, step("roll", minutes, 0)));
            List<Spread> none = Collections.nCopies(3, new Spread(0, 0));
            Futures sure = Futures.of(two, by(EIGHT, 13 * HOUR, 14 * HOUR), none, 1, 3);
            assertThat(sure.readyIn(0, 1)).isEqualTo(14 * HOUR);
            assertThat(sure.readyIn(1, 1)).isEqualTo(doneHour * HOUR);
        }

        @Test
        void paintThatIsNotThereYetAndWhatIsSettledKeepTheirTime() {
            Workload.Step bought = step("dab", 60, 0).notBefore(10 * HOUR);
            Workload.Step settled =
                    step("dab", 60, 0).locked(new Workload.Lock.Wish(Optional.empty(), OptionalInt.of(10 * HOUR)));
            for (Workload.Step second : List.of(bought, settled)) {
                assertThat(ofTwo(second, 10 * HOUR).readyIn(0, 0.1)).isEqualTo(11 * HOUR);
            }
        }

        @Test
        void whatIsLateInOneFlatPushesTheNext() {
            List<Spread> onlyTheFill = List.of(new Spread(0.5, 0), new Spread(0, 0), new Spread(0, 0));
            Futures pushed = Futures.of(load, plan, onlyTheFill, 500, 3);
            assertThat(pushed.readyIn(1, 0.9)).isGreaterThan(15 * HOUR);
        }

        @Test
        void theSameSeedGivesTheSameChances() {
            assertThat(futures(0.3, 0.3).onTime(load))
                    .isEqualTo(futures(0.3, 0.3).onTime(load));
        }

        @Test
        void aSpreadHasItsRange() {
            assertThatThrownBy(() -> new Spread(3, 0)).hasMessageContaining("0–2");
        }
    }
}

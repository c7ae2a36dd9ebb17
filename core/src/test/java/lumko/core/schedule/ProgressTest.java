package lumko.core.schedule;

import static lumko.core.schedule.Small.AIR;
import static lumko.core.schedule.Small.BEAD;
import static lumko.core.schedule.Small.COAT;
import static lumko.core.schedule.Small.COAT_DRIES;
import static lumko.core.schedule.Small.minutes;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Limit;
import lumko.core.activity.Move;
import lumko.core.activity.Wait;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import lumko.core.schedule.Progress.Tick;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class ProgressTest {
    private static final Instant NOON = Instant.parse("2026-03-02T12:00:00Z");
    private static final Duration A_MOMENT = Duration.ofSeconds(1);

    private static Instant at(double minutesAfterNoon) {
        return NOON.plus(minutes(minutesAfterNoon));
    }

    private static Tick tick(double minutesAfterNoon) {
        return new Tick("jo", at(minutesAfterNoon), false);
    }

    private static Tick early(double minutesAfterNoon) {
        return new Tick("jo", at(minutesAfterNoon), true);
    }

    private static Progress progress(Small small, Map<String, Tick> ticks) {
        return new Progress(small.graph(), ticks, AIR);
    }

    @Nested
    class WhatAnActivityWaitsFor {
        private final Small twoCoats =
                new Small().wet("first", 10).wet("second", 10).dry("first", "second");

        @Test
        void isTheCoatBeforeUntilItIsDry() {
            Progress progress = progress(twoCoats, Map.of("first", tick(0)));

            Clock clock = progress.waitsFor("second", NOON).orElseThrow();
            assertThat(clock.activity()).isEqualTo("first");
            assertThat(clock.likely()).contains(NOON.plus(COAT_DRIES));
            assertThat(progress.waitsFor("second", NOON.plus(COAT_DRIES).minus(A_MOMENT)))
                    .isPresent();
            assertThat(progress.waitsFor("second", NOON.plus(COAT_DRIES))).isEmpty();
        }

        @Test
        void isNothingBeforeTheFirstIsTicked() {
            assertThat(progress(twoCoats, Map.of()).waitsFor("second", NOON)).isEmpty();
            assertThat(progress(twoCoats, Map.of("first", tick(0))).waitsFor("first", NOON))
                    .isEmpty();
        }

        @Test
        void isTheSlowestOfSeveral() {
            Small small = new Small()
                    .wet("coat", 1)
                    .activity(
                            "bead",
                            "s",
                            Move.of(ActivityKind.CAULK).hand(minutes(1)).leaves(BEAD))
                    .activity("paint", 1)
                    .edge("bead", "paint", Optional.of(new Wait(BEAD, Purpose.PAINT)), Optional.empty())
                    .dry("coat", "paint");
            Duration beadDries = AIR.likely(new Wait(BEAD, Purpose.PAINT));
            assertThat(beadDries).isNotEqualTo(COAT_DRIES);

            assertThat(progress(small, Map.of("coat", tick(0), "bead", tick(0))).waitsFor("paint", NOON))
                    .map(Clock::activity)
                    .contains(beadDries.compareTo(COAT_DRIES) > 0 ? "bead" : "coat");
        }

        @Test
        void isNothingMoreWhereSomebodyHasGoneOnOverIt() {
            Small small = new Small()
                    .wet("first", 10)
                    .wet("second", 10)
                    .wet("corner", 10)
                    .dry("first", "second")
                    .dry("first", "corner");

            assertThat(progress(small, Map.of("first", tick(0), "corner", early(5)))
                            .waitsFor("second", at(6)))
                    .isEmpty();
            assertThat(progress(small, Map.of("first", tick(0), "corner", tick(5)))
                            .waitsFor("second", at(6)))
                    .isPresent();
        }

        @Test
        void holdsUpACoatButNotTheStirringBeforeIt() {
            Small small = new Small()
                    .wet("first", 10)
                    .activity("stirring", "s", Move.of(ActivityKind.STIR).hand(minutes(8)))
                    .wet("second", 10)
                    .dry("first", "stirring")
                    .dry("first", "second");
            Progress progress = progress(small, Map.of("first", tick(0)));
            assertThat(progress.waitsFor("stirring", at(6))).isPresent();
            assertThat(progress.isHeldUp("stirring", at(6))).isFalse();
            assertThat(progress.isHeldUp("second", at(6))).isTrue();
            assertThat(progress.isHeldUp("second", NOON.plus(COAT_DRIES))).isFalse();
            // nor does it say anything of the coat
            assertThat(progress(small, Map.of("first", tick(0), "stirring", early(5)))
                            .isHeldUp("second", at(6)))
                    .isTrue();
        }

        @Test
        void isStillTheWallThatNobodyHasTouched() {
            Small small = new Small()
                    .wet("first", 10)
                    .wet("second", 10)
                    .activity("elsewhere", "t", Move.of(ActivityKind.ROLL).hand(minutes(1)))
                    .dry("first", "second")
                    .dry("first", "elsewhere");

            assertThat(progress(small, Map.of("first", tick(0), "elsewhere", early(5)))
                            .waitsFor("second", at(6)))
                    .isPresent();
        }

        @Test
        void itsOwnTickJudgesNothing() {
            assertThat(progress(twoCoats, Map.of("first", tick(0), "second", early(5)))
                            .waitsFor("second", at(6)))
                    .isPresent();
        }
    }

    @Nested
    class WhatCanBeBegun {
        private final Small twoCoatsAndASleeve = new Small()
                .wet("first", 10)
                .wet("second", 10)
                .activity("sleeve", 9)
                .dry("first", "second");

        @Test
        void isWhatComesNextOnceItIsDry() {
            assertThat(progress(twoCoatsAndASleeve, Map.of()).canBegin("first", NOON))
                    .isTrue();
            assertThat(progress(twoCoatsAndASleeve, Map.of()).canBegin("second", NOON))
                    .as("what comes before it is not done")
                    .isFalse();
            Progress progress = progress(twoCoatsAndASleeve, Map.of("first", tick(0)));
            assertThat(progress.canBegin("first", NOON)).as("done").isFalse();
            assertThat(progress.canBegin("second", NOON)).as("wet").isFalse();
            assertThat(progress.canBegin("second", NOON.plus(COAT_DRIES))).isTrue();
            assertThat(progress.canBegin("sleeve", NOON))
                    .as("has nothing to do with it")
                    .isTrue();
        }
    }

    @Nested
    class Clocks {
        @Test
        void startWithTheTickOfWhatLeavesSomethingWet() {
            Progress progress = progress(new Small().wet("coat", 1).activity("sand", 1), Map.of("coat", tick(3)));

            assertThat(progress.startedBy("coat"))
                    .map(clock -> clock.likely().orElseThrow())
                    .contains(at(3).plus(COAT_DRIES));
            assertThat(progress.startedBy("sand")).isEmpty();
            assertThat(progress.startedBy("unheard of")).isEmpty();
        }

        @Test
        void theLongestIsShownUntilEverythingIsDry() {
            Progress progress =
                    progress(new Small().wet("one", 1).wet("other", 1), Map.of("one", tick(0), "other", tick(20)));

            assertThat(progress.wetLongest(at(20))).map(Clock::activity).contains("other");
            assertThat(progress.wetLongest(at(20).plus(COAT_DRIES))).isEmpty();
        }

        @Test
        void knowWhyNothingDries() {
            Air frost = new Air(Climate.of(2, 60, Climate.Air.MOVING), Catalogue.starting());
            Clock never = new Clock(
                    "coat", new Wait(COAT, Purpose.RECOAT), NOON, frost.drying(new Wait(COAT, Purpose.RECOAT)));
            Clock dries =
                    new Clock("coat", new Wait(COAT, Purpose.RECOAT), NOON, AIR.drying(new Wait(COAT, Purpose.RECOAT)));

            assertThat(never.hindrance()).contains(DoesNotDry.Cause.TOO_COLD);
            assertThat(never.likely()).isEmpty();
            assertThat(never.safe()).isEmpty();
            assertThat(never.isWetAt(NOON.plus(Duration.ofDays(90)))).isTrue();
            assertThat(dries.hindrance()).isEmpty();
            assertThat(dries.safe().orElseThrow()).isAfter(dries.likely().orElseThrow());
            assertThat(never.isReadyAfter(dries)).isTrue();
            assertThat(dries.isReadyAfter(never)).isFalse();
            assertThat(never.isReadyAfter(never)).isFalse();
            assertThat(dries.isReadyAfter(dries)).isFalse();
        }
    }

    @Nested
    class TheLatestStart {
        @Test
        void isTheFirstThatRunsOut() {
            Small small = new Small()
                    .activity("cut", 1)
                    .activity("bag", 1)
                    .activity("roll", 1)
                    .within("cut", "roll", Limit.STRIP_OPEN)
                    .within("bag", "roll", Limit.BAGGED);

            assertThat(progress(small, Map.of("cut", tick(0), "bag", tick(1))).latest("roll"))
                    .contains(NOON.plus(AIR.time(Limit.STRIP_OPEN)));
            assertThat(progress(small, Map.of("bag", tick(1))).latest("roll"))
                    .contains(at(1).plus(AIR.time(Limit.BAGGED)));
            assertThat(progress(small, Map.of()).latest("roll")).isEmpty();
        }
    }

    @Nested
    class TheTimeTaken {
        private final Small small =
                new Small().wet("a", 10).activity("b", 10).activity("c", 10).dry("a", "c");

        @Test
        void isFromThePersonsTickBefore() {
            assertThat(progress(small, Map.of("a", tick(0), "b", tick(12))).taken())
                    .containsExactly(Map.entry("b", minutes(12)));
        }

        @Test
        void isNotFromSomebodyElsesTick() {
            assertThat(progress(small, Map.of("a", tick(0), "b", new Tick("kim", at(12), false)))
                            .taken())
                    .isEmpty();
        }

        @Test
        void beginsWhenThePlaceWasDryIfThatWasLater() {
            Instant done = NOON.plus(COAT_DRIES).plus(minutes(7));

            assertThat(progress(small, Map.of("a", tick(0), "b", tick(5), "c", new Tick("jo", done, false)))
                            .taken())
                    .containsEntry("c", minutes(7));
        }

        @Test
        void isUnknownForWhatWasTickedTogether() {
            assertThat(progress(small, Map.of("a", tick(0), "b", tick(20 / 60.0)))
                            .taken())
                    .isEmpty();
            assertThat(progress(small, Map.of("a", tick(0), "b", tick(21 / 60.0)))
                            .taken())
                    .containsKey("b");
        }

        /** Ten minutes planned: three times as much and half an hour more is an hour. */
        @Test
        void isUnknownWhereABreakLayInBetween() {
            assertThat(progress(small, Map.of("a", tick(0), "b", tick(60))).taken())
                    .containsKey("b");
            assertThat(progress(small, Map.of("a", tick(0), "b", tick(60.1))).taken())
                    .isEmpty();
        }

        @Test
        void ofWhatIsNoLongerInTheJobIsNotTold() {
            assertThat(progress(small, Map.of("gone", tick(0), "b", tick(5))).taken())
                    .isEmpty();
        }
    }
}

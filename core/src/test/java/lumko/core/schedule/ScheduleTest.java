package lumko.core.schedule;

import static lumko.core.schedule.Small.AIR;
import static lumko.core.schedule.Small.COAT;
import static lumko.core.schedule.Small.COAT_DRIES;
import static lumko.core.schedule.Small.minutes;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Limit;
import lumko.core.activity.Move;
import lumko.core.activity.Precedence;
import lumko.core.activity.Standing;
import lumko.core.activity.Wait;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import org.junit.jupiter.api.Test;

class ScheduleTest {
    private static Schedule alone(Small small) {
        return Schedule.of(small.graph(), 1, AIR);
    }

    private static List<String> order(Schedule schedule) {
        return schedule.entries().stream().map(entry -> entry.activity().id()).toList();
    }

    private static Schedule.Entry entry(Schedule schedule, String id) {
        return schedule.entry(id).orElseThrow();
    }

    @Test
    void onePersonTakesThemOneAfterTheOther() {
        Schedule schedule = alone(new Small().activity("a", 10).activity("b", 5));

        assertThat(order(schedule)).containsExactly("a", "b");
        assertThat(entry(schedule, "b").start()).isEqualTo(minutes(10));
        assertThat(entry(schedule, "b").end()).isEqualTo(minutes(15));
        assertThat(schedule.handsEnd()).isEqualTo(minutes(15));
        assertThat(schedule.dryAt()).isEqualTo(minutes(15));
    }

    @Test
    void whatComesBeforeIsDoneFirst() {
        Schedule schedule = alone(new Small().activity("a", 10).activity("b", 5).then("b", "a"));

        assertThat(order(schedule)).containsExactly("b", "a");
    }

    @Test
    void whileOneCoatDriesTheHandsGoOnElsewhere() {
        Schedule schedule = alone(new Small()
                .wet("first", 10)
                .wet("second", 10)
                .activity("other", 30)
                .dry("first", "second"));

        assertThat(order(schedule)).containsExactly("first", "other", "second");
        assertThat(entry(schedule, "other").waited()).isZero();
        assertThat(entry(schedule, "other").heldBy()).isEmpty();
        Schedule.Entry second = entry(schedule, "second");
        assertThat(second.start()).isEqualTo(minutes(10).plus(COAT_DRIES));
        assertThat(second.waited()).isEqualTo(COAT_DRIES.minus(minutes(30)));
        assertThat(second.heldBy()).map(Precedence::from).contains("first");
        assertThat(schedule.handsEnd()).isEqualTo(minutes(20).plus(COAT_DRIES));
        assertThat(schedule.dryAt()).isEqualTo(minutes(20).plus(COAT_DRIES.multipliedBy(2)));
    }

    @Test
    void whatTheHandsStandStillForLongestHoldsTheJobUp() {
        Schedule schedule = alone(new Small()
                .wet("first", 10)
                .wet("second", 10)
                .activity("third", 10)
                .dry("first", "second")
                .dry("second", "third"));

        assertThat(schedule.longestWait())
                .map(entry -> entry.activity().id())
                .hasValueSatisfying(id -> assertThat(id).isIn("second", "third"));
        assertThat(alone(new Small().activity("a", 10).activity("b", 5).then("a", "b"))
                        .longestWait())
                .isEmpty();
        // the hands are busy elsewhere for half of it
        Schedule busy = alone(new Small()
                .wet("first", 10)
                .wet("second", 10)
                .activity("other", 120)
                .activity("third", 10)
                .dry("first", "second")
                .dry("second", "third"));
        assertThat(busy.longestWait()).map(entry -> entry.activity().id()).contains("third");
    }

    @Test
    void ofWhatIsNotReadyTheSoonestIsWaitedFor() {
        Schedule schedule = alone(new Small()
                .wet("a", 10)
                .wet("b", 10)
                .activity("b2", 1)
                .activity("a2", 1)
                .dry("a", "a2")
                .dry("b", "b2"));

        assertThat(order(schedule)).containsExactly("a", "b", "a2", "b2");
    }

    @Test
    void twoPeopleShareTheWork() {
        Small small = new Small().activity("a", 10).activity("b", 20).activity("c", 5);
        Schedule schedule = Schedule.of(small.graph(), 2, AIR);

        assertThat(entry(schedule, "a").person()).isZero();
        assertThat(entry(schedule, "b").person()).isEqualTo(1);
        assertThat(entry(schedule, "c").person()).isZero();
        assertThat(entry(schedule, "c").start()).isEqualTo(minutes(10));
        assertThat(schedule.handsEnd()).isEqualTo(minutes(20));
    }

    @Test
    void nobodyIsAsGoodAsOne() {
        Small small = new Small().activity("a", 10).activity("b", 20);

        assertThat(Schedule.of(small.graph(), 0, AIR)).isEqualTo(alone(small));
    }

    @Test
    void placesCanBeTakenUpLongerThanTheHand() {
        Move soaking = Move.of(ActivityKind.STRIP_PAPER).hand(minutes(10)).lasts(minutes(40));
        Schedule schedule = alone(new Small()
                .activity("soak", "s", soaking)
                .activity("next", 5)
                .activity("other", 5)
                .then("soak", "next"));

        assertThat(entry(schedule, "other").start()).isEqualTo(minutes(10));
        assertThat(entry(schedule, "next").start()).isEqualTo(minutes(40));
        assertThat(entry(schedule, "next").waited()).isEqualTo(minutes(25));
    }

    @Test
    void whatRunsOutSoonGoesBeforeTheOrder() {
        Duration open = AIR.time(Limit.STRIP_OPEN);
        Schedule schedule = alone(new Small()
                .activity("cut", 5)
                .activity("other", 5)
                .activity("roll", 5)
                .within("cut", "roll", Limit.STRIP_OPEN));

        assertThat(order(schedule)).containsExactly("cut", "roll", "other");
        assertThat(entry(schedule, "roll").latest()).contains(minutes(5).plus(open));
        assertThat(entry(schedule, "roll").isTooLate()).isFalse();
        assertThat(entry(schedule, "other").latest()).isEmpty();
    }

    @Test
    void whatRunsOutNextDayKeepsItsPlace() {
        Schedule schedule = alone(new Small()
                .activity("bag", 5)
                .activity("other", 5)
                .activity("again", 5)
                .within("bag", "again", Limit.BAGGED));

        assertThat(order(schedule)).containsExactly("bag", "other", "again");
    }

    @Test
    void ofTwoThatRunOutTheSoonerGoesFirst() {
        Schedule schedule = alone(new Small()
                .activity("early", 5)
                .activity("late", 5)
                .activity("afterLate", 5)
                .activity("afterEarly", 5)
                .within("early", "afterEarly", Limit.TAPE_WET)
                .within("late", "afterLate", Limit.TAPE_WET)
                .then("late", "afterEarly"));

        assertThat(order(schedule)).containsExactly("early", "late", "afterEarly", "afterLate");
    }

    @Test
    void aStartAfterTheEdgeHasSetIsTooLate() {
        Schedule schedule = alone(new Small()
                .wet("first", 5)
                .activity("roll", 5)
                .edge("first", "roll", Optional.of(new Wait(COAT, Purpose.RECOAT)), Optional.of(Limit.STRIP_OPEN)));

        assertThat(entry(schedule, "roll").isTooLate()).isTrue();
    }

    @Test
    void whatIsDoneIsNotPlannedButStillDries() {
        WorkGraph graph = new Small()
                .wet("first", 10)
                .activity("second", 10)
                .dry("first", "second")
                .graph();
        Schedule schedule = Schedule.of(graph, Map.of("first", minutes(60)), 1, AIR, WorkingHours.ALWAYS);

        assertThat(order(schedule)).containsExactly("second");
        assertThat(entry(schedule, "second").start()).isEqualTo(COAT_DRIES.minus(minutes(60)));
    }

    @Test
    void aCoatOfLastWeekStillHolds() {
        Standing coat = new Standing("r", "s", COAT, Duration.ofHours(1), Standing.NextCoat.ONCE_CURED);
        Schedule schedule =
                alone(new Small().standing(coat).activity("roll", 10).dry(coat.id(), "roll"));

        assertThat(entry(schedule, "roll").start()).isEqualTo(COAT_DRIES.minusHours(1));
    }

    /** At 15:30 on a Thursday, half an hour before the end of the shift. */
    private static Schedule late(Small small) {
        WorkingHours hours =
                WorkingHours.of(Catalogue.starting(), ZonedDateTime.parse("2026-11-26T15:30+01:00[Europe/Vienna]"));
        return Schedule.of(small.graph(), Map.of(), 1, AIR, hours);
    }

    @Test
    void whatStillFitsIntoTheShiftGoesBeforeWhatDoesNot() {
        Schedule schedule = late(new Small().activity("long", 40).activity("short", 20));

        assertThat(order(schedule)).containsExactly("short", "long");
        assertThat(entry(schedule, "long").start()).isEqualTo(Duration.ofHours(16));
        assertThat(entry(schedule, "long").waited()).isZero();
    }

    @Test
    void aCoatDriesThroughTheNight() {
        Schedule schedule =
                late(new Small().wet("first", 20).activity("second", 10).dry("first", "second"));

        assertThat(entry(schedule, "second").start()).isEqualTo(Duration.ofHours(16));
        assertThat(entry(schedule, "second").waited()).isEqualTo(minutes(10));
    }

    @Test
    void activitiesThatWaitForEachOtherAreNoJob() {
        Small small =
                new Small().activity("a", 1).activity("b", 1).then("a", "b").then("b", "a");

        assertThatThrownBy(() -> alone(small)).hasMessage("the activities of the job wait for each other");
    }

    @Test
    void nothingToDoTakesNoTime() {
        Schedule schedule = Schedule.of(WorkGraph.NONE, 1, AIR);

        assertThat(schedule.handsEnd()).isZero();
        assertThat(schedule.dryAt()).isZero();
        assertThat(schedule.entry("a")).isEmpty();
    }
}

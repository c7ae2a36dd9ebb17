package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;
import static lumko.core.job.Given.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Precedence;
import lumko.core.activity.Site;
import lumko.core.activity.Tool;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Figure;
import lumko.core.geometry.Box;
import lumko.core.geometry.Ends;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Spot;
import lumko.core.geometry.StairLine;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;
import org.assertj.core.api.ThrowableAssert;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobPlannerTest {
    private static final Offset<Double> CLOSE = Offset.offset(0.02);
    private static final Set<ActivityKind> COATS = EnumSet.of(ROLL, ROLL_AGAIN, ROLL_FURTHER, DAB, FEATHER);

    private static Fitting socket() {
        return new Fitting(Fitting.Kind.SOCKET, Box.ofMillimetres(1000, 300, 80, 80));
    }

    private static WorkGraph plan(Action action, Site site, Mark... marks) {
        return Given.plan(Practice.STARTING, job(site, wall("a", plainWall(), action, marks)));
    }

    @Test
    void dabbingThreeNailsInTheOrderOfTheTrade() {
        WorkGraph work = plan(Action.DAB, NEW_HOUSE, nail(500, 1500), nail(900, 1500), nail(1300, 1500));
        assertThat(kinds(work))
                .containsExactly(
                        SET_UP,
                        PROTECT_FLOOR,
                        MAKE_SOUND,
                        FILL,
                        SAND,
                        DUST_OFF,
                        SET_OUT_TOUCH_UP,
                        FIRST_DAB,
                        DAB,
                        WASH_TOOLS,
                        INSPECT,
                        PACK_UP);
        // 3 × 0.8, 3 × 1.5 with the folded edge, 3 × 1.0, set out once
        assertThat(minutes(work, FILL)).isCloseTo(2.4, CLOSE);
        assertThat(minutes(work, SAND)).isCloseTo(4.5, CLOSE);
        assertThat(minutes(work, DAB)).isCloseTo(3.0, CLOSE);
        assertThat(minutes(work, SET_OUT_TOUCH_UP)).isCloseTo(8, CLOSE);
        // half a square metre of sheet below each, a quarter wiped round each, at 0.4
        assertThat(one(work, PROTECT_FLOOR).area()).isEqualTo(Area.ofSquareMetres(1.5));
        assertThat(minutes(work, DUST_OFF)).isCloseTo(0.3, CLOSE);
        assertThat(one(work, SAND).tools()).contains(Tool.FOLDED_FINE_PAPER, Tool.HALF_MASK);
    }

    /** What was stirred when the flat was opened has settled by the time the filler is dry. */
    @Test
    void aPaintIsStirredWhenItsFirstCoatCanGoOn() {
        WorkGraph work = plan(Action.ROLL, NEW_HOUSE, at(FaultKind.ANCHOR, 500, 1500));
        Schedule schedule = Schedule.of(work, 1, new Air(Climate.REFERENCE, FIGURES));

        Schedule.Entry stir = schedule.entry(one(work, STIR).id()).orElseThrow();
        assertThat(stir.heldBy().flatMap(Precedence::drying)).isPresent();
        assertThat(schedule.entry(one(work, CUT_IN).id()).orElseThrow().start()).isEqualTo(stir.end());
    }

    /** A mist coat is the paint itself, thinned; some houses seal filler with it, thinned or not. */
    @Test
    void whatIsThinnedOrBrushedOnFirstIsStirredBefore() {
        Face plaster = wall("a", bare(Substrate.SKIM_PLASTER), again("oat")).with(Action.ROLL);
        assertThat(kinds(Given.plan(plaster))).containsSubsequence(PREPARE_SLEEVE, STIR, MIST_COAT, CUT_IN);
        Face filled = wall("a", plainWall(), Action.ROLL, at(FaultKind.ANCHOR, 500, 1500));
        for (School school : List.of(School.SEAL_WITH_THINNED_PAINT, School.SEAL_WITH_BRUSHED_COAT)) {
            assertThat(kinds(Given.plan(practice(school), job(NEW_HOUSE, filled))))
                    .as(school.name())
                    .containsSubsequence(FILL, STIR, SPOT_PRIME, CUT_IN);
        }
        assertThat(kinds(Given.plan(filled))).containsSubsequence(FILL, SPOT_PRIME, STIR, CUT_IN);
    }

    @Test
    void whereOneRoomIsReadySoonerItDoesNotWaitForTheOther() {
        Face filled = wall("a", plainWall(), Action.ROLL, at(FaultKind.ANCHOR, 500, 1500));
        Face sound = Face.wall("b", "s", plainWall(), painted("oat", MATT, 3), again("oat"), List.of())
                .with(Action.ROLL);
        Room other = new Room("s", room().kind(), Set.of(), Room.Floor.HARD, Optional.empty());
        WorkGraph work = new JobPlanner(FIGURES, Practice.STARTING)
                .plan(Job.of(List.of(room(), other), List.of(filled, sound), NEW_HOUSE))
                .by(Work.View.ROOM);

        Map<String, Activity> byId = work.activities().stream().collect(Collectors.toMap(Activity::id, each -> each));
        List<Activity> before = work.precedences().stream()
                .filter(each -> each.to().equals(one(work, STIR).id()))
                .map(each -> byId.get(each.from()))
                .toList();
        assertThat(before).extracting(Activity::kind).contains(KEY_SAND).doesNotContain(FILL, SPOT_PRIME);
        assertThat(before)
                .noneMatch(each -> each.rooms()
                        .equals(one(plan(Action.ROLL, NEW_HOUSE), KEY_SAND).rooms()));
    }

    @Test
    void rollingAWallByHandArithmetic() {
        WorkGraph work = plan(Action.ROLL, NEW_HOUSE, nail(500, 1500));
        assertThat(kinds(work))
                .containsSubsequence(
                        PROTECT_FLOOR,
                        FILL,
                        SAND,
                        KEY_SAND,
                        DUST_OFF,
                        SPOT_PRIME,
                        PREPARE_SLEEVE,
                        STIR,
                        CUT_IN,
                        ROLL,
                        LOOK_FOR_MISSES,
                        CUT_IN_AGAIN,
                        ROLL_AGAIN,
                        INSPECT);
        assertThat(minutes(work, SAND)).isCloseTo(0.5, CLOSE);
        assertThat(minutes(work, KEY_SAND)).isCloseTo(10 * 0.8, CLOSE);
        assertThat(minutes(work, DUST_OFF)).isCloseTo(4, CLOSE);
        assertThat(minutes(work, SPOT_PRIME)).isCloseTo(8, CLOSE);
        assertThat(minutes(work, CUT_IN)).isCloseTo(13, CLOSE);
        assertThat(minutes(work, CUT_IN_AGAIN)).isCloseTo(3.9, CLOSE);
        assertThat(minutes(work, ROLL)).isCloseTo(13, CLOSE);
        assertThat(minutes(work, STIR)).isCloseTo(7.5, CLOSE);
        // a sheet a metre wide along 4 m, and tape along its edge
        assertThat(one(work, PROTECT_FLOOR).area()).isEqualTo(Area.ofSquareMetres(4));
        assertThat(minutes(work, PROTECT_FLOOR)).isCloseTo(4 + 4 * 0.5, CLOSE);
        // two coats of 10 m² at 10 m²/L with 3 % brush and 2 % tin, and 0.15 L in the roller
        assertThat(work.volume(Material.WALL_PAINT).inLitres()).isCloseTo(2 * 1.05 + 0.15, Offset.offset(1e-9));
        // of which the strip of 13 m by 50 mm by brush
        assertThat(one(work, CUT_IN).volume(Material.WALL_PAINT).inLitres())
                .isCloseTo(0.065 * 1.05, Offset.offset(1e-9));
    }

    @Test
    void textureTakesMorePaint() {
        Wall rough = new Wall(Length.ofMetres(4), Length.ofMetres(2.5), Texture.HEAVY, List.of(), List.of());
        WorkGraph work = Given.plan(wall("a", rough, Action.ROLL, nail(500, 1500)));
        assertThat(work.volume(Material.WALL_PAINT).inLitres()).isCloseTo(2 * 1.05 * 1.3 + 0.15, Offset.offset(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "2, 2", "3, 3", "4, 4"})
    void asManyCoatsAsTheOrganisationRolls(double figure, int rolled) {
        WorkGraph work = new JobPlanner(FIGURES.with(Figure.ROLLED_COATS, figure))
                .plan(job(NEW_HOUSE, wall("a", plainWall(), Action.ROLL, nail(500, 1500))))
                .by(Work.View.FLAT);
        assertThat(work.activities())
                .filteredOn(one -> COATS.contains(one.kind()))
                .hasSize(rolled);
    }

    @Test
    void aWallThatIsLeftTakesNothing() {
        assertThat(new JobPlanner(FIGURES)
                        .plan(job(NEW_HOUSE, wall("a", plainWall(), Action.LEAVE, nail(500, 1500))))
                        .isEmpty())
                .isTrue();
    }

    @Test
    void skimmingTakesTwoCoatsAndAPrimer() {
        WorkGraph work = plan(Action.SKIM_AND_ROLL, NEW_HOUSE, nail(500, 1500));
        assertThat(kinds(work))
                .containsSubsequence(SKIM, SKIM_AGAIN, SAND, PRIME_WALL, SAND_PRIMER, ROLL, FILL_WHAT_SHOWS, ROLL_AGAIN)
                .doesNotContain(SPOT_PRIME, KEY_SAND);
        assertThat(minutes(work, ActivityKind.SKIM)).isCloseTo(60, CLOSE);
        assertThat(minutes(work, SKIM_AGAIN)).isCloseTo(40, CLOSE);
        // 10 m² under 0.6 and 0.3 mm, 15 % of which shrinks away
        assertThat(work.volume(Material.DRYING_COMPOUND).inLitres()).isCloseTo(9 / 0.85, Offset.offset(1e-9));
        // 10 m² at 7 m²/L
        assertThat(work.volume(Material.PRIMER).inLitres()).isCloseTo(10 / 7.0, Offset.offset(1e-9));
        // the first coat goes on primer: 8.5 m²/L, the second 10
        assertThat(work.volume(Material.WALL_PAINT).inLitres())
                .isCloseTo((10 / 8.5 + 1) * 1.05 + 0.15, Offset.offset(1e-9));
    }

    @Nested
    class WhatCanHurt {
        @Test
        void inAnOldHouseNothingIsSandedDry() {
            WorkGraph work = plan(Action.ROLL, OLD_HOUSE, nail(500, 1500));
            assertThat(kinds(work)).contains(SPONGE_LEVEL).doesNotContain(SAND);
            for (ActivityKind kind : List.of(SPONGE_LEVEL, KEY_SAND)) {
                assertThat(one(work, kind).cautions()).contains(Caution.LEAD).doesNotContain(Caution.DUST);
                assertThat(one(work, kind).wet()).isNotEmpty();
                assertThat(one(work, kind).tools()).doesNotContain(Tool.BLOCK_AND_PAPER, Tool.POWER_SANDER);
            }
            assertThat(one(work, KEY_SAND).tools()).contains(Tool.WET_PAPER);
        }

        @ParameterizedTest
        @CsvSource({"1979, true", "1980, false"})
        void leadByTheYearOfTheHouse(int year, boolean lead) {
            WorkGraph work = plan(Action.DAB, new Site(year, false), nail(500, 1500));
            assertThat(one(work, MAKE_SOUND).cautions().contains(Caution.LEAD)).isEqualTo(lead);
        }

        @ParameterizedTest
        @CsvSource({"1976, true, true", "1976, false, false", "2000, true, false"})
        void asbestosWhereOldTextureMayHoldIt(int year, boolean textured, boolean asbestos) {
            WorkGraph work = plan(Action.DAB, new Site(year, textured), nail(500, 1500));
            assertThat(one(work, MAKE_SOUND).cautions().contains(Caution.ASBESTOS))
                    .isEqualTo(asbestos);
        }

        @ParameterizedTest
        @CsvSource({"1230, true", "1231, false"})
        void aPlateNearAMarkComesOffWithItsSupplyOff(double left, boolean near) {
            WorkGraph work = Given.plan(wall("a", plainWall(socket()), Action.DAB, nail(left, 340)));
            assertThat(kinds(work).contains(PLATES_OFF)).isEqualTo(near);
            if (near) {
                assertThat(one(work, PLATES_OFF).cautions()).containsExactly(Caution.ELECTRICITY);
                assertThat(one(work, PLATES_OFF).tools()).contains(Tool.VOLTAGE_TESTER);
                assertThat(kinds(work)).containsSubsequence(PLATES_OFF, DAB, PLATES_BACK);
            }
        }

        @Test
        void allPlatesComeOffAWallThatIsRolled() {
            Fitting rail = new Fitting(Fitting.Kind.RAIL, Box.ofMillimetres(2000, 1200, 600, 60));
            WorkGraph work = Given.plan(wall("a", plainWall(socket(), rail), Action.ROLL, nail(3500, 1500)));
            assertThat(one(work, PLATES_OFF).count()).isEqualTo(1);
            assertThat(one(work, FITTINGS_OFF).count()).isEqualTo(1);
            assertThat(minutes(work, PLATES_OFF)).isCloseTo(1.5, CLOSE);
            assertThat(minutes(work, PLATES_BACK)).isCloseTo(2, CLOSE);
            assertThat(minutes(work, FITTINGS_OFF, FITTINGS_BACK)).isCloseTo(12, CLOSE);
        }

        @ParameterizedTest
        @CsvSource({"1990, false", "2010, true"})
        void aPlatformBeyondTheReachOfTheHand(double up, boolean ladder) {
            WorkGraph work = plan(Action.DAB, NEW_HOUSE, nail(500, up));
            assertThat(one(work, DAB).cautions().contains(Caution.LADDER)).isEqualTo(ladder);
            assertThat(one(work, DAB).tools().contains(Tool.PLATFORM)).isEqualTo(ladder);
        }

        /** A flight along the wall: where one stands climbs with it, and nothing stands level. */
        @ParameterizedTest
        @CsvSource({"500, 1900, false", "500, 2100, true", "3500, 3300, false", "3500, 3500, true"})
        void overStairsItCountsFromWhereOneStands(double left, double up, boolean ladder) {
            Wall wall = new Wall(
                    Length.ofMetres(4),
                    Length.ofMetres(5),
                    Texture.SMOOTH,
                    List.of(),
                    List.of(),
                    Ends.over(
                            new StairLine(Length.ZERO, Length.ofMetres(1.4), Length.ofMetres(1), Length.ofMetres(3))));
            WorkGraph dabbed = Given.plan(wall("a", wall, Action.DAB, nail(left, up)));
            assertThat(one(dabbed, DAB).cautions().contains(Caution.LADDER)).isEqualTo(ladder);
            assertThat(one(dabbed, DAB).cautions().contains(Caution.STAIRS)).isEqualTo(ladder);
            assertThat(one(dabbed, FILL).cautions().contains(Caution.STAIRS)).isEqualTo(ladder);
            WorkGraph rolled = Given.plan(wall("a", wall, Action.ROLL));
            assertThat(one(rolled, CUT_IN).cautions()).contains(Caution.LADDER, Caution.STAIRS);
            assertThat(one(rolled, ROLL).cautions()).contains(Caution.STAIRS);
            assertThat(one(rolled, WASH_TOOLS).cautions()).doesNotContain(Caution.STAIRS);
            // along the string it is longer than the floor
            assertThat(one(rolled, CUT_IN).edge().inMetres())
                    .isCloseTo(4 + 5 + (5 - 1.4) + 2 + Math.hypot(2, 1.4), CLOSE);
        }

        @Test
        void washingToolsIsNotWorkingHigh() {
            WorkGraph work = Given.plan(wall("a", plainWall(), Action.ROLL), ceiling("c"));
            assertThat(one(work, WASH_TOOLS).cautions()).containsExactly(Caution.DRAINS);
            assertThat(one(work, CUT_CEILING).cautions()).contains(Caution.LADDER);
            assertThat(one(work, ROLL_CEILING).cautions()).contains(Caution.SPLASHES);
        }

        @Test
        void drySandingAlwaysCarriesTheMask() {
            WorkGraph work = plan(Action.DAB, NEW_HOUSE, nail(500, 1500));
            assertThat(one(work, SAND).cautions()).contains(Caution.DUST);
            assertThat(one(work, SAND).tools()).contains(Tool.HALF_MASK);
        }
    }

    @Nested
    class Merged {
        private WorkGraph two(String paintOfSecond) {
            Face second = Face.wall(
                            "b",
                            "r",
                            plainWall(),
                            painted(paintOfSecond, MATT, 3),
                            again(paintOfSecond),
                            places("b", nail(500, 1500), at(FaultKind.ANCHOR, 2000, 1500)))
                    .with(Action.DAB);
            return Given.plan(wall("a", plainWall(), Action.DAB, nail(500, 1500)), second);
        }

        @Test
        void toolsComeOutOnceForWallsInOnePaint() {
            WorkGraph work = two("oat");
            assertThat(kinds(work)).doesNotHaveDuplicates();
            Activity dab = one(work, DAB);
            assertThat(dab.surfaces()).containsExactly("a", "b");
            assertThat(dab.places()).containsExactly("a-0", "b-0", "b-1");
            assertThat(dab.count()).isEqualTo(3);
            assertThat(minutes(work, SET_OUT_TOUCH_UP)).isCloseTo(8, CLOSE);
            // the small tools are loaded once: 30 ml, and what goes on the spots
            assertThat(one(work, SET_OUT_TOUCH_UP).volume(Material.WALL_PAINT).inMillilitres())
                    .isCloseTo(30, Offset.offset(1e-9));
        }

        @Test
        void anotherPaintIsAnotherTouchUpButTheSameFilling() {
            WorkGraph work = two("slate");
            assertThat(kinds(work)).filteredOn(kind -> kind == DAB).hasSize(2);
            assertThat(kinds(work)).filteredOn(kind -> kind == FILL).hasSize(1);
            assertThat(kinds(work)).containsSubsequence(SET_OUT_TOUCH_UP, FIRST_DAB, SET_OUT_TOUCH_UP, FIRST_DAB);
        }

        @Test
        void togetherIsNeverMoreThanEachAlone() {
            Random random = new Random(11);
            for (int n = 0; n < 200; n++) {
                Face one = random("a", random);
                Face other = random("b", random);
                long together = Given.plan(one, other).hand().toSeconds();
                long alone = Given.plan(one).hand().toSeconds()
                        + Given.plan(other).hand().toSeconds();
                assertThat(together).isLessThanOrEqualTo(alone);
            }
        }

        @Test
        void everyViewIsTheSameWork() {
            Random random = new Random(7);
            for (int n = 0; n < 50; n++) {
                Work work = new JobPlanner(FIGURES).plan(job(NEW_HOUSE, random("a", random), random("b", random)));
                WorkGraph finest = work.by(Work.View.PLACE);
                for (Work.View view : Work.View.values()) {
                    WorkGraph merged = work.by(view);
                    assertThat(merged.hand()).isEqualTo(finest.hand());
                    assertThat(merged.paint().inLitres())
                            .isCloseTo(finest.paint().inLitres(), Offset.offset(1e-9));
                    assertThat(merged.activities().size())
                            .isLessThanOrEqualTo(finest.activities().size());
                    assertThat(merged.activities()).extracting(Activity::id).doesNotHaveDuplicates();
                }
            }
        }
    }

    private static Face random(String key, Random random) {
        List<Mark> marks = new ArrayList<>();
        int count = 1 + random.nextInt(8);
        for (int n = 0; n < count; n++) {
            FaultKind kind = FaultKind.values()[random.nextInt(FaultKind.values().length)];
            marks.add(at(kind, 4000 * random.nextDouble(), 2500 * random.nextDouble()));
        }
        Action[] actions = {Action.DAB, Action.FEATHER, Action.ROLL, Action.SKIM_AND_ROLL};
        return wall(key, plainWall(), actions[random.nextInt(4)], marks.toArray(Mark[]::new));
    }

    @Test
    void everyFillingIsFollowedByLevellingAndPaint() {
        Random random = new Random(13);
        for (int n = 0; n < 300; n++) {
            Job job = job(n % 2 == 0 ? NEW_HOUSE : OLD_HOUSE, random("a", random));
            List<ActivityKind> kinds = kinds(Given.plan(Practice.STARTING, job));
            assertThat(kinds.getFirst()).isEqualTo(SET_UP);
            assertThat(kinds.getLast()).isEqualTo(PACK_UP);
            if (kinds.contains(FILL)) {
                int levelled = Math.max(kinds.indexOf(SAND), kinds.indexOf(SPONGE_LEVEL));
                assertThat(levelled).isGreaterThan(kinds.indexOf(FILL));
                assertThat(kinds.subList(levelled, kinds.size())).anyMatch(COATS::contains);
            }
        }
    }

    @Test
    void timeUntilDryCountsHandsAndWaits() {
        WorkGraph work = plan(Action.DAB, NEW_HOUSE, nail(500, 1500));
        Schedule schedule = Schedule.of(work, 1, new Air(Climate.REFERENCE, FIGURES));
        // filler, first dab, dab; set up, cover, pull and fill, sand, dust, set out, dab twice; the brush dries
        // meanwhile
        double waits = 0.75 + 3 + 3;
        double hands = 20 + 0.5 + 0.3 + 0.8 + 1.5 + 0.1 + 8 + 1 + 1;
        // what can be done while the filler dries is done then
        double meanwhile = 8;
        assertThat(Times.inHours(schedule.dryAt())).isCloseTo(waits + (hands - meanwhile) / 60, Offset.offset(0.15));
    }

    @Test
    void aStainIsBlockedBeforeAnythingGoesOverIt() {
        Mark stain = new Mark(Spot.ofMillimetres(2000, 2000), FaultKind.STAIN.of(Measures.ofMillimetres(1000, 500, 0)));
        WorkGraph work = plan(Action.ROLL, NEW_HOUSE, stain);
        assertThat(kinds(work)).containsSubsequence(BLOCK_STAIN, CUT_IN);
        assertThat(work.volume(Material.STAIN_BLOCK).inLitres()).isCloseTo(0.5 / 8.5, Offset.offset(1e-9));
        assertThat(one(work, BLOCK_STAIN).cautions()).contains(Caution.SOLVENT);
    }

    @Nested
    class Done {
        @Test
        void whatWasDoneBeforeIsNotPlannedAgain() {
            Face wall = wall("a", plainWall(), Action.ROLL, nail(500, 1500));
            Job job = new Job(List.of(room()), List.of(wall), NEW_HOUSE, 1, Set.of(MAKE_SOUND, FILL), Optional.empty());
            assertThat(kinds(Given.plan(Practice.STARTING, job)))
                    .doesNotContain(MAKE_SOUND, FILL)
                    .contains(SAND);
        }

        @Test
        void faultsFoundAfterTheFirstCoatAddTheirRepairAndNothingElse() {
            Job job = job(NEW_HOUSE, wall("a", plainWall(), Action.ROLL, nail(500, 1500)));
            assertThat(kinds(new JobPlanner(FIGURES).addition(job).by(Work.View.ROOM)))
                    .containsExactly(MAKE_SOUND, FILL, SAND, DUST_OFF, SPOT_PRIME);
        }

        @Test
        void whatIsJoinedGoesBeforeTheCoatsThatAreStillToComeAndWaitsForTheOneThatIsOn() {
            JobPlanner planner = new JobPlanner(FIGURES);
            WorkGraph underWay = planner.plan(job(NEW_HOUSE, wall("a", plainWall(), Action.ROLL, nail(500, 1500))))
                    .by(Work.View.SURFACE);
            Activity roll = one(underWay, ROLL);
            Set<String> done = Set.of(roll.id(), one(underWay, CUT_IN).id());
            WorkGraph more = planner.addition(job(NEW_HOUSE, wall("a", plainWall(), Action.ROLL, nail(900, 1500))))
                    .by(Work.View.ROOM);
            WorkGraph joined = planner.joined(underWay, done, more);
            Activity primed = one(more, SPOT_PRIME);
            assertThat(joined.precedences())
                    .anySatisfy(each -> {
                        assertThat(each.from()).isEqualTo(primed.id());
                        assertThat(each.to())
                                .isEqualTo(one(underWay, ROLL_AGAIN).id());
                        assertThat(each.drying()).isPresent();
                    })
                    .anySatisfy(each -> {
                        assertThat(each.from()).isEqualTo(roll.id());
                        assertThat(each.to()).isEqualTo(one(more, FILL).id());
                        assertThat(each.drying()).isPresent();
                    })
                    .noneMatch(
                            each -> each.to().equals(roll.id()) && each.from().equals(primed.id()));
        }

        @ParameterizedTest
        @CsvSource({"1, ROLL, ROLL_AGAIN", "2, ROLL_AGAIN, ROLL_FURTHER"})
        void whereItGrinsThroughOneMoreCoatFollowsTheLastOnceThatIsDry(
                int rolled, ActivityKind last, ActivityKind more) {
            JobPlanner planner = rolled == 1
                    ? new JobPlanner(FIGURES, practice(School.ONE_COAT_WHERE_IT_HIDES))
                    : new JobPlanner(FIGURES);
            Job job = job(NEW_HOUSE, wall("a", plainWall(), Action.ROLL, nail(500, 1500)));
            WorkGraph underWay = planner.plan(job).by(Work.View.SURFACE);
            WorkGraph another = planner.anotherCoat(job, rolled).by(Work.View.ROOM);
            assertThat(kinds(another)).containsExactly(more);
            WorkGraph joined = planner.joined(underWay, Set.of(), another);
            assertThat(joined.precedences()).anySatisfy(each -> {
                assertThat(each.from()).isEqualTo(one(underWay, last).id());
                assertThat(each.to()).isEqualTo(one(another, more).id());
                assertThat(each.drying()).isPresent();
            });
            // and what follows the coats follows it too
            assertThat(joined.precedences()).anySatisfy(each -> {
                assertThat(each.from()).isEqualTo(one(another, more).id());
                assertThat(each.to()).isEqualTo(one(underWay, INSPECT).id());
            });
        }

        @ParameterizedTest
        @CsvSource({"0, false", "1, true", "3, true", "4, false"})
        void aFifthCoatDoesNotHelpAndAFirstIsNotAnother(int rolled, boolean helps) {
            assertThat(JobPlanner.mayHaveAnotherCoat(rolled)).isEqualTo(helps);
            Job job = job(NEW_HOUSE, wall("a", plainWall(), Action.ROLL));
            ThrowableAssert.ThrowingCallable another = () -> new JobPlanner(FIGURES).anotherCoat(job, rolled);
            if (helps) {
                assertThatCode(another).doesNotThrowAnyException();
            } else {
                assertThatThrownBy(another).isInstanceOf(IllegalArgumentException.class);
            }
        }
    }

    @Nested
    class TheFloorAndTheFurniture {
        @Test
        void isNeverMoreThanTheFloorOfTheRoom() {
            Room small = new Room("r", room().kind(), Set.of(), Room.Floor.HARD, Optional.of(Area.ofSquareMetres(5)));
            Job job = Job.of(
                    List.of(small),
                    List.of(wall("a", plainWall(), Action.ROLL), wall("b", plainWall(), Action.ROLL), ceiling("c")),
                    NEW_HOUSE);
            assertThat(one(Given.plan(Practice.STARTING, job), PROTECT_FLOOR).area())
                    .isEqualTo(Area.ofSquareMetres(5));
        }

        @Test
        void whatStaysIsWrappedFirst() {
            Room furnished = room(RoomFinding.FURNISHED);
            WorkGraph work =
                    Given.plan(Practice.STARTING, Job.of(furnished, wall("a", plainWall(), Action.ROLL), NEW_HOUSE));
            assertThat(kinds(work)).containsSubsequence(WRAP_FURNITURE, PROTECT_FLOOR, CUT_IN);
            assertThat(minutes(work, WRAP_FURNITURE)).isCloseTo(10, CLOSE);
            WorkGraph spots = Given.plan(
                    Practice.STARTING,
                    Job.of(furnished, wall("a", plainWall(), Action.DAB, nail(500, 1500)), NEW_HOUSE));
            assertThat(kinds(spots)).doesNotContain(WRAP_FURNITURE);
        }

        @Test
        void carpetHasAWideKnifeBehindTheBrush() {
            Room carpet = new Room("r", room().kind(), Set.of(), Room.Floor.CARPET, Optional.empty());
            WorkGraph work =
                    Given.plan(Practice.STARTING, Job.of(carpet, wall("a", plainWall(), Action.ROLL), NEW_HOUSE));
            assertThat(one(work, PROTECT_FLOOR).tools()).contains(Tool.WIDE_KNIVES);
        }

        @Test
        void aLoosenedPlateIsTightenedAgain() {
            WorkGraph work = Given.plan(
                    practice(School.FITTINGS_LOOSENED), job(NEW_HOUSE, wall("a", plainWall(socket()), Action.ROLL)));
            assertThat(kinds(work)).containsSubsequence(LOOSEN_FITTINGS, ROLL_AGAIN, TIGHTEN_PLATES);
        }
    }
}

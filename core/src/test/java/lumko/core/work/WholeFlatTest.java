package lumko.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.Cover;
import lumko.core.film.DataSheet;
import lumko.core.hold.Binder;
import lumko.core.hold.Holding;
import lumko.core.hold.Need;
import lumko.core.practice.Practice;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.step.Caution;
import lumko.core.step.Site;
import lumko.core.step.Step;
import lumko.core.step.StepKind;
import lumko.core.step.Task;
import lumko.core.step.Tool;
import lumko.core.step.Wait;
import lumko.core.wall.Box;
import lumko.core.wall.EveryTime;
import lumko.core.wall.Fitting;
import lumko.core.wall.Opening;
import lumko.core.wall.RoomFinding;
import lumko.core.wall.Spot;
import lumko.core.wall.Substrate;
import lumko.core.wall.Texture;
import lumko.core.wall.Wall;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Ceiling, walls and trim of a flat as one job, in the order of the house practice. */
class WholeFlatTest {
    private static final Site NEW_HOUSE = new Site(2005, false);
    private static final Offset<Double> CLOSE = Offset.offset(0.02);
    private static final Catalogue FIGURES = Catalogue.starting();

    /** 4 × 2.5 m with a door of 0.9 × 2 m: 8.2 m² to paint. */
    private static Wall wall(Fitting... fittings) {
        return new Wall(
                Length.ofMetres(4),
                Length.ofMetres(2.5),
                Texture.SMOOTH,
                List.of(new Opening(Opening.Kind.DOOR, Box.ofMillimetres(500, 0, 900, 2000))),
                List.of(fittings));
    }

    private static Wall ceilingFace() {
        return new Wall(Length.ofMetres(4), Length.ofMetres(3), Texture.SMOOTH, List.of(), List.of());
    }

    private static Setting setting(Setting.Side side, String ceiling, String... neighbours) {
        return new Setting(
                side,
                Substrate.GYPSUM_BOARD,
                Set.of(),
                Holding.YES,
                true,
                List.of(neighbours),
                ceiling,
                List.of(),
                Cover.UNKNOWN);
    }

    private static WallTask rolled(String key, String paint, Setting setting, Fitting... fittings) {
        return new WallTask(key, wall(fittings), List.of(nail()), Action.ROLL, paint, setting);
    }

    private static Mark nail() {
        return new Mark(Spot.ofMillimetres(2500, 1500), FaultKind.NAIL_HOLE.usualFault());
    }

    private static WallTask ceiling() {
        return new WallTask("c", ceilingFace(), List.of(), Action.ROLL, "white", setting(Setting.Side.CEILING, ""));
    }

    private static TrimTask trim() {
        return new TrimTask("t", Length.ofMetres(12), 1, 1, "frame", Binder.WATERBORNE, Holding.YES, Optional.empty());
    }

    private static Work room(School... schools) {
        Practice practice = practice(schools);
        List<WallTask> surfaces = List.of(
                ceiling(),
                rolled("a", "oat", setting(Setting.Side.WALL, "c", "d", "b")),
                rolled("b", "oat", setting(Setting.Side.WALL, "c", "a", "c2")));
        return new WorkPlanner(FIGURES, practice).plan(surfaces, List.of(trim()), NEW_HOUSE);
    }

    private static Practice practice(School... schools) {
        Practice practice = Practice.STARTING;
        for (School school : schools) {
            practice = practice.with(school);
        }
        return practice;
    }

    private static List<StepKind> kinds(Work work) {
        return work.steps().stream().map(Step::kind).toList();
    }

    private static Step step(Work work, StepKind kind) {
        return work.steps().stream()
                .filter(step -> step.kind() == kind)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + kind + " in " + kinds(work)));
    }

    private static double minutes(Work work, StepKind kind) {
        return Times.inMinutes(step(work, kind).labour());
    }

    @Test
    void ceilingThenWallsThenTrimThenClose() {
        assertThat(kinds(room()))
                .containsSubsequence(
                        StepKind.SET_UP,
                        StepKind.PROTECT_FLOOR,
                        StepKind.MAKE_SOUND,
                        StepKind.FILL,
                        StepKind.SAND,
                        StepKind.DUST_OFF,
                        StepKind.SPOT_PRIME,
                        StepKind.CUT_CEILING,
                        StepKind.ROLL_CEILING,
                        StepKind.ROLL_CEILING_AGAIN,
                        StepKind.CUT_IN,
                        StepKind.ROLL,
                        StepKind.LOOK_FOR_MISSES,
                        StepKind.ROLL_AGAIN,
                        StepKind.SWEEP,
                        StepKind.SAND_TRIM,
                        StepKind.PAINT_TRIM,
                        StepKind.PAINT_TRIM_AGAIN,
                        StepKind.CORRECT,
                        StepKind.INSPECT,
                        StepKind.PACK_UP);
    }

    @Nested
    class OfTheOtherSchools {
        @Test
        void trimFirstIsTapedBeforeTheWallsAndHasItsDayToHarden() {
            Work work = room(School.TRIM_FIRST);
            assertThat(kinds(work))
                    .containsSubsequence(
                            StepKind.PAINT_TRIM_AGAIN, StepKind.TAPE_EDGES, StepKind.CUT_CEILING, StepKind.UNMASK);
            assertThat(step(work, StepKind.PAINT_TRIM_AGAIN).toDry())
                    .hasValueSatisfying(
                            wait -> assertThat(wait.material().name()).isEqualTo("EMULSION_TO_TAPE"));
            // both walls: 4 m along the floor and both sides of the door
            assertThat(step(work, StepKind.TAPE_EDGES).edge().inMetres()).isCloseTo(2 * 8.0, CLOSE);
        }

        @Test
        void rollingFirstTurnsTheOrderRound() {
            assertThat(kinds(room(School.ROLL_FIRST)))
                    .containsSubsequence(StepKind.ROLL, StepKind.CUT_IN, StepKind.ROLL_AGAIN, StepKind.CUT_IN_AGAIN);
        }

        @Test
        void theFloorIsProtectedOnceTheDustHasSettled() {
            assertThat(kinds(room(School.FLOOR_AFTER_SANDING)))
                    .containsSubsequence(StepKind.SAND, StepKind.PROTECT_FLOOR, StepKind.CUT_IN);
        }

        @ParameterizedTest
        @CsvSource({
            "CAULK_WITH_FILLING, FILL, CAULK, SAND",
            "CAULK_AFTER_SANDING, SAND, CAULK, DUST_OFF",
            "CAULK_AFTER_DUST_OFF, DUST_OFF, CAULK, SPOT_PRIME",
            "CAULK_AFTER_PRIMER, SPOT_PRIME, CAULK, CUT_IN"
        })
        void caulkHasFourPlaces(School school, StepKind before, StepKind caulk, StepKind after) {
            Mark joint = new Mark(Spot.ofMillimetres(2000, 20), FaultKind.JOINT_CRACK.usualFault());
            Work work = new WorkPlanner(FIGURES, practice(school))
                    .plan(List.of(new WallTask("a", wall(), List.of(joint, nail()), Action.ROLL, "oat")), NEW_HOUSE);
            assertThat(kinds(work)).containsSubsequence(before, caulk, after);
        }

        @Test
        void tapingEverythingCostsTapeAndMakesExactEdgesLoose() {
            assertThat(room(School.TAPE_EVERYTHING).tape().inMetres())
                    .isGreaterThan(room().tape().inMetres());
            assertThat(minutes(room(School.TAPE_EVERYTHING), StepKind.CUT_IN))
                    .isLessThan(minutes(room(), StepKind.CUT_IN));
            assertThat(step(room(School.TAPE_EVERYTHING), StepKind.UNMASK).within())
                    .isPresent();
            assertThat(step(room(School.TAPE_EVERYTHING, School.TAPE_OFF_DRY), StepKind.UNMASK)
                            .within())
                    .isEmpty();
        }

        @Test
        void advancingFiftyMillimetresTakesLonger() {
            assertThat(minutes(room(School.ADVANCE_50), StepKind.ROLL))
                    .isCloseTo(minutes(room(), StepKind.ROLL) * 1.6, Offset.offset(8.0));
        }

        @Test
        void threeSelfPrimingCoatsNeedNoPrimer() {
            assertThat(kinds(room(School.SELF_PRIMING_THREE)))
                    .contains(StepKind.ROLL_FURTHER)
                    .doesNotContain(StepKind.SPOT_PRIME);
        }

        @Test
        void oneCoatIsEnoughOnlyWhereTheSamePaintGoesOn() {
            assertThat(kinds(room(School.ONE_COAT_WHERE_IT_HIDES)).contains(StepKind.ROLL_AGAIN))
                    .isFalse();
        }

        @Test
        void lightPreparationDropsMaskingSandingAndPrimer() {
            assertThat(kinds(room(School.LIGHT_PREPARATION, School.TAPE_EVERYTHING)))
                    .contains(StepKind.WASH)
                    .doesNotContain(StepKind.SAND, StepKind.SPOT_PRIME, StepKind.TAPE_EDGES);
        }

        @Test
        void wetToolsAreBaggedLinedOrWashedEachTime() {
            assertThat(kinds(room())).contains(StepKind.BAG_TOOLS);
            assertThat(kinds(room(School.WASH_EACH_TIME))).doesNotContain(StepKind.BAG_TOOLS);
            assertThat(minutes(room(School.WASH_EACH_TIME), StepKind.WASH_TOOLS))
                    .isGreaterThan(minutes(room(), StepKind.WASH_TOOLS));
        }
    }

    @Nested
    class AlongTheEdges {
        @Test
        void onlyTheLastSurfaceAtAnEdgeIsCutExactly() {
            // both corners beside b are in the same paint; skirting and casing are covered by the trim that follows
            Edges edges = Edges.of(
                    rolled("a", "oat", setting(Setting.Side.WALL, "c", "b", "b")),
                    new Edges.Job(
                            List.of(ceiling(), rolled("b", "oat", setting(Setting.Side.WALL, "c", "a", "a"))), true),
                    Practice.STARTING);
            assertThat(edges.exact().inMetres()).isCloseTo(4, CLOSE);
            assertThat(edges.loose().inMetres()).isCloseTo(5 + 4 + 4.0, CLOSE);
        }

        @Test
        void aWallOnItsOwnIsExactAllRound() {
            Edges edges =
                    Edges.of(rolled("a", "oat", Setting.PLAIN), new Edges.Job(List.of(), false), Practice.STARTING);
            assertThat(edges.exact().inMetres()).isCloseTo(4 + 5 + 4 + 4.0, CLOSE);
            assertThat(edges.loose().inMetres()).isZero();
        }

        @Test
        void anEdgeThatTheNewFloorCoversIsNotCut() {
            Setting floorLater = new Setting(
                    Setting.Side.WALL,
                    Substrate.GYPSUM_BOARD,
                    Set.of(RoomFinding.FLOOR_COMES_LATER),
                    Holding.YES,
                    true,
                    List.of(),
                    "",
                    List.of(),
                    Cover.UNKNOWN);
            Edges edges = Edges.of(rolled("a", "oat", floorLater), new Edges.Job(List.of(), false), Practice.STARTING);
            assertThat(edges.hidden().inMetres()).isCloseTo(4, CLOSE);
            assertThat(kinds(new WorkPlanner(FIGURES).plan(List.of(rolled("a", "oat", floorLater)), NEW_HOUSE)))
                    .doesNotContain(StepKind.PROTECT_FLOOR);
        }

        @Test
        void everyMetreIsExactLooseOrHidden() {
            for (School trimOrder : School.values()) {
                Edges edges = Edges.of(
                        rolled("a", "oat", setting(Setting.Side.WALL, "c", "b")),
                        new Edges.Job(
                                List.of(ceiling(), rolled("b", "oat", setting(Setting.Side.WALL, "c", "a"))), true),
                        Practice.STARTING.with(trimOrder));
                assertThat(edges.exact().inMetres()
                                + edges.loose().inMetres()
                                + edges.hidden().inMetres())
                        .isCloseTo(4 + 5 + 4 + 4.0, CLOSE);
                assertThat(edges.taped()).isLessThanOrEqualTo(edges.loose());
            }
        }
    }

    @Nested
    class Fittings {
        private static final Fitting SOCKET = new Fitting(Fitting.Kind.SOCKET, Box.ofMillimetres(2000, 300, 80, 80));
        private static final Fitting RADIATOR =
                new Fitting(Fitting.Kind.RADIATOR, Box.ofMillimetres(2200, 120, 1000, 600));

        @ParameterizedTest
        @CsvSource({
            "FITTINGS_OFF, PLATES_OFF",
            "FITTINGS_LOOSENED, LOOSEN_FITTINGS",
            "FITTINGS_MASKED, MASK_FITTINGS",
            "FITTINGS_LEFT_AND_SCRAPED, SCRAPE_OFF"
        })
        void eachHasTheWayOfTheHouse(School school, StepKind kind) {
            Work work = new WorkPlanner(FIGURES, practice(school))
                    .plan(List.of(rolled("a", "oat", Setting.PLAIN, SOCKET)), NEW_HOUSE);
            assertThat(step(work, kind).cautions()).contains(Caution.ELECTRICITY);
        }

        @Test
        void byMinutesTheHaloAndTheRefitCount() {
            List<FittingWay> ways = FittingWay.of(Fitting.Kind.SOCKET, practice(School.FITTINGS_BY_MINUTES), FIGURES);
            assertThat(ways).extracting(FittingWay::expected).isSorted();
            FittingWay scraped = ways.stream()
                    .filter(way -> way.way() == FittingWay.Way.LEAVE_AND_SCRAPE)
                    .findFirst()
                    .orElseThrow();
            // 0.6 min and a third of a quarter of an hour
            assertThat(scraped.expected()).isCloseTo(0.6 + 0.35 * 15, CLOSE);
        }

        @Test
        void aRadiatorIsPaintedBehindNotLifted() {
            Work work = new WorkPlanner(FIGURES).plan(List.of(rolled("a", "oat", Setting.PLAIN, RADIATOR)), NEW_HOUSE);
            assertThat(step(work, StepKind.ROLL).tools()).contains(Tool.SLIM_ROLLER);
            assertThat(kinds(work)).doesNotContain(StepKind.FITTINGS_OFF);
        }

        @Test
        void anOldBlindIsMaskedRatherThanRisked() {
            assertThat(FittingWay.of(Fitting.Kind.BLIND, practice(School.FITTINGS_BY_MINUTES), FIGURES)
                            .getFirst()
                            .way())
                    .isNotEqualTo(FittingWay.Way.REMOVE);
        }
    }

    @Nested
    class SoThatItHolds {
        private Work needing(Need... needs) {
            Setting setting = new Setting(
                    Setting.Side.WALL,
                    Substrate.GYPSUM_BOARD,
                    Set.of(),
                    new Holding(Holding.Answer.HOLDS_ONCE_PREPARED, Set.of(needs), List.of()),
                    true,
                    List.of(),
                    "",
                    List.of(),
                    Cover.UNKNOWN);
            return new WorkPlanner(FIGURES).plan(List.of(rolled("a", "oat", setting)), NEW_HOUSE);
        }

        @ParameterizedTest
        @CsvSource({
            "CLEAN, WASH",
            "TEST_PATCH, TEST_PATCH",
            "SEALER, BLOCK_STAIN",
            "METAL_PRIMER, PRIME_METAL",
            "MIST_COAT, MIST_COAT",
            "NEW_SURFACE_PRIMER, PRIME_WALL",
            "ADHESION_PRIMER, ADHESION_PRIME"
        })
        void everyNeedIsAStepBeforeTheFirstCoat(Need need, StepKind kind) {
            assertThat(kinds(needing(need))).containsSubsequence(kind, StepKind.CUT_IN);
        }
    }

    @Nested
    class ByThePaintsOwnDataSheet {
        private Work covered(OptionalInt coatsToHide, School buildUp) {
            Cover cover =
                    new Cover(Optional.of(new DataSheet(12, 38, 0.92, Optional.of(Duration.ofHours(5)))), coatsToHide);
            Setting setting = new Setting(
                    Setting.Side.WALL,
                    Substrate.GYPSUM_BOARD,
                    Set.of(),
                    Holding.YES,
                    false,
                    List.of(),
                    "",
                    List.of(),
                    cover);
            return new WorkPlanner(FIGURES, Practice.STARTING.with(buildUp))
                    .plan(List.of(rolled("a", "oat", setting)), NEW_HOUSE);
        }

        @Test
        void theLitresAndTheWaitAreTheMakers() {
            Work own = covered(OptionalInt.empty(), Practice.STARTING.of(Question.BUILD_UP));
            Work usual = new WorkPlanner(FIGURES).plan(List.of(rolled("a", "oat", Setting.PLAIN)), NEW_HOUSE);
            Step roll = step(own, StepKind.ROLL_AGAIN);
            assertThat(roll.toDry().flatMap(Wait::bySheet)).contains(Duration.ofHours(5));
            double loss = 1 + FIGURES.share(Figure.LOSS_BRUSH) + FIGURES.share(Figure.LOSS_TIN);
            assertThat(litres(roll)).isCloseTo(roll.area().inSquareMetres() / 12 * loss, CLOSE);
            assertThat(litres(roll)).isLessThan(litres(step(usual, StepKind.ROLL_AGAIN)));
        }

        @ParameterizedTest
        @CsvSource({"1, 2", "2, 2", "3, 3", "7, 3"})
        void asManyCoatsAsHideButNoMoreThanThree(int needed, int planned) {
            Work work = covered(OptionalInt.of(needed), Practice.STARTING.of(Question.BUILD_UP));
            assertThat(work.steps().stream()
                            .filter(step -> Set.of(StepKind.ROLL, StepKind.ROLL_AGAIN, StepKind.ROLL_FURTHER)
                                    .contains(step.kind())))
                    .hasSize(planned);
        }

        private static Step step(Work work, StepKind kind) {
            return work.steps().stream()
                    .filter(step -> step.kind() == kind)
                    .findFirst()
                    .orElseThrow();
        }

        private static double litres(Step step) {
            return step.uses().getFirst().volume().inLitres();
        }
    }

    @Nested
    class EveryTimePlaces {
        private final Setting withPanel = new Setting(
                Setting.Side.WALL,
                Substrate.GYPSUM_BOARD,
                Set.of(),
                Holding.YES,
                true,
                List.of(),
                "",
                List.of(new EveryTime(EveryTime.Kind.SPLASH_ZONE, 0, Box.ofMillimetres(0, 900, 3000, 500))),
                Cover.UNKNOWN);

        @Test
        void areRolledEvenOnAWallThatIsLeft() {
            Work work = new WorkPlanner(FIGURES)
                    .plan(List.of(new WallTask("a", wall(), List.of(), Action.LEAVE, "oat", withPanel)), NEW_HOUSE);
            assertThat(minutes(work, StepKind.ROLL_PANEL)).isCloseTo(8, CLOSE);
            // 1.5 m², twice, at 10 m²/L
            assertThat(work.paint().inLitres()).isCloseTo(0.3, Offset.offset(1e-9));
            assertThat(kinds(work)).doesNotContain(StepKind.FILL, StepKind.ROLL);
        }

        @Test
        void areContainedInAWallThatIsRolled() {
            Work work = new WorkPlanner(FIGURES).plan(List.of(rolled("a", "oat", withPanel)), NEW_HOUSE);
            assertThat(kinds(work)).doesNotContain(StepKind.ROLL_PANEL);
        }
    }

    @Test
    void theWideRollerComesOutWhereItPays() {
        List<WallTask> many = new ArrayList<>();
        for (int n = 0; n < 4; n++) {
            many.add(rolled("w" + n, "oat", Setting.PLAIN));
        }
        assertThat(step(new WorkPlanner(FIGURES).plan(many.subList(0, 1), NEW_HOUSE), StepKind.ROLL)
                        .tools())
                .contains(Tool.ROLLER);
        Work work = new WorkPlanner(FIGURES).plan(many, NEW_HOUSE);
        assertThat(step(work, StepKind.ROLL).tools()).contains(Tool.WIDE_ROLLER).doesNotContain(Tool.ROLLER);
        // 32.8 m² at 1.3 × 0.7, and getting it out
        assertThat(minutes(work, StepKind.ROLL)).isCloseTo(32.8 * 1.3 * 0.7 + 8, CLOSE);
    }

    @Nested
    class TheWetEdge {
        private final OpenTime open = new OpenTime(FIGURES);

        @Test
        void halvesWhenItIsHotAndDryAndNeverDoubles() {
            assertThat(Times.inMinutes(open.of(Climate.REFERENCE))).isCloseTo(11.5, CLOSE);
            // 28 °C and 35 %: twice the drying power
            assertThat(Times.inMinutes(open.of(Climate.of(28, 35, Climate.Air.MOVING))))
                    .isCloseTo(11.5 * 0.506, Offset.offset(0.1));
            assertThat(Times.inMinutes(open.of(Climate.of(12, 95, Climate.Air.MOVING))))
                    .isCloseTo(23, CLOSE);
        }

        @Test
        void twoMayCutFurtherAheadThanOne() {
            assertThat(open.ahead(Climate.REFERENCE, false).inMetres()).isCloseTo(11.5 / 1.5, CLOSE);
            assertThat(open.ahead(Climate.REFERENCE, true).inMetres()).isCloseTo(11.5, CLOSE);
        }

        @Test
        void aCeilingIsDoneInOneGo() {
            assertThat(open.inOneGo(Area.ofSquareMetres(12), Length.ofMetres(14))
                            .toMinutes())
                    .isEqualTo(33);
        }
    }

    @Nested
    class Faultless {
        private static final List<StepKind> ALWAYS_ONCE = List.of(StepKind.SET_UP, StepKind.PACK_UP);

        private Work random(Random random, Practice practice) {
            List<WallTask> surfaces = new ArrayList<>();
            Action[] actions = {Action.LEAVE, Action.DAB, Action.FEATHER, Action.ROLL, Action.SKIM_AND_ROLL};
            surfaces.add(ceiling());
            for (int n = 0; n < 4; n++) {
                List<Mark> marks = new ArrayList<>();
                for (int m = random.nextInt(6); m >= 0; m--) {
                    FaultKind kind = FaultKind.values()[random.nextInt(FaultKind.values().length)];
                    marks.add(new Mark(
                            Spot.ofMillimetres(4000 * random.nextDouble(), 2500 * random.nextDouble()),
                            kind.usualFault()));
                }
                surfaces.add(new WallTask(
                        "w" + n,
                        wall(),
                        marks,
                        actions[random.nextInt(actions.length)],
                        n % 2 == 0 ? "oat" : "slate",
                        setting(Setting.Side.WALL, "c", "w" + (n + 1) % 4)));
            }
            return new WorkPlanner(FIGURES, practice)
                    .plan(surfaces, List.of(trim()), random.nextBoolean() ? NEW_HOUSE : new Site(1911, true));
        }

        @Test
        void noStepBeginsOnAWetSurfaceAndNoneComesTooLate() {
            DryingModel drying = new DryingModel(FIGURES);
            Random random = new Random(23);
            for (int n = 0; n < 200; n++) {
                Practice practice = Practice.STARTING.with(School.values()[random.nextInt(School.values().length)]);
                Climate air = Climate.of(15 + random.nextInt(12), 40 + random.nextInt(35), Climate.Air.MOVING);
                Timeline timeline = Timeline.of(random(random, practice), drying, air);
                for (int late = 0; late < timeline.entries().size(); late++) {
                    Timeline.Entry entry = timeline.entries().get(late);
                    assertThat(entry.isTooLate())
                            .describedAs("%s in %s", entry.step().kind(), practice)
                            .isFalse();
                    for (Timeline.Entry before : timeline.entries().subList(0, late)) {
                        if (entry.step().needsDry() && before.step().shares(entry.step())) {
                            Duration wait = before.step()
                                    .toDry()
                                    .map(wet -> wet.likely(air, drying))
                                    .orElse(Duration.ZERO);
                            assertThat(entry.start())
                                    .isGreaterThanOrEqualTo(before.end().plus(wait));
                        }
                    }
                }
            }
        }

        @ParameterizedTest
        @EnumSource(School.class)
        void inEverySchoolTheJobOpensAndClosesOnceAndNothingIsDoneTwice(School school) {
            Random random = new Random(29);
            for (int n = 0; n < 10; n++) {
                Work work = random(random, Practice.STARTING.with(school));
                assertThat(kinds(work)).startsWith(StepKind.SET_UP).endsWith(StepKind.PACK_UP);
                assertThat(work.steps().stream().map(step -> step.kind() + step.paint()))
                        .doesNotHaveDuplicates();
                assertThat(kinds(work).stream().filter(ALWAYS_ONCE::contains)).hasSize(2);
            }
        }

        @Test
        void everyTaskOfEveryMarkIsInExactlyOneStep() {
            WorkPlanner planner = new WorkPlanner(FIGURES);
            for (FaultKind kind : FaultKind.values()) {
                Mark mark = new Mark(Spot.ofMillimetres(2500, 1000), kind.usualFault());
                WallTask task = new WallTask("a", wall(), List.of(mark), Action.DAB, "oat");
                Repair repair = planner.repair(mark, task, NEW_HOUSE);
                Work work = planner.plan(List.of(task), NEW_HOUSE);
                Set<StepKind> chain = EnumSet.noneOf(StepKind.class);
                repair.tasks().stream().map(Task::kind).forEach(chain::add);
                for (StepKind of : chain) {
                    assertThat(kinds(work).stream().filter(of::equals))
                            .describedAs("%s of %s", of, kind)
                            .hasSize(1);
                }
            }
        }

        @Test
        void faultsFoundAfterTheFirstCoatAddTheirRepairAndNothingElse() {
            Work more = new WorkPlanner(FIGURES)
                    .addition(List.of(new WallTask("a", wall(), List.of(nail()), Action.ROLL, "oat")), NEW_HOUSE);
            assertThat(kinds(more))
                    .containsExactly(
                            StepKind.MAKE_SOUND, StepKind.FILL, StepKind.SAND, StepKind.DUST_OFF, StepKind.SPOT_PRIME);
        }
    }

    @Test
    void theFiguresOfTheOrganisationCount() {
        Work slow = new WorkPlanner(FIGURES.with(Figure.ROLL_CEILING, 3.2)).plan(List.of(ceiling()), NEW_HOUSE);
        assertThat(minutes(slow, StepKind.ROLL_CEILING)).isCloseTo(12 * 3.2 * 0.7 + 8, CLOSE);
    }
}

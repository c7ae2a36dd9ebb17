package lumko.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.DryingModel;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.repair.Mark;
import lumko.core.step.Caution;
import lumko.core.step.Material;
import lumko.core.step.Site;
import lumko.core.step.Step;
import lumko.core.step.StepKind;
import lumko.core.step.Tool;
import lumko.core.step.Wait;
import lumko.core.wall.Box;
import lumko.core.wall.Fitting;
import lumko.core.wall.Spot;
import lumko.core.wall.Texture;
import lumko.core.wall.Wall;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkPlannerTest {
    private static final Site NEW_HOUSE = new Site(2005, false);
    private static final Site OLD_HOUSE = new Site(1911, false);
    private static final Offset<Double> CLOSE = Offset.offset(0.02);

    private static final Set<StepKind> COATS =
            Set.of(StepKind.ROLL, StepKind.ROLL_AGAIN, StepKind.ROLL_FURTHER, StepKind.DAB, StepKind.FEATHER);

    private final WorkPlanner planner = new WorkPlanner(Catalogue.starting());

    /** 4 × 2.5 m without openings: 10 m², 13 m of edge. */
    private static Wall wall(Fitting... fittings) {
        return new Wall(Length.ofMetres(4), Length.ofMetres(2.5), Texture.SMOOTH, List.of(), List.of(fittings));
    }

    private static Fitting socket() {
        return new Fitting(Fitting.Kind.SOCKET, Box.ofMillimetres(1000, 300, 80, 80));
    }

    private static Mark nail(double left, double up) {
        return new Mark(Spot.ofMillimetres(left, up), FaultKind.NAIL_HOLE.usualFault());
    }

    private static Mark mark(FaultKind kind) {
        return new Mark(Spot.ofMillimetres(2000, 1500), kind.usualFault());
    }

    private Work plan(Wall wall, Action action, Site site, Mark... marks) {
        return planner.plan(List.of(new WallTask("a", wall, List.of(marks), action, "oat")), site);
    }

    private static Step step(Work work, StepKind kind) {
        return work.steps().stream()
                .filter(step -> step.kind() == kind)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + kind));
    }

    private static List<StepKind> kinds(Work work) {
        return work.steps().stream().map(Step::kind).toList();
    }

    private static double minutes(Work work, StepKind kind) {
        return Times.inMinutes(step(work, kind).labour());
    }

    @Test
    void dabbingThreeNailsInTheOrderOfTheTrade() {
        Work work = plan(wall(), Action.DAB, NEW_HOUSE, nail(500, 1500), nail(900, 1500), nail(1300, 1500));
        assertThat(kinds(work))
                .containsExactly(
                        StepKind.SET_UP,
                        StepKind.PROTECT_FLOOR,
                        StepKind.MAKE_SOUND,
                        StepKind.FILL,
                        StepKind.SAND,
                        StepKind.DUST_OFF,
                        StepKind.SET_OUT_TOUCH_UP,
                        StepKind.FIRST_DAB,
                        StepKind.DAB,
                        StepKind.WASH_TOOLS,
                        StepKind.INSPECT,
                        StepKind.PACK_UP);
        // 3 × 0.8, 3 × 0.5, 3 × 1.0, set out once
        assertThat(minutes(work, StepKind.FILL)).isCloseTo(2.4, CLOSE);
        assertThat(minutes(work, StepKind.SAND)).isCloseTo(1.5, CLOSE);
        assertThat(minutes(work, StepKind.DAB)).isCloseTo(3.0, CLOSE);
        assertThat(minutes(work, StepKind.SET_OUT_TOUCH_UP)).isCloseTo(8, CLOSE);
    }

    @Test
    void rollingAWallByHandArithmetic() {
        Work work = plan(wall(), Action.ROLL, NEW_HOUSE, nail(500, 1500));
        assertThat(kinds(work))
                .containsSubsequence(
                        StepKind.PROTECT_FLOOR,
                        StepKind.FILL,
                        StepKind.SAND,
                        StepKind.DUST_OFF,
                        StepKind.SPOT_PRIME,
                        StepKind.CUT_IN,
                        StepKind.ROLL,
                        StepKind.LOOK_FOR_MISSES,
                        StepKind.CUT_IN_AGAIN,
                        StepKind.ROLL_AGAIN,
                        StepKind.INSPECT);
        assertThat(minutes(work, StepKind.SAND)).isCloseTo(0.5 + 10 * 0.8, CLOSE);
        assertThat(minutes(work, StepKind.DUST_OFF)).isCloseTo(4, CLOSE);
        assertThat(minutes(work, StepKind.SPOT_PRIME)).isCloseTo(8, CLOSE);
        assertThat(minutes(work, StepKind.CUT_IN)).isCloseTo(13, CLOSE);
        assertThat(minutes(work, StepKind.CUT_IN_AGAIN)).isCloseTo(3.9, CLOSE);
        assertThat(minutes(work, StepKind.ROLL)).isCloseTo(13, CLOSE);
        // two coats of 10 m² at 10 m²/L with 3 % brush and 2 % tin, and 0.15 L in the roller
        assertThat(work.volume(Material.WALL_PAINT).inLitres()).isCloseTo(2 * 1.05 + 0.15, Offset.offset(1e-9));
    }

    @Test
    void textureTakesMorePaint() {
        Wall rough = new Wall(Length.ofMetres(4), Length.ofMetres(2.5), Texture.HEAVY, List.of(), List.of());
        assertThat(plan(rough, Action.ROLL, NEW_HOUSE, nail(500, 1500))
                        .volume(Material.WALL_PAINT)
                        .inLitres())
                .isCloseTo(2 * 1.05 * 1.3 + 0.15, Offset.offset(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "2, 2", "3, 3"})
    void asManyCoatsAsTheOrganisationRolls(double figure, int rolled) {
        Work work = new WorkPlanner(Catalogue.starting().with(Figure.ROLLED_COATS, figure))
                .plan(List.of(new WallTask("a", wall(), List.of(nail(500, 1500)), Action.ROLL, "oat")), NEW_HOUSE);
        assertThat(work.steps().stream()
                        .filter(step -> COATS.contains(step.kind()))
                        .count())
                .isEqualTo(rolled);
    }

    @Test
    void aWallThatIsLeftTakesNothing() {
        assertThat(plan(wall(), Action.LEAVE, NEW_HOUSE, nail(500, 1500))).isEqualTo(Work.NONE);
    }

    @Test
    void skimmingTakesTwoCoatsAndAPrimer() {
        Work work = plan(wall(), Action.SKIM_AND_ROLL, NEW_HOUSE, nail(500, 1500));
        assertThat(kinds(work))
                .containsSubsequence(
                        StepKind.SKIM, StepKind.SKIM_AGAIN, StepKind.SAND, StepKind.PRIME_WALL, StepKind.ROLL);
        assertThat(minutes(work, StepKind.SKIM)).isCloseTo(60, CLOSE);
        assertThat(kinds(work)).doesNotContain(StepKind.SPOT_PRIME);
        // 10 m² under 0.6 and 0.3 mm, 15 % of which shrinks away
        assertThat(work.volume(Material.DRYING_COMPOUND).inLitres()).isCloseTo(9 / 0.85, Offset.offset(1e-9));
    }

    @Nested
    class WhatCanHurt {
        @Test
        void inAnOldHouseNothingIsSandedDry() {
            Work work = plan(wall(), Action.ROLL, OLD_HOUSE, nail(500, 1500));
            assertThat(kinds(work)).contains(StepKind.SPONGE_LEVEL).doesNotContain(StepKind.SAND);
            assertThat(step(work, StepKind.SPONGE_LEVEL).cautions()).contains(Caution.LEAD);
            assertThat(step(work, StepKind.SPONGE_LEVEL).toDry()).isPresent();
        }

        @ParameterizedTest
        @CsvSource({"1979, true", "1980, false"})
        void leadByTheYearOfTheHouse(int year, boolean lead) {
            Work work = plan(wall(), Action.DAB, new Site(year, false), nail(500, 1500));
            assertThat(step(work, StepKind.MAKE_SOUND).cautions().contains(Caution.LEAD))
                    .isEqualTo(lead);
        }

        @ParameterizedTest
        @CsvSource({"1976, true, true", "1976, false, false", "2000, true, false"})
        void asbestosWhereOldTextureMayHoldIt(int year, boolean textured, boolean asbestos) {
            Work work = plan(wall(), Action.DAB, new Site(year, textured), nail(500, 1500));
            assertThat(step(work, StepKind.MAKE_SOUND).cautions().contains(Caution.ASBESTOS))
                    .isEqualTo(asbestos);
        }

        @ParameterizedTest
        @CsvSource({"1230, true", "1231, false"})
        void aPlateNearAMarkComesOffWithItsSupplyOff(double left, boolean near) {
            Work work = plan(wall(socket()), Action.DAB, NEW_HOUSE, nail(left, 340));
            assertThat(kinds(work).contains(StepKind.PLATES_OFF)).isEqualTo(near);
            if (near) {
                assertThat(step(work, StepKind.PLATES_OFF).cautions()).containsExactly(Caution.ELECTRICITY);
                assertThat(kinds(work)).containsSubsequence(StepKind.PLATES_OFF, StepKind.DAB, StepKind.PLATES_BACK);
            }
        }

        @Test
        void allPlatesComeOffAWallThatIsRolled() {
            Fitting rail = new Fitting(Fitting.Kind.RAIL, Box.ofMillimetres(2000, 1200, 600, 60));
            Work work = plan(wall(socket(), rail), Action.ROLL, NEW_HOUSE, nail(3500, 1500));
            assertThat(step(work, StepKind.PLATES_OFF).places()).isEqualTo(1);
            assertThat(step(work, StepKind.FITTINGS_OFF).places()).isEqualTo(1);
        }

        @ParameterizedTest
        @CsvSource({"1990, false", "2010, true"})
        void aPlatformBeyondTheReachOfTheHand(double up, boolean ladder) {
            Work work = plan(wall(), Action.DAB, NEW_HOUSE, nail(500, up));
            assertThat(step(work, StepKind.DAB).cautions().contains(Caution.LADDER))
                    .isEqualTo(ladder);
        }

        @Test
        void drySandingAlwaysCarriesTheMask() {
            assertThat(step(plan(wall(), Action.DAB, NEW_HOUSE, nail(500, 1500)), StepKind.SAND))
                    .satisfies(sand -> assertThat(sand.cautions()).contains(Caution.DUST))
                    .satisfies(sand -> assertThat(sand.tools()).contains(Tool.HALF_MASK));
        }
    }

    @Nested
    class Merged {
        private Work two(String paintOfSecond) {
            return planner.plan(
                    List.of(
                            new WallTask("a", wall(), List.of(nail(500, 1500)), Action.DAB, "oat"),
                            new WallTask(
                                    "b",
                                    wall(),
                                    List.of(nail(500, 1500), mark(FaultKind.ANCHOR)),
                                    Action.DAB,
                                    paintOfSecond)),
                    NEW_HOUSE);
        }

        @Test
        void toolsComeOutOnceForWallsInOnePaint() {
            Work work = two("oat");
            assertThat(kinds(work)).doesNotHaveDuplicates();
            assertThat(step(work, StepKind.DAB).surfaces()).containsExactly("a", "b");
            assertThat(step(work, StepKind.DAB).places()).isEqualTo(3);
            assertThat(minutes(work, StepKind.SET_OUT_TOUCH_UP)).isCloseTo(8, CLOSE);
        }

        @Test
        void anotherPaintIsAnotherTouchUpButTheSameFilling() {
            Work work = two("slate");
            assertThat(kinds(work).stream().filter(kind -> kind == StepKind.DAB))
                    .hasSize(2);
            assertThat(kinds(work).stream().filter(kind -> kind == StepKind.FILL))
                    .hasSize(1);
            assertThat(kinds(work))
                    .containsSubsequence(
                            StepKind.SET_OUT_TOUCH_UP,
                            StepKind.FIRST_DAB,
                            StepKind.SET_OUT_TOUCH_UP,
                            StepKind.FIRST_DAB);
        }

        @Test
        void theStepWaitsForItsSlowestPlace() {
            assertThat(step(two("oat"), StepKind.FILL).toDry())
                    .contains(new Wait(DryingMaterial.SPACKLE, Length.ofMillimetres(6)));
        }

        @Test
        void togetherIsNeverMoreThanEachAlone() {
            Random random = new Random(11);
            for (int n = 0; n < 200; n++) {
                WallTask one = task("a", random);
                WallTask other = task("b", random);
                long together =
                        planner.plan(List.of(one, other), NEW_HOUSE).labour().toSeconds();
                long alone = planner.plan(List.of(one), NEW_HOUSE).labour().toSeconds()
                        + planner.plan(List.of(other), NEW_HOUSE).labour().toSeconds();
                assertThat(together).isLessThanOrEqualTo(alone);
            }
        }
    }

    private static WallTask task(String key, Random random) {
        List<Mark> marks = new ArrayList<>();
        int count = 1 + random.nextInt(8);
        for (int n = 0; n < count; n++) {
            FaultKind kind = FaultKind.values()[random.nextInt(FaultKind.values().length)];
            marks.add(new Mark(
                    Spot.ofMillimetres(4000 * random.nextDouble(), 2500 * random.nextDouble()), kind.usualFault()));
        }
        Action[] actions = {Action.DAB, Action.FEATHER, Action.ROLL, Action.SKIM_AND_ROLL};
        return new WallTask(key, wall(), marks, actions[random.nextInt(4)], "oat");
    }

    @Test
    void everyFillingIsFollowedByLevellingAndPaint() {
        Random random = new Random(13);
        for (int n = 0; n < 300; n++) {
            List<StepKind> kinds = kinds(planner.plan(List.of(task("a", random)), n % 2 == 0 ? NEW_HOUSE : OLD_HOUSE));
            assertThat(kinds.getFirst()).isEqualTo(StepKind.SET_UP);
            assertThat(kinds.getLast()).isEqualTo(StepKind.PACK_UP);
            if (kinds.contains(StepKind.FILL)) {
                int levelled = Math.max(kinds.indexOf(StepKind.SAND), kinds.indexOf(StepKind.SPONGE_LEVEL));
                assertThat(levelled).isGreaterThan(kinds.indexOf(StepKind.FILL));
                assertThat(kinds.subList(levelled, kinds.size())).anyMatch(COATS::contains);
            }
        }
    }

    @Test
    void timeUntilDryCountsHandsAndWaits() {
        Work work = plan(wall(), Action.DAB, NEW_HOUSE, nail(500, 1500));
        DryingModel drying = new DryingModel(Catalogue.starting());
        double waits = 0.75 + 3 + 3;
        // the brush is washed while the last coat dries
        double washing = 5 / 60.0;
        assertThat(Times.inHours(work.elapsed(drying, Climate.REFERENCE)))
                .isCloseTo(waits + Times.inHours(work.labourOnWalls()) - washing, Offset.offset(0.001));
    }

    @Test
    void aStainIsBlockedBeforeAnythingGoesOverIt() {
        Mark stain = new Mark(Spot.ofMillimetres(2000, 2000), FaultKind.STAIN.of(Measures.ofMillimetres(1000, 500, 0)));
        Work work = plan(wall(), Action.ROLL, NEW_HOUSE, stain);
        assertThat(kinds(work)).containsSubsequence(StepKind.BLOCK_STAIN, StepKind.CUT_IN);
        assertThat(work.volume(Material.STAIN_BLOCK).inLitres()).isCloseTo(0.5 / 8.5, Offset.offset(1e-9));
        assertThat(step(work, StepKind.BLOCK_STAIN).cautions()).contains(Caution.SOLVENT);
    }
}

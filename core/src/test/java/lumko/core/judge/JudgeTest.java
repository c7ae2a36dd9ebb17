package lumko.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import lumko.core.colour.Lab;
import lumko.core.drying.Climate;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.Cover;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;
import lumko.core.repair.Method;
import lumko.core.step.Site;
import lumko.core.wall.RoomFinding;
import lumko.core.wall.RoomKind;
import lumko.core.wall.Spot;
import lumko.core.wall.Texture;
import lumko.core.wall.Wall;
import lumko.core.wall.WindowLight;
import lumko.core.work.Action;
import lumko.core.work.Setting;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class JudgeTest {
    private static final Lab LIGHT = new Lab(88, 0, 8);
    private static final Film MATT = new Film(LIGHT, 4, 1);

    private final Judge judge = new Judge(Catalogue.starting());

    /** A wall of 12.5 m² in a bedroom of a new house, light from the front, nobody coming to look. */
    private static WallCase wall(Film film, PaintBasis basis, List<Mark> marks) {
        return new WallCase(
                new Wall(Length.ofMetres(5), Length.ofMetres(2.5), Texture.SMOOTH, List.of(), List.of()),
                marks,
                Optional.of(film),
                basis,
                WindowLight.FACING,
                RoomKind.BEDROOM,
                new Site(2005, false),
                Climate.REFERENCE,
                OptionalInt.empty());
    }

    private static List<Mark> marks(FaultKind kind, int count, double up) {
        List<Mark> marks = new ArrayList<>();
        for (int n = 0; n < count; n++) {
            marks.add(new Mark(Spot.ofMillimetres(100 + n * 4800.0 / Math.max(1, count), up), kind.usualFault()));
        }
        return marks;
    }

    private static List<Mark> of(FaultKind kind, Measures measures) {
        return List.of(new Mark(Spot.ofMillimetres(2000, 800), kind.of(measures)));
    }

    private static List<Rule> against(Verdict verdict, Action action) {
        return verdict.option(action).against().stream().map(Finding::rule).toList();
    }

    @Test
    void aBareWallIsLeft() {
        Verdict verdict = judge.judge(wall(MATT, PaintBasis.SAME_BATCH, List.of()));
        assertThat(verdict.action()).isEqualTo(Action.LEAVE);
        assertThat(verdict.reasons()).extracting(Finding::rule).containsExactly(Rule.NOTHING_MARKED);
    }

    @Test
    void aFewLowNailHolesFromTheSameTinAreDabbed() {
        Verdict verdict = judge.judge(wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, 3, 800)));
        assertThat(verdict.action()).isEqualTo(Action.DAB);
        assertThat(verdict.spots()).isEqualTo(3);
        assertThat(verdict.rollsFrom()).isPresent();
    }

    @Test
    void manyMarksAtEyeLevelAreRolled() {
        WallCase wall = wall(MATT, PaintBasis.BOUGHT_AGAIN, marks(FaultKind.SCREW_HOLE, 25, 1500));
        assertThat(judge.judge(wall).action()).isEqualTo(Action.ROLL);
    }

    @Test
    void theCheapestAllowedChoiceIsTaken() {
        Random random = new Random(17);
        for (int n = 0; n < 300; n++) {
            Verdict verdict = judge.judge(random(random));
            Option chosen = verdict.chosen();
            assertThat(chosen.isAllowed()).isTrue();
            assertThat(verdict.options())
                    .filteredOn(Option::isAllowed)
                    .allSatisfy(option -> assertThat(option.expected()).isGreaterThanOrEqualTo(chosen.expected()));
            assertThat(verdict.reasons()).isNotEmpty();
        }
    }

    @Test
    void rollingIsAlwaysAWayOutOnceSomethingIsMarked() {
        Random random = new Random(19);
        for (int n = 0; n < 300; n++) {
            assertThat(judge.judge(random(random)).options().getLast().isAllowed())
                    .isTrue();
        }
    }

    private static WallCase random(Random random) {
        List<Mark> marks = new ArrayList<>();
        int count = 1 + random.nextInt(14);
        for (int n = 0; n < count; n++) {
            FaultKind kind = FaultKind.values()[random.nextInt(FaultKind.values().length)];
            marks.add(new Mark(
                    Spot.ofMillimetres(5000 * random.nextDouble(), 2500 * random.nextDouble()), kind.usualFault()));
        }
        Film film = new Film(
                new Lab(20 + 75 * random.nextDouble(), 20 * random.nextGaussian(), 20 * random.nextGaussian()),
                60 * random.nextDouble(),
                8 * random.nextDouble());
        PaintBasis basis = PaintBasis.values()[random.nextInt(PaintBasis.values().length)];
        return wall(film, basis, marks);
    }

    @Nested
    class HardRules {
        @ParameterizedTest
        @CsvSource({"UNKNOWN, PAINT_UNKNOWN", "OTHER_PAINT, PAINT_IS_OTHER"})
        void noSpotsInPaintThatIsNotTheWalls(PaintBasis basis, Rule rule) {
            Verdict verdict = judge.judge(wall(MATT, basis, marks(FaultKind.NAIL_HOLE, 2, 800)));
            assertThat(against(verdict, Action.DAB)).containsExactly(rule);
            assertThat(against(verdict, Action.FEATHER)).containsExactly(rule);
            assertThat(verdict.action()).isEqualTo(Action.ROLL);
        }

        @Test
        void noSpotsOnAFilmThatNobodyKnows() {
            WallCase known = wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, 2, 800));
            WallCase unknown = new WallCase(
                    known.wall(),
                    known.marks(),
                    Optional.empty(),
                    PaintBasis.SAME_BATCH,
                    known.light(),
                    known.room(),
                    known.site(),
                    known.climate(),
                    known.daysToViewing());
            assertThat(against(judge.judge(unknown), Action.DAB)).containsExactly(Rule.PAINT_UNKNOWN);
        }

        @ParameterizedTest
        @CsvSource({"15, false", "15.1, true"})
        void glossyWallsShowSpotsAtEyeLevel(double gloss, boolean ruledOut) {
            Film film = new Film(LIGHT, gloss, 1);
            Verdict verdict = judge.judge(wall(film, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, 2, 1500)));
            assertThat(against(verdict, Action.DAB).contains(Rule.TOO_GLOSSY)).isEqualTo(ruledOut);
        }

        @Test
        void butWithTheOriginalPaintOutOfSightTheyMayBeDabbed() {
            Film film = new Film(LIGHT, 30, 1);
            List<Mark> low = marks(FaultKind.NAIL_HOLE, 2, 400);
            assertThat(against(judge.judge(wall(film, PaintBasis.SAME_BATCH, low)), Action.DAB))
                    .isEmpty();
            assertThat(against(judge.judge(wall(film, PaintBasis.BOUGHT_AGAIN, low)), Action.DAB))
                    .containsExactly(Rule.TOO_GLOSSY);
        }

        @ParameterizedTest
        @CsvSource({"45, 10, ", "44.9, 10, DARK_WALL", "60, 35, ", "60, 35.1, STRONG_COLOUR"})
        void darkAndStrongWalls(double lightness, double chroma, Rule rule) {
            Film film = new Film(new Lab(lightness, chroma, 0), 4, 1);
            Verdict verdict = judge.judge(wall(film, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, 1, 1500)));
            assertThat(against(verdict, Action.DAB)).isEqualTo(rule == null ? List.of() : List.of(rule));
        }

        @ParameterizedTest
        @CsvSource({"16, false", "16.1, true"})
        void aSpotWiderThanTwentyMillimetresIsNotDabbed(double ding, boolean ruledOut) {
            // sanded 2 mm past the filler on each side
            Verdict verdict = judge.judge(
                    wall(MATT, PaintBasis.SAME_BATCH, of(FaultKind.DING, Measures.ofMillimetres(ding, ding, 1))));
            assertThat(against(verdict, Action.DAB).contains(Rule.SPOT_TOO_WIDE_TO_DAB))
                    .isEqualTo(ruledOut);
            assertThat(against(verdict, Action.FEATHER)).isEmpty();
        }

        @ParameterizedTest
        @CsvSource({"8, false", "9, true"})
        void moreThanEightSpotsAreNotWorthDabbing(int count, boolean ruledOut) {
            Verdict verdict = judge.judge(wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, count, 800)));
            assertThat(against(verdict, Action.DAB).contains(Rule.TOO_MANY_SPOTS))
                    .isEqualTo(ruledOut);
        }

        @ParameterizedTest
        @CsvSource({"500, 500, false", "501, 500, true"})
        void oldPatchesAreFeatheredUpToAQuarterSquareMetre(double width, double height, boolean ruledOut) {
            Verdict verdict = judge.judge(wall(
                    MATT, PaintBasis.SAME_BATCH, of(FaultKind.OLD_TOUCH_UP, Measures.ofMillimetres(width, height, 0))));
            assertThat(against(verdict, Action.DAB)).contains(Rule.OLD_TOUCH_UP_NEEDS_FEATHERING);
            assertThat(against(verdict, Action.FEATHER).contains(Rule.PATCH_TOO_WIDE_TO_FEATHER))
                    .isEqualTo(ruledOut);
        }

        @Test
        void aStainIsNeitherLeftNorDabbed() {
            Verdict verdict = judge.judge(wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.STAIN, 1, 2000)));
            assertThat(verdict.action()).isEqualTo(Action.ROLL);
            assertThat(against(verdict, Action.LEAVE)).containsExactly(Rule.STAIN_BLEEDS);
            assertThat(against(verdict, Action.DAB)).contains(Rule.STAIN_BLEEDS);
        }

        @ParameterizedTest
        @CsvSource({"6, ROLL", "7, SKIM_AND_ROLL"})
        void aCrowdOfRepairsIsSkimmed(int count, Action expected) {
            List<Mark> crowd = new ArrayList<>();
            for (int n = 0; n < count; n++) {
                crowd.add(new Mark(Spot.ofMillimetres(2000 + n * 100, 1500), FaultKind.SCREW_HOLE.usualFault()));
            }
            Verdict verdict = judge.judge(wall(MATT, PaintBasis.UNKNOWN, crowd));
            assertThat(verdict.action()).isEqualTo(expected);
        }

        @ParameterizedTest
        @CsvSource({"4900, 4, SKIM_AND_ROLL", "3500, 4, ROLL", "4900, 0.4, ROLL"})
        void aLongWideCrackTakesAsMuchOfTheWallAsItsKnifeIsWide(double length, double gap, Action expected) {
            // taped with knives up to 300 mm: 1.47 of 12.5 m² is more than a tenth, 1.05 is not; a hairline is filled
            // by 50 mm
            List<Mark> crack = List.of(
                    new Mark(Spot.ofMillimetres(50, 1500), FaultKind.CRACK.of(Measures.ofMillimetres(length, 0, gap))));
            assertThat(judge.judge(wall(MATT, PaintBasis.UNKNOWN, crack)).action())
                    .isEqualTo(expected);
        }

        @Test
        void scuffsAreWashedBeforeAnybodyThinksOfPaint() {
            Verdict verdict = judge.judge(wall(MATT, PaintBasis.UNKNOWN, marks(FaultKind.SCUFF, 2, 1500)));
            assertThat(verdict.action()).isEqualTo(Action.WASH);
            assertThat(verdict.chosen().paint().inLitres()).isZero();
        }

        @Test
        void washingAloneIsNotOfferedOnceSomethingHasToBePainted() {
            List<Mark> mixed = new ArrayList<>(marks(FaultKind.SCUFF, 1, 1500));
            mixed.addAll(marks(FaultKind.NAIL_HOLE, 1, 800));
            assertThat(judge.judge(wall(MATT, PaintBasis.SAME_BATCH, mixed)).options())
                    .extracting(Option::action)
                    .doesNotContain(Action.WASH);
        }

        @ParameterizedTest
        @EnumSource(
                value = FaultKind.class,
                names = {
                    "MOULD",
                    "SMOKE",
                    "FLAKING",
                    "BOX_GAP",
                    "POPPED_FASTENER",
                    "BARE_SURFACE",
                    "WALLPAPER_REMAINS",
                    "RUST"
                })
        void whatSpreadsComesOffOrIsOpenIsNotLeft(FaultKind kind) {
            Verdict verdict = judge.judge(wall(MATT, PaintBasis.SAME_BATCH, marks(kind, 1, 800)));
            assertThat(against(verdict, Action.LEAVE)).contains(Rule.CANNOT_BE_LEFT);
            assertThat(verdict.action()).isNotEqualTo(Action.LEAVE);
        }

        @ParameterizedTest
        @EnumSource(
                value = FaultKind.class,
                names = {"GREASE", "MOULD", "GLASSY_PLASTER", "LAP_MARK", "PANEL_OR_PAPER", "BARE_SURFACE"})
        void whatIsPrimedOrKeyedAllOverIsPaintedAllOver(FaultKind kind) {
            Verdict verdict = judge.judge(wall(MATT, PaintBasis.SAME_BATCH, marks(kind, 1, 800)));
            assertThat(against(verdict, Action.DAB)).contains(Rule.NEEDS_WHOLE_WALL);
            assertThat(against(verdict, Action.FEATHER)).contains(Rule.NEEDS_WHOLE_WALL);
        }

        @Test
        void aMarkToBeSkimmedTakesTheWholeWall() {
            Mark flaking =
                    new Mark(Spot.ofMillimetres(2000, 800), FaultKind.FLAKING.usualFault()).by(Method.SKIM_THE_WALL);
            assertThat(judge.judge(wall(MATT, PaintBasis.SAME_BATCH, List.of(flaking)))
                            .action())
                    .isEqualTo(Action.SKIM_AND_ROLL);
        }

        @Test
        void smokeMeansEveryWallMarkedOrNot() {
            Verdict verdict = judge.judge(found(RoomFinding.SMELL_OF_SMOKE));
            assertThat(verdict.action()).isEqualTo(Action.ROLL);
            assertThat(against(verdict, Action.LEAVE)).containsExactly(Rule.ROOM_WAS_SMOKED_IN);
            assertThat(judge.judge(found(RoomFinding.STEAM)).action()).isEqualTo(Action.LEAVE);
        }

        private static WallCase found(RoomFinding finding) {
            WallCase base = wall(MATT, PaintBasis.SAME_BATCH, List.of());
            Setting plain = Setting.PLAIN;
            return new WallCase(
                    base.wall(),
                    List.of(),
                    base.film(),
                    base.basis(),
                    base.light(),
                    base.room(),
                    base.site(),
                    base.climate(),
                    base.daysToViewing(),
                    new Setting(
                            plain.side(),
                            plain.substrate(),
                            Set.of(finding),
                            plain.holding(),
                            true,
                            List.of(),
                            "",
                            List.of(),
                            Cover.UNKNOWN));
        }

        @Test
        void theLimitsAreTheOrganisations() {
            Judge own = new Judge(Catalogue.starting().with(Figure.SPOTS_TO_DAB, 2));
            Verdict verdict = own.judge(wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, 3, 800)));
            assertThat(against(verdict, Action.DAB)).containsExactly(Rule.TOO_MANY_SPOTS);
            assertThat(verdict.option(Action.DAB).against().getFirst().figures())
                    .containsExactly(3, 2);
        }
    }

    @Nested
    class TheChanceThatItShows {
        private double shows(WallCase wall, Action action) {
            return judge.judge(wall).option(action).shows().likely();
        }

        private WallCase lit(WindowLight light) {
            WallCase base = wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, 3, 800));
            return new WallCase(
                    base.wall(),
                    base.marks(),
                    base.film(),
                    base.basis(),
                    light,
                    base.room(),
                    base.site(),
                    base.climate(),
                    base.daysToViewing());
        }

        @Test
        void growsWithEachSpot() {
            double before = 0;
            for (int count = 1; count < 20; count++) {
                double now =
                        shows(wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, count, 800)), Action.DAB);
                assertThat(now).isGreaterThan(before);
                before = now;
            }
        }

        @Test
        void isHigherAtEyeLevelInRakingLightOnGlossOnOldPaintAndFromAnotherBatch() {
            List<Mark> low = marks(FaultKind.NAIL_HOLE, 3, 800);
            double best = shows(wall(MATT, PaintBasis.SAME_BATCH, low), Action.DAB);
            assertThat(shows(wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, 3, 1500)), Action.DAB))
                    .isGreaterThan(best);
            assertThat(shows(lit(WindowLight.FROM_LEFT), Action.DAB)).isGreaterThan(best);
            assertThat(shows(wall(new Film(LIGHT, 12, 1), PaintBasis.SAME_BATCH, low), Action.DAB))
                    .isGreaterThan(best);
            assertThat(shows(wall(new Film(LIGHT, 4, 5), PaintBasis.SAME_BATCH, low), Action.DAB))
                    .isGreaterThan(best);
            assertThat(shows(wall(MATT, PaintBasis.BOUGHT_AGAIN, low), Action.DAB))
                    .isGreaterThan(best);
            assertThat(best).isLessThan(0.1);
        }

        @ParameterizedTest
        @EnumSource(Action.class)
        void carriesItsRange(Action action) {
            if (action == Action.SKIM_AND_ROLL || action == Action.WASH) {
                return;
            }
            Chance chance = judge.judge(lit(WindowLight.FACING)).option(action).shows();
            assertThat(chance.low()).isLessThan(chance.likely());
            assertThat(chance.likely()).isLessThan(chance.high());
        }

        @ParameterizedTest
        @CsvSource({"6, true", "7, false"})
        void freshSheenCountsUntilItHasTonedDown(int days, boolean counts) {
            WallCase base = lit(WindowLight.FACING);
            WallCase viewing = new WallCase(
                    base.wall(),
                    base.marks(),
                    base.film(),
                    base.basis(),
                    base.light(),
                    base.room(),
                    base.site(),
                    base.climate(),
                    OptionalInt.of(days));
            assertThat(shows(viewing, Action.DAB) > shows(base, Action.DAB)).isEqualTo(counts);
        }

        @Test
        void aSmallDingDownLowIsHarderToSeeThanANailHoleAtEyeLevel() {
            assertThat(shows(
                            wall(MATT, PaintBasis.SAME_BATCH, of(FaultKind.DING, Measures.ofMillimetres(3, 3, 0.5))),
                            Action.LEAVE))
                    .isLessThan(shows(
                            wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, 1, 1500)), Action.LEAVE));
        }
    }

    @Nested
    class TheTippingPoint {
        @Test
        void isWhereRollingReallyWins() {
            WallCase wall = wall(MATT, PaintBasis.SAME_BATCH, marks(FaultKind.NAIL_HOLE, 3, 1500));
            int from = judge.judge(wall).rollsFrom().orElseThrow();
            assertThat(from).isGreaterThan(3);
            assertThat(judge.judge(wall.withMarks(marks(FaultKind.NAIL_HOLE, from, 1500)))
                            .action()
                            .isWholeWall())
                    .isTrue();
            assertThat(judge.judge(wall.withMarks(marks(FaultKind.NAIL_HOLE, from - 1, 1500)))
                            .action()
                            .isWholeWall())
                    .isFalse();
        }

        @Test
        void isEmptyOnceRolled() {
            assertThat(judge.judge(wall(MATT, PaintBasis.UNKNOWN, marks(FaultKind.NAIL_HOLE, 3, 1500)))
                            .rollsFrom())
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "false, NOTHING, false, false, UNKNOWN",
        "false, RECORD_AGREES, false, false, UNKNOWN",
        "false, A_TIN, false, false, OTHER_PAINT",
        "true, NOTHING, false, false, NOT_CONFIRMED",
        "true, RECORD_AGREES, false, false, BOUGHT_AGAIN",
        "true, NOT_SURE, true, true, UNKNOWN",
        "true, A_TIN, false, false, OTHER_PAINT",
        "true, A_TIN, true, false, BOUGHT_AGAIN",
        "true, A_TIN, true, true, SAME_BATCH"
    })
    void howSureOneIsOfThePaint(
            boolean recorded, PaintBasis.Said said, boolean samePaint, boolean sameBatch, PaintBasis basis) {
        assertThat(PaintBasis.of(recorded, said, samePaint, sameBatch)).isEqualTo(basis);
    }

    @Test
    void aChanceKeepsItsOrder() {
        assertThatThrownBy(() -> new Chance(0.5, 0.4, 0.6)).hasMessageContaining("0 ≤ low ≤ likely ≤ high ≤ 1");
        assertThatThrownBy(() -> new Chance(0, Double.NaN, 1)).isInstanceOf(IllegalArgumentException.class);
    }
}

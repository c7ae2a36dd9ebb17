package lumko.core.judge;

import static lumko.core.job.Given.LIGHT;
import static lumko.core.job.Given.at;
import static lumko.core.judge.Cases.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Spot;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.job.Cover;
import lumko.core.job.Given;
import lumko.core.job.GoesOn;
import lumko.core.job.JobPlanner;
import lumko.core.job.Work;
import lumko.core.outcome.Learned;
import lumko.core.practice.Practice;
import lumko.core.quantity.Times;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import lumko.core.record.Raw;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;
import lumko.core.repair.Method;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class JudgeTest {
    private final Judge judge = new Judge(Catalogue.starting());

    private List<Class<?>> against(SurfaceCase surface, Action action) {
        return judge.judge(surface).option(action).against().stream()
                .<Class<?>>map(Object::getClass)
                .toList();
    }

    private Action verdict(SurfaceCase surface) {
        return judge.judge(surface).action();
    }

    @Test
    void aWallWithNothingOnItIsLeft() {
        Verdict verdict = judge.judge(wall(PaintBasis.SAME_BATCH, List.of()));
        assertThat(verdict.action()).isEqualTo(Action.LEAVE);
        assertThat(verdict.reasons()).containsExactly(new Finding.NothingMarked());
        assertThat(verdict.rollsFrom().get()).isEmpty();
        assertThat(verdict.option(Action.ROLL).against()).containsExactly(new Finding.NothingMarked());
    }

    @Test
    void aFewLowNailHolesFromTheSameBatchAreDabbed() {
        Verdict verdict = judge.judge(wall(PaintBasis.SAME_BATCH, nails(3, 800)));
        assertThat(verdict.action()).isEqualTo(Action.DAB);
        assertThat(verdict.spots()).isEqualTo(3);
        assertThat(verdict.rollsFrom().get()).isPresent();
        assertThat(verdict.reasons().getFirst()).isInstanceOf(Finding.Cheapest.class);
    }

    @Test
    void manyMarksAtEyeLevelAreRolled() {
        assertThat(verdict(wall(PaintBasis.BOUGHT_AGAIN, marks(FaultKind.SCREW_HOLE, 25, 1500))))
                .isEqualTo(Action.ROLL);
    }

    @Test
    void theCheapestAllowedChoiceIsTaken() {
        Random random = new Random(17);
        for (int n = 0; n < 40; n++) {
            Verdict verdict = judge.judge(random(random));
            Option chosen = verdict.chosen();
            assertThat(chosen.isAllowed()).isTrue();
            assertThat(verdict.options())
                    .filteredOn(Option::isAllowed)
                    .allSatisfy(option -> assertThat(option.expected().toSeconds() * 1.1)
                            .isGreaterThanOrEqualTo(chosen.expected().toSeconds()));
            assertThat(verdict.reasons()).isNotEmpty();
            assertThat(verdict.options().getLast().isAllowed()).isTrue();
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = PaintBasis.class,
            names = {"SAME_TIN", "SAME_BATCH", "BOUGHT_AGAIN", "NOT_CONFIRMED"})
    void oneSpotMoreNeverShowsLess(PaintBasis basis) {
        Random random = new Random(19);
        for (int n = 0; n < 5; n++) {
            Film film = Cases.film(LIGHT, 2 + random.nextDouble(12));
            double years = random.nextDouble(5);
            List<Mark> marks = new ArrayList<>();
            double before = 0;
            for (int m = 0; m < 6; m++) {
                FaultKind kind = List.of(FaultKind.NAIL_HOLE, FaultKind.SCREW_HOLE, FaultKind.DING, FaultKind.ANCHOR)
                        .get(random.nextInt(4));
                marks.add(Given.at(kind, 300 + random.nextDouble(4400), 100 + random.nextDouble(2300)));
                Verdict verdict = judge.judge(Cases.wall(film, years, basis, marks));
                double shows = verdict.option(Action.DAB).shows().likely();
                assertThat(shows).isGreaterThanOrEqualTo(before - 1e-9);
                before = shows;
            }
        }
    }

    @Nested
    class WhatItCosts {
        private final Verdict verdict = judge.judge(wall(PaintBasis.SAME_BATCH, nails(3, 800)));

        @Test
        void isHandAndPaintAndComingBack() {
            for (Option option : verdict.options()) {
                double paint = option.paint().inLitres() * Figure.LITRE_IN_MINUTES.startingValue();
                assertThat(Times.inMinutes(option.expected()))
                        .isCloseTo(
                                Times.inMinutes(option.hand()) + paint + Times.inMinutes(option.comingBack()),
                                Offset.offset(0.05));
            }
        }

        @Test
        void theHandIsTheWorkOnTheWallWithoutTheVisit() {
            // pull, fill, level and dab twice each; sheets and wiping; set out and wash; look over 12.5 m²
            double each = 0.3 + 0.8 + 1.5 + 1 + 1;
            double once = 3 * 0.5 + 0.3 + 8 + 5 + 12.5 * 0.3;
            assertThat(Times.inMinutes(verdict.option(Action.DAB).hand()))
                    .isCloseTo(3 * each + once, Offset.offset(0.05));
            assertThat(verdict.option(Action.LEAVE).hand()).isZero();
        }

        @Test
        void comingBackIsASecondRoundAndRollingAsOftenAsThatFails() {
            Option roll = verdict.option(Action.ROLL);
            // 20 + 15 + 30 for the visit, 8 and 3 for one place, as often as rolling shows
            double round = 20 + 15 + 30 + 8 + Figure.SECOND_ROUND_SPOT.startingValue();
            assertThat(Times.inMinutes(roll.comingBack()))
                    .isCloseTo(round * roll.shows().likely(), Offset.offset(0.05));
            Option dab = verdict.option(Action.DAB);
            double three = round + 2 * Figure.SECOND_ROUND_SPOT.startingValue();
            assertThat(Times.inMinutes(dab.comingBack()))
                    .isGreaterThan(three * dab.shows().likely());
        }

        @Test
        void leavingCostsTheVisitAndTheBestCureAsOftenAsItIsSeen() {
            Option leave = verdict.option(Action.LEAVE);
            double cure = 65 + Times.inMinutes(verdict.option(Action.DAB).expected());
            assertThat(Times.inMinutes(leave.comingBack()))
                    .isCloseTo(cure * leave.shows().likely(), Offset.offset(0.1));
        }

        @Test
        void elapsedCountsTheWaits() {
            // filler to dry, first dab to dry, dab to dry
            assertThat(verdict.option(Action.DAB).elapsed().get()).isBetween(Duration.ofHours(6), Duration.ofHours(8));
            assertThat(verdict.option(Action.LEAVE).elapsed().get()).isZero();
        }
    }

    @Nested
    class HardRules {
        @Test
        void noSpotsInPaintThatIsNotTheWalls() {
            assertThat(against(wall(PaintBasis.UNKNOWN, nails(2, 800)), Action.DAB))
                    .containsExactly(Finding.PaintUnknown.class);
            assertThat(against(wall(PaintBasis.OTHER_PAINT, nails(2, 800)), Action.FEATHER))
                    .containsExactly(Finding.PaintIsOther.class);
            assertThat(verdict(wall(PaintBasis.OTHER_PAINT, nails(2, 800)))).isEqualTo(Action.ROLL);
        }

        @Test
        void noSpotsOnAFilmThatNobodyKnows() {
            SurfaceCase unknown = wall(
                    Given.painted("oat", lumko.core.record.Film.UNKNOWN, 1),
                    GoesOn.same("oat", MATT, PaintBasis.SAME_BATCH),
                    nails(2, 800));
            assertThat(against(unknown, Action.DAB)).containsExactly(Finding.PaintUnknown.class);
        }

        @ParameterizedTest
        @CsvSource({"15, false", "15.1, true"})
        void glossyWallsShowSpotsAtEyeLevel(double gloss, boolean ruledOut) {
            SurfaceCase surface = wall(film(LIGHT, gloss), 1, PaintBasis.SAME_BATCH, nails(2, 1500));
            assertThat(against(surface, Action.DAB).contains(Finding.TooGlossy.class))
                    .isEqualTo(ruledOut);
        }

        @Test
        void butWithTheOriginalPaintOutOfSightTheyMayBeDabbed() {
            assertThat(against(wall(film(LIGHT, 30), 1, PaintBasis.SAME_BATCH, nails(2, 400)), Action.DAB))
                    .isEmpty();
            assertThat(against(wall(film(LIGHT, 30), 1, PaintBasis.BOUGHT_AGAIN, nails(2, 400)), Action.DAB))
                    .containsExactly(Finding.TooGlossy.class);
        }

        @ParameterizedTest
        @CsvSource({"45, 10, NONE", "44.9, 10, DARK", "60, 35, NONE", "60, 35.1, STRONG"})
        void darkAndStrongWalls(double lightness, double chroma, String rule) {
            SurfaceCase surface = wall(
                    film(new lumko.core.colour.Lab(lightness, chroma, 0), 4), 1, PaintBasis.SAME_BATCH, nails(1, 1500));
            List<Finding> against = judge.judge(surface).option(Action.DAB).against();
            assertThat(against)
                    .isEqualTo(
                            switch (rule) {
                                case "DARK" -> List.of(new Finding.DarkWall(lightness, 45));
                                case "STRONG" -> List.of(new Finding.StrongColour(chroma, 35));
                                default -> List.of();
                            });
        }

        @ParameterizedTest
        @CsvSource({"20, false", "23, false", "23.1, true"})
        void aSpotWiderThanAboutTwentyMillimetresIsNotDabbed(double ding, boolean ruledOut) {
            SurfaceCase surface =
                    wall(PaintBasis.SAME_BATCH, of(FaultKind.DING, Measures.ofMillimetres(ding, ding, 1)));
            assertThat(against(surface, Action.DAB).contains(Finding.SpotTooWideToDab.class))
                    .isEqualTo(ruledOut);
            assertThat(against(surface, Action.FEATHER)).isEmpty();
        }

        @Test
        void aHoleThatIsTapedIsTooWideEvenToFeather() {
            SurfaceCase surface = wall(PaintBasis.SAME_BATCH, of(FaultKind.HOLE, Measures.ofMillimetres(200, 200, 13)));
            assertThat(against(surface, Action.FEATHER)).contains(Finding.SpotTooWideToDab.class);
        }

        @ParameterizedTest
        @CsvSource({"500, 500, false", "501, 500, true"})
        void oldPatchesAreFeatheredUpToAQuarterSquareMetre(double width, double height, boolean ruledOut) {
            SurfaceCase surface =
                    wall(PaintBasis.SAME_BATCH, of(FaultKind.OLD_TOUCH_UP, Measures.ofMillimetres(width, height, 0)));
            assertThat(against(surface, Action.DAB)).contains(Finding.PatchNeedsFeathering.class);
            assertThat(against(surface, Action.FEATHER).contains(Finding.PatchTooWideToFeather.class))
                    .isEqualTo(ruledOut);
        }

        @Test
        void spotsThatTakeMoreThanAShareOfTheWallAreNotDabbed() {
            Judge strict = new Judge(Catalogue.starting().with(Figure.SPOTS_SHARE, 0.1));
            SurfaceCase surface = wall(PaintBasis.SAME_BATCH, sixtyDings());
            assertThat(strict.judge(surface).option(Action.DAB).against()).anySatisfy(finding -> {
                assertThat(finding).isInstanceOf(Finding.SpotsTakeTooMuch.class);
                assertThat(((Finding.SpotsTakeTooMuch) finding).most()).isEqualTo(0.1);
                // 60 discs of 24 mm on 12.5 m²
                assertThat(((Finding.SpotsTakeTooMuch) finding).share())
                        .isCloseTo(60 * Math.PI * 12 * 12 / 12.5e6 * 100, Offset.offset(1e-9));
            });
            // blended they would show: sixty are seen as a crowd
            assertThat(strict.judge(surface).option(Action.FEATHER).against())
                    .hasOnlyElementsOfType(Finding.ShowsTooLikely.class);
        }

        private static List<Mark> sixtyDings() {
            List<Mark> dings = new ArrayList<>();
            for (int n = 0; n < 60; n++) {
                dings.add(new Mark(
                        Spot.ofMillimetres(50 + n * 80, 800), FaultKind.DING.of(Measures.ofMillimetres(20, 20, 1))));
            }
            return dings;
        }

        @Test
        void aStainIsNeitherLeftNorDabbed() {
            SurfaceCase surface = wall(PaintBasis.SAME_BATCH, marks(FaultKind.STAIN, 1, 2000));
            assertThat(verdict(surface)).isEqualTo(Action.ROLL);
            assertThat(against(surface, Action.LEAVE)).containsExactly(Finding.StainBleeds.class);
            assertThat(against(surface, Action.DAB)).contains(Finding.StainBleeds.class);
        }

        @ParameterizedTest
        @EnumSource(
                value = FaultKind.class,
                names = {
                    "MOULD",
                    "FLAKING",
                    "BOX_GAP",
                    "POPPED_FASTENER",
                    "BARE_SURFACE",
                    "WALLPAPER_REMAINS",
                    "RUST",
                    "HOLE",
                    "TOGGLE",
                    "GOUGE"
                })
        void whatSpreadsComesOffOrIsOpenIsNotLeft(FaultKind kind) {
            SurfaceCase surface = wall(PaintBasis.SAME_BATCH, marks(kind, 1, 800));
            assertThat(judge.judge(surface).option(Action.LEAVE).against()).contains(new Finding.CannotBeLeft(kind));
            assertThat(verdict(surface)).isNotEqualTo(Action.LEAVE);
        }

        @ParameterizedTest
        @EnumSource(
                value = FaultKind.class,
                names = {"MOULD", "GLASSY_PLASTER", "LAP_MARK", "PANEL_OR_PAPER", "BARE_SURFACE"})
        void whatIsPrimedOrKeyedAllOverIsPaintedAllOver(FaultKind kind) {
            SurfaceCase surface = wall(PaintBasis.SAME_BATCH, marks(kind, 1, 800));
            for (Action action : List.of(Action.DAB, Action.FEATHER)) {
                assertThat(judge.judge(surface).option(action).against()).contains(new Finding.NeedsWholeWall(kind));
            }
        }

        @Test
        void aColourThatIsWantedAsksForTheWholeWall() {
            GoesOn wanted = new GoesOn(
                    "slate",
                    MATT,
                    java.util.Optional.empty(),
                    PaintBasis.OTHER_PAINT,
                    GoesOn.Supply.TO_BUY,
                    Cover.UNKNOWN,
                    true,
                    Optional.empty());
            SurfaceCase clean = wall(Given.painted("oat", MATT, 1), wanted, List.of());
            assertThat(verdict(clean)).isEqualTo(Action.ROLL);
            assertThat(against(clean, Action.LEAVE)).containsExactly(Finding.ColourIsWanted.class);
        }

        @ParameterizedTest
        @EnumSource(Raw.class)
        void whatWasNeverPaintedIsPaintedWholeWhateverIsMarked(Raw raw) {
            Stack stack = Stack.raw(raw, Substrate.GYPSUM_BOARD, lumko.core.record.Age.UNKNOWN);
            GoesOn first = GoesOn.same("oat", MATT, PaintBasis.BARE);
            for (List<Mark> marks : List.of(List.<Mark>of(), nails(2, 800))) {
                SurfaceCase surface = wall(stack, first, marks);
                assertThat(verdict(surface)).isEqualTo(Action.ROLL);
                assertThat(against(surface, Action.LEAVE)).contains(Finding.SurfaceIsBare.class);
                assertThat(judge.judge(surface).reasons())
                        .contains(new Finding.SurfaceIsBare())
                        .doesNotContain(new Finding.NothingMarked());
            }
        }
    }

    @Nested
    class ToSkim {
        private List<Mark> crowd(FaultKind kind, int count, double apart) {
            List<Mark> crowd = new ArrayList<>();
            for (int n = 0; n < count; n++) {
                crowd.add(at(kind, 2000 + n * apart, 1500));
            }
            return crowd;
        }

        @ParameterizedTest
        @CsvSource({"6, ROLL", "7, SKIM_AND_ROLL"})
        void aCrowdOfRepairsIsSkimmed(int count, Action expected) {
            assertThat(verdict(wall(PaintBasis.UNKNOWN, crowd(FaultKind.DING, count, 80))))
                    .isEqualTo(expected);
        }

        /** Its smoke is washed off and sealed as on every other wall. */
        @Test
        void aCrowdInASmokedRoomIsSkimmedToo() {
            SurfaceCase surface = in(
                    wall(PaintBasis.UNKNOWN, crowd(FaultKind.DING, 7, 80)),
                    RoomKind.LIVING,
                    RoomFinding.SMELL_OF_SMOKE);
            assertThat(verdict(surface)).isEqualTo(Action.SKIM_AND_ROLL);
            assertThat(against(surface, Action.DAB)).contains(Finding.RoomWasSmokedIn.class);
            assertThat(new JobPlanner(Catalogue.starting(), Practice.STARTING)
                            .plan(surface.job(Action.SKIM_AND_ROLL))
                            .by(Work.View.ROOM)
                            .activities())
                    .extracting(Activity::kind)
                    .containsSubsequence(
                            ActivityKind.WASH, ActivityKind.SKIM, ActivityKind.BLOCK_STAIN, ActivityKind.ROLL);
        }

        @Test
        void nailHolesAreNoReasonToSkimHoweverMany() {
            assertThat(verdict(wall(PaintBasis.UNKNOWN, crowd(FaultKind.NAIL_HOLE, 20, 30))))
                    .isEqualTo(Action.ROLL);
            assertThat(verdict(wall(PaintBasis.UNKNOWN, crowd(FaultKind.SCREW_HOLE, 20, 30))))
                    .isEqualTo(Action.ROLL);
        }

        @Test
        void whatLiesFurtherApartIsNoCrowd() {
            // centred on the fourth of seven, 600 mm to either side holds only its neighbours
            assertThat(verdict(wall(PaintBasis.UNKNOWN, crowd(FaultKind.DING, 7, 300))))
                    .isEqualTo(Action.ROLL);
            List<Mark> high = new ArrayList<>();
            for (int n = 0; n < 7; n++) {
                high.add(at(FaultKind.DING, 2000, 300 + n * 300));
            }
            assertThat(verdict(wall(PaintBasis.UNKNOWN, high))).isEqualTo(Action.ROLL);
        }

        @ParameterizedTest
        @CsvSource({"4900, 4, SKIM_AND_ROLL", "3500, 4, ROLL", "4900, 0.4, ROLL"})
        void aLongWideCrackTakesAsMuchOfTheWallAsItsKnifeIsWide(double length, double gap, Action expected) {
            List<Mark> crack = List.of(
                    new Mark(Spot.ofMillimetres(50, 1500), FaultKind.CRACK.of(Measures.ofMillimetres(length, 0, gap))));
            assertThat(verdict(wall(PaintBasis.UNKNOWN, crack))).isEqualTo(expected);
        }

        @Test
        void itSaysHowCrowded() {
            Verdict verdict = judge.judge(wall(PaintBasis.UNKNOWN, crowd(FaultKind.DING, 8, 60)));
            Finding.SkimRatherThanChase skim =
                    (Finding.SkimRatherThanChase) verdict.reasons().getFirst();
            assertThat(skim.crowded()).isEqualTo(8);
            assertThat(skim.most()).isEqualTo(6);
            assertThat(skim.mostShare()).isEqualTo(10);
            assertThat(skim.share()).isBetween(0.01, 1.0);
        }

        @Test
        void aMarkToBeSkimmedTakesTheWholeWall() {
            Mark flaking = at(FaultKind.FLAKING, 2000, 800).by(Method.SKIM_THE_WALL);
            assertThat(verdict(wall(PaintBasis.SAME_BATCH, List.of(flaking)))).isEqualTo(Action.SKIM_AND_ROLL);
        }
    }

    @Nested
    class Washing {
        @Test
        void comesBeforeAnybodyThinksOfPaint() {
            Verdict verdict = judge.judge(wall(PaintBasis.UNKNOWN, marks(FaultKind.SCUFF, 2, 1500)));
            assertThat(verdict.action()).isEqualTo(Action.WASH);
            assertThat(verdict.chosen().paint().inLitres()).isZero();
            assertThat(verdict.chosen().shows()).isEqualTo(new Chance(0.03, 0.1, 0.3));
            // what is washed is not called a dab that happens to cost as much
            assertThat(verdict.options())
                    .extracting(Option::action)
                    .containsExactly(Action.LEAVE, Action.WASH, Action.ROLL);
            assertThat(verdict.touchedUpInstead()).contains(verdict.chosen());
        }

        @Test
        void isCalledWashingInAPaintThatIsKnownToo() {
            assertThat(verdict(wall(PaintBasis.SAME_BATCH, marks(FaultKind.SCUFF, 3, 500))))
                    .isEqualTo(Action.WASH);
        }

        @Test
        void aloneIsNotOfferedOnceSomethingHasToBePainted() {
            List<Mark> mixed = new ArrayList<>(marks(FaultKind.SCUFF, 1, 1500));
            mixed.addAll(nails(1, 800));
            assertThat(judge.judge(wall(PaintBasis.SAME_BATCH, mixed)).options())
                    .extracting(Option::action)
                    .doesNotContain(Action.WASH);
            assertThat(judge.judge(wall(PaintBasis.SAME_BATCH, List.of())).options())
                    .extracting(Option::action)
                    .doesNotContain(Action.WASH);
        }
    }

    /** Whatever is found on a wall and in its room, something can be done. */
    @Test
    void somethingIsAlwaysAllowed() {
        Random random = new Random(28);
        for (int n = 0; n < 40; n++) {
            List<Mark> marks = new ArrayList<>();
            for (int count = random.nextInt(20); count > 0; count--) {
                FaultKind kind = FaultKind.values()[random.nextInt(FaultKind.values().length)];
                marks.add(at(kind, 2000 + random.nextInt(900), 1000 + random.nextInt(900)));
            }
            PaintBasis basis = PaintBasis.values()[random.nextInt(PaintBasis.values().length)];
            RoomFinding[] findings = random.ints(random.nextInt(3), 0, RoomFinding.values().length)
                    .mapToObj(which -> RoomFinding.values()[which])
                    .distinct()
                    .toArray(RoomFinding[]::new);
            RoomKind kind = RoomKind.values()[random.nextInt(RoomKind.values().length)];
            assertThat(judge.judge(in(wall(basis, marks), kind, findings))
                            .chosen()
                            .isAllowed())
                    .as(marks + " " + basis + List.of(findings))
                    .isTrue();
        }
    }

    @Nested
    class OfTheRoom {
        private SurfaceCase found(RoomFinding finding, List<Mark> marks) {
            return in(wall(PaintBasis.SAME_BATCH, marks), RoomKind.BEDROOM, finding);
        }

        @Test
        void smokeMeansEveryWallAndCeilingOfTheFlatMarkedOrNot() {
            for (RoomFinding smoke : List.of(RoomFinding.FILM_ON_THE_CLOTH, RoomFinding.SMELL_OF_SMOKE)) {
                SurfaceCase surface = found(smoke, List.of());
                assertThat(verdict(surface)).isEqualTo(Action.FLAT);
                assertThat(against(surface, Action.LEAVE)).containsExactly(Finding.RoomWasSmokedIn.class);
            }
            assertThat(verdict(found(RoomFinding.STEAM, List.of()))).isEqualTo(Action.LEAVE);
        }

        @Test
        void dampIsSaidWhateverIsDone() {
            assertThat(judge.judge(found(RoomFinding.DAMP, nails(1, 800))).reasons())
                    .contains(new Finding.DampFirst());
            assertThat(judge.judge(found(RoomFinding.TENANT_COLOUR, nails(1, 800)))
                            .reasons())
                    .contains(new Finding.TenantsColour());
        }

        @ParameterizedTest
        @CsvSource({"7.9, true", "8, false"})
        void steamWantsAFinishWithSomeSheen(double gloss, boolean said) {
            SurfaceCase surface = in(
                    wall(film(LIGHT, gloss), 1, PaintBasis.SAME_BATCH, nails(1, 800)),
                    RoomKind.BATH,
                    RoomFinding.STEAM);
            assertThat(judge.judge(surface).reasons().contains(new Finding.SteamWantsSheen(gloss, 8)))
                    .isEqualTo(said);
        }
    }

    @Nested
    class Reasons {
        @Test
        void nameWhatTheFilmAndTheEyeSay() {
            SurfaceCase surface =
                    viewedIn(lit(wall(MATT, 5, PaintBasis.BOUGHT_AGAIN, nails(2, 1500)), WindowLight.FROM_LEFT), 6);
            assertThat(judge.judge(surface).reasons())
                    .contains(
                            new Finding.FilmIsOld(5, 4),
                            new Finding.PaintBoughtAgain(),
                            new Finding.RakingLight(WindowLight.FROM_LEFT),
                            new Finding.SheenNotTonedDown(6, 7))
                    .anySatisfy(finding -> {
                        assertThat(finding).isInstanceOf(Finding.InTheEyeBand.class);
                        assertThat(((Finding.InTheEyeBand) finding).seen()).isEqualTo(2);
                    });
        }

        @Test
        void tellAWindowInTheWallFromOneBesideTheCeiling() {
            assertThat(judge.judge(lit(wall(MATT, 1, PaintBasis.SAME_TIN, nails(2, 800)), WindowLight.SAME_WALL))
                            .reasons())
                    .contains(new Finding.GlareBesideWindow())
                    .doesNotContain(new Finding.WindowBesideCeiling());
            assertThat(judge.judge(lit(Cases.ceiling(nails(2, 800)), WindowLight.SAME_WALL))
                            .reasons())
                    .contains(new Finding.WindowBesideCeiling())
                    .doesNotContain(new Finding.GlareBesideWindow());
        }

        @Test
        void sayNothingThatIsNotSo() {
            SurfaceCase surface = viewedIn(wall(MATT, 4, PaintBasis.SAME_TIN, nails(2, 800)), 7);
            assertThat(judge.judge(surface).reasons())
                    .contains(new Finding.PaintSameTin())
                    .doesNotHaveAnyElementsOfTypes(
                            Finding.FilmIsOld.class,
                            Finding.InTheEyeBand.class,
                            Finding.RakingLight.class,
                            Finding.GlareBesideWindow.class,
                            Finding.SheenNotTonedDown.class,
                            Finding.AgeUnknown.class);
        }

        @Test
        void anAgeNobodyKnowsIsSaidToBeUnknown() {
            Stack stack = new Stack(
                    Substrate.GYPSUM_BOARD,
                    List.of(lumko.core.record.Coat.finish(
                            "oat",
                            MATT,
                            java.util.Set.of(),
                            lumko.core.paint.Batch.UNKNOWN,
                            lumko.core.record.Age.UNKNOWN)));
            SurfaceCase surface = wall(stack, GoesOn.same("oat", MATT, PaintBasis.BOUGHT_AGAIN), nails(1, 800));
            assertThat(judge.judge(surface).reasons()).contains(new Finding.AgeUnknown());
            // and counts for more than a fresh one
            assertThat(judge.judge(surface).option(Action.DAB).shows().likely())
                    .isGreaterThan(judge.judge(wall(PaintBasis.BOUGHT_AGAIN, nails(1, 800)))
                            .option(Action.DAB)
                            .shows()
                            .likely());
        }

        @Test
        void compareWithTheNextBest() {
            Verdict verdict = judge.judge(wall(PaintBasis.SAME_BATCH, nails(3, 800)));
            Finding.Cheapest cheapest = (Finding.Cheapest) verdict.reasons().getFirst();
            assertThat(cheapest.expected()).isEqualTo(verdict.chosen().expected());
            assertThat(cheapest.next()).isNotEqualTo(verdict.action());
            assertThat(cheapest.nextExpected())
                    .isEqualTo(verdict.option(cheapest.next()).expected());
        }

        @Test
        void sayWhatRuledOutWhatWouldHavePaintedLess() {
            Verdict verdict = judge.judge(wall(PaintBasis.OTHER_PAINT, nails(3, 1500)));
            assertThat(verdict.reasons()).contains(new Finding.PaintIsOther()).doesNotHaveDuplicates();
        }
    }

    @Nested
    class TheTippingPoint {
        @Test
        void isWhereRollingReallyWins() {
            SurfaceCase surface = wall(PaintBasis.SAME_BATCH, nails(3, 1500));
            int from = judge.judge(surface).rollsFrom().get().orElseThrow();
            assertThat(from).isGreaterThan(3);
            assertThat(verdict(wall(PaintBasis.SAME_BATCH, nails(from, 1500))).isWhole())
                    .isTrue();
            assertThat(verdict(wall(PaintBasis.SAME_BATCH, nails(from - 1, 1500)))
                            .isWhole())
                    .isFalse();
        }

        /** Where the trade has it: a handful at eye level, a dozen and more down low; never one, never fifty. */
        @ParameterizedTest
        @CsvSource({
            "SAME_TIN, 1500, 10, 18",
            "SAME_BATCH, 1500, 8, 17",
            "BOUGHT_AGAIN, 1500, 4, 12",
            "SAME_BATCH, 500, 10, 25"
        })
        void liesWhereThePainterWouldHaveIt(PaintBasis basis, double up, int least, int most) {
            int from = judge.judge(wall(basis, nails(1, up))).rollsFrom().get().orElseThrow();
            assertThat(from).isBetween(least, most);
        }

        /** What is found by doubling and halving is what counting one by one finds, and rolling never loses again. */
        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
        void isTheOnlyOne(long seed) {
            Random random = new Random(seed);
            SurfaceCase surface;
            do {
                surface = Cases.random(random);
            } while (surface.places().size() > 5 || !verdict(surface).isSpots());
            ShowOdds odds =
                    new ShowOdds(surface, Catalogue.starting(), new JobPlanner(Catalogue.starting()), Learned.NOTHING);
            OptionalInt from = judge.judge(surface).rollsFrom().get();
            for (int further = 1; further <= 60; further++) {
                assertThat(judge.rollsWith(surface, odds, further))
                        .describedAs("%d further, from %s", further, from)
                        .isEqualTo(from.isPresent() && surface.places().size() + further >= from.getAsInt());
            }
        }

        @Test
        void isEmptyOnceRolled() {
            assertThat(judge.judge(wall(PaintBasis.UNKNOWN, nails(3, 1500)))
                            .rollsFrom()
                            .get())
                    .isEqualTo(OptionalInt.empty());
        }
    }

    @Test
    void aChanceKeepsItsOrder() {
        assertThatThrownBy(() -> new Chance(0.5, 0.4, 0.6)).hasMessageContaining("0 ≤ low ≤ likely ≤ high ≤ 1");
        assertThatThrownBy(() -> new Chance(0, Double.NaN, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Chance(-0.1, 0, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Chance(0, 0.5, 1.1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void ofTwoThingsAtLeastOne() {
        Chance either = new Chance(0.1, 0.2, 0.5).or(new Chance(0.2, 0.5, 0.5));
        assertThat(either.low()).isCloseTo(0.28, Offset.offset(1e-12));
        assertThat(either.likely()).isCloseTo(0.6, Offset.offset(1e-12));
        assertThat(either.high()).isCloseTo(0.75, Offset.offset(1e-12));
        assertThat(Chance.NEVER.or(either)).isEqualTo(either);
    }

    @Nested
    class LinesAndChips {
        private Verdict verdict(double gloss, PaintBasis basis, FaultKind kind, Condition condition) {
            Mark mark = new Mark(Spot.ofMillimetres(1500, 2450), kind.of(kind.usual(), condition));
            return judge.judge(Cases.wall(Cases.film(LIGHT, gloss), 1, basis, List.of(mark)));
        }

        @ParameterizedTest
        @CsvSource({
            "4, SAME_TIN, BLEED, THIS_SURFACE, HAS_SET, DAB",
            "30, SAME_TIN, WAVY_LINE, THIS_SURFACE, HAS_SET, DAB",
            "30, UNKNOWN, BLEED, CEILING, HAS_SET, DAB",
            "4, UNKNOWN, BLEED, THIS_SURFACE, STILL_FRESH, DAB",
            "4, UNKNOWN, BLEED, THIS_SURFACE, HAS_SET, ROLL",
            "4, UNKNOWN, WAVY_LINE, THIS_SURFACE, HAS_SET, ROLL",
            "30, UNKNOWN, WAVY_LINE, TRIM, HAS_SET, DAB",
            "30, UNKNOWN, TRIM_CHIP, THIS_SURFACE, HAS_SET, DAB"
        })
        void arePutRightUnlessThatTakesAPaintNobodyKnows(
                double gloss,
                PaintBasis basis,
                FaultKind kind,
                Condition.Owner owner,
                Condition.Freshness seen,
                Action action) {
            Verdict verdict =
                    verdict(gloss, basis, kind, Condition.USUAL.with(owner).with(seen));
            assertThat(verdict.action()).isEqualTo(action);
            assertThat(verdict.options())
                    .extracting(Option::action)
                    .containsExactly(Action.LEAVE, Action.DAB, Action.ROLL);
            assertThat(verdict.option(Action.DAB).shows().likely())
                    .isCloseTo(verdict.option(Action.ROLL).shows().likely(), Offset.offset(1e-9));
        }
    }
}

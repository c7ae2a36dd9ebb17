package lumko.core.judge;

import static lumko.core.job.Given.LIGHT;
import static lumko.core.judge.Cases.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.job.JobPlanner;
import lumko.core.outcome.Learned;
import lumko.core.quantity.Length;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ShowOddsTest {
    private static final Catalogue FIGURES = Catalogue.starting();

    private static Odds odds(Catalogue figures, SurfaceCase surface, Action action) {
        return new ShowOdds(surface, figures, new JobPlanner(figures), Learned.NOTHING).of(surface.places(), action);
    }

    private static double shows(SurfaceCase surface, Action action) {
        return odds(FIGURES, surface, action).first().likely();
    }

    private static double dabbed(SurfaceCase surface) {
        return shows(surface, Action.DAB);
    }

    @Nested
    class OfSpots {
        private final SurfaceCase best = wall(PaintBasis.SAME_BATCH, nails(3, 800));

        @Test
        void growWithEachSpot() {
            double before = 0;
            for (int count = 1; count < 20; count++) {
                double now = dabbed(wall(PaintBasis.SAME_BATCH, nails(count, 800)));
                assertThat(now).isGreaterThan(before);
                before = now;
            }
        }

        /** What the paint does it does to all of them, so that ten spots are not ten times as likely to show as one. */
        @Test
        void shareOneCause() {
            SurfaceCase one = wall(PaintBasis.BOUGHT_AGAIN, nails(1, 1500));
            SurfaceCase ten = wall(PaintBasis.BOUGHT_AGAIN, nails(10, 1500));
            double independent = 1 - Math.pow(1 - dabbed(one), 10);
            assertThat(dabbed(ten)).isLessThan(0.97 * independent).isGreaterThan(dabbed(one));
        }

        @Test
        void areHigherWhereTheEyeIsAndTheLightRakes() {
            assertThat(dabbed(best)).isLessThan(0.15);
            assertThat(dabbed(wall(PaintBasis.SAME_BATCH, nails(3, 1500)))).isGreaterThan(dabbed(best));
            double facing = dabbed(best);
            double glare = dabbed(lit(best, WindowLight.SAME_WALL));
            double raking = dabbed(lit(best, WindowLight.FROM_LEFT));
            assertThat(glare).isGreaterThan(facing);
            assertThat(raking).isGreaterThan(glare);
        }

        /** A mark 2.9 m over the lowest floor is before the eyes of whoever stands on the landing. */
        @Test
        void eyeLevelClimbsWithTheStairs() {
            SurfaceCase fromBelow = inStairwell(Length.ZERO, nails(3, 2900));
            SurfaceCase fromLanding = inStairwell(Length.ofMetres(1.4), nails(3, 2900));
            assertThat(dabbed(fromBelow)).isLessThan(dabbed(fromLanding));
            assertThat(shows(fromBelow, Action.LEAVE)).isLessThan(shows(fromLanding, Action.LEAVE));
        }

        @Test
        void onACeilingNobodyHasEyeLevel() {
            assertThat(dabbed(ceiling(nails(3, 1500)))).isEqualTo(dabbed(ceiling(nails(3, 800))));
        }

        @Test
        void growWithEveryStepAwayFromTheTin() {
            double before = 0;
            for (PaintBasis basis : List.of(
                    PaintBasis.SAME_TIN, PaintBasis.SAME_BATCH, PaintBasis.BOUGHT_AGAIN, PaintBasis.OTHER_PAINT)) {
                double now = dabbed(wall(basis, nails(3, 1500)));
                assertThat(now).describedAs(basis.name()).isGreaterThan(before);
                before = now;
            }
            assertThat(dabbed(wall(PaintBasis.NOT_CONFIRMED, nails(3, 1500))))
                    .isEqualTo(dabbed(wall(PaintBasis.BOUGHT_AGAIN, nails(3, 1500))));
        }

        @Test
        void growWithTheAgeOfTheFilm() {
            double before = 0;
            for (double years : new double[] {0, 1, 2, 4, 6}) {
                double now = dabbed(wall(MATT, years, PaintBasis.SAME_BATCH, nails(3, 1500)));
                assertThat(now).isGreaterThan(before);
                before = now;
            }
        }

        @Test
        void areLowerFromFurtherAway() {
            SurfaceCase patch = wall(PaintBasis.BOUGHT_AGAIN, nails(3, 1500));
            double near = odds(FIGURES.with(Figure.STANDS_OFF, 0.7), patch, Action.DAB)
                    .first()
                    .likely();
            double far = odds(FIGURES.with(Figure.STANDS_OFF, 8), patch, Action.DAB)
                    .first()
                    .likely();
            assertThat(far).isLessThan(near);
        }

        @Test
        void areLowerBlendedOnceASpotIsWide() {
            SurfaceCase wide = wall(PaintBasis.SAME_BATCH, of(FaultKind.DING, Measures.ofMillimetres(60, 60, 2)));
            assertThat(shows(wide, Action.FEATHER)).isLessThan(dabbed(wide));
            SurfaceCase small = wall(PaintBasis.SAME_BATCH, of(FaultKind.DING, Measures.ofMillimetres(4, 4, 1)));
            assertThat(shows(small, Action.FEATHER)).isCloseTo(dabbed(small), Offset.offset(0.01));
        }

        @ParameterizedTest
        @EnumSource(
                value = Action.class,
                names = {"LEAVE", "WASH", "DAB", "FEATHER", "ROLL"})
        void carryTheirRange(Action action) {
            Chance chance = odds(FIGURES, best, action).first();
            assertThat(chance.low()).isLessThan(chance.likely());
            assertThat(chance.likely()).isLessThan(chance.high());
        }

        @Test
        void doNotCountWhatIsOnlyWashed() {
            List<lumko.core.repair.Mark> mixed = new java.util.ArrayList<>(nails(1, 800));
            double nail = dabbed(wall(PaintBasis.SAME_BATCH, mixed));
            mixed.addAll(marks(FaultKind.SCUFF, 3, 800));
            // the scuffs together leave their shine once
            assertThat(dabbed(wall(PaintBasis.SAME_BATCH, mixed)))
                    .isCloseTo(1 - (1 - nail) * (1 - 0.1), Offset.offset(1e-9));
        }
    }

    @Nested
    class OfFreshPaint {
        @ParameterizedTest
        @CsvSource({"0", "3", "7"})
        void isMoreTheSoonerSomebodyLooks(int days) {
            SurfaceCase satin = wall(film(LIGHT, 14), 1, PaintBasis.SAME_BATCH, nails(3, 1500));
            assertThat(dabbed(viewedIn(satin, days))).isGreaterThan(dabbed(viewedIn(satin, days + 7)));
            assertThat(dabbed(viewedIn(satin, days))).isGreaterThan(dabbed(satin));
        }

        @Test
        void fadesToAThirdInAWeek() {
            SharedSpread spread = new SharedSpread(FIGURES);
            SurfaceCase matt = wall(PaintBasis.SAME_BATCH, nails(1, 800));
            // 35 % of 4 gloss units, seen from 3
            assertThat(spread.of(viewedIn(matt, 0)).fresh()).isCloseTo(0.35 * 4, Offset.offset(1e-9));
            assertThat(spread.of(viewedIn(matt, 7)).fresh()).isCloseTo(0.35 * 4 / Math.E, Offset.offset(1e-9));
            assertThat(spread.of(matt).fresh()).isZero();
            assertThatThrownBy(() -> viewedIn(matt, -1)).isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Nested
    class OfTheSharedSpread {
        private final SharedSpread spread = new SharedSpread(FIGURES);

        @ParameterizedTest
        @CsvSource({
            "SAME_TIN, 0.2, 0.5",
            "SAME_BATCH, 0.3, 0.5",
            "BOUGHT_AGAIN, 0.7, 1",
            "NOT_CONFIRMED, 0.7, 1",
            "OTHER_PAINT, 2, 3"
        })
        void isThatOfTheFigures(PaintBasis basis, double colour, double sheen) {
            SharedSpread.Of of = spread.of(wall(basis, nails(1, 800)));
            assertThat(of.colour()).isCloseTo(colour, Offset.offset(1e-9));
            assertThat(of.sheen()).isCloseTo(sheen, Offset.offset(1e-9));
        }

        @Test
        void growsWithEachYearBeyondTheFirst() {
            assertThat(spread.of(wall(MATT, 3, PaintBasis.SAME_BATCH, List.of()))
                            .colour())
                    .isCloseTo(0.3 + 2 * 0.15, Offset.offset(1e-9));
        }

        @Test
        void takesAnAgeNobodyKnowsForFiveYears() {
            SurfaceCase unknown = wall(
                    new lumko.core.record.Stack(lumko.core.record.Substrate.GYPSUM_BOARD, List.of()),
                    lumko.core.job.GoesOn.same("oat", Film.UNKNOWN, PaintBasis.SAME_BATCH),
                    List.of());
            assertThat(spread.of(unknown).colour()).isCloseTo(0.3 + 4 * 0.15, Offset.offset(1e-9));
            assertThat(spread.of(viewedIn(unknown, 0)).fresh()).isCloseTo(0.35 * 4, Offset.offset(1e-9));
        }
    }

    @Nested
    class TheSecondRound {
        @Test
        void failsMoreRarelyThanTheFirst() {
            Odds odds = odds(FIGURES, wall(PaintBasis.BOUGHT_AGAIN, nails(5, 1500)), Action.DAB);
            assertThat(odds.again()).isLessThan(odds.first().likely()).isGreaterThan(0);
        }

        @Test
        void doesNotMendAPaintThatIsOff() {
            Catalogue off = FIGURES.with(Figure.SPREAD_BOUGHT_AGAIN, 9);
            Odds odds = odds(off, wall(PaintBasis.BOUGHT_AGAIN, marks(FaultKind.ANCHOR, 5, 1500)), Action.DAB);
            assertThat(odds.again()).isGreaterThan(0.8 * odds.first().likely());
        }

        @Test
        void isNotNeededAfterRolling() {
            assertThat(odds(FIGURES, wall(PaintBasis.UNKNOWN, nails(1, 800)), Action.ROLL)
                            .again())
                    .isZero();
        }
    }

    @Nested
    class OfWhatIsLeft {
        private double left(FaultKind kind, Measures measures) {
            return shows(wall(PaintBasis.SAME_BATCH, of(kind, measures)), Action.LEAVE);
        }

        @Test
        void aSmallDingDownLowIsHarderToSeeThanANailHoleAtEyeLevel() {
            assertThat(left(FaultKind.DING, Measures.ofMillimetres(3, 3, 0.5)))
                    .isLessThan(shows(wall(PaintBasis.SAME_BATCH, nails(1, 1500)), Action.LEAVE));
        }

        @Test
        void whatCountsIsTheVisualAngle() {
            // a hole twice as wide is seen as from half as far
            assertThat(left(FaultKind.HOLE, Measures.ofMillimetres(30, 30, 10)))
                    .isGreaterThan(left(FaultKind.HOLE, Measures.ofMillimetres(15, 15, 10)));
            SurfaceCase nail = wall(PaintBasis.SAME_BATCH, nails(1, 800));
            double distance = new Lookers(FIGURES).distance(nail.room().kind()).inMillimetres();
            double across = nail.marks().getFirst().fault().extent().inMillimetres();
            double arc = Math.toDegrees(across / distance) * 60;
            double logit = 2 * Math.log(arc / 2);
            assertThat(shows(nail, Action.LEAVE)).isCloseTo(1 / (1 + Math.exp(-logit)), Offset.offset(1e-9));
        }

        @Test
        void reliefIsSeenInRakingLightColourIsNot() {
            SurfaceCase ding = wall(PaintBasis.SAME_BATCH, of(FaultKind.DING, Measures.ofMillimetres(10, 10, 2)));
            assertThat(shows(lit(ding, WindowLight.FROM_LEFT), Action.LEAVE)).isGreaterThan(shows(ding, Action.LEAVE));
            SurfaceCase scuff = wall(PaintBasis.SAME_BATCH, marks(FaultKind.SCUFF, 1, 800));
            assertThat(shows(lit(scuff, WindowLight.FROM_LEFT), Action.LEAVE)).isEqualTo(shows(scuff, Action.LEAVE));
        }

        @ParameterizedTest
        @EnumSource(FaultKind.class)
        void everyKindHasAChance(FaultKind kind) {
            Chance chance = odds(FIGURES, wall(PaintBasis.SAME_BATCH, marks(kind, 1, 800)), Action.LEAVE)
                    .first();
            assertThat(chance.likely()).isStrictlyBetween(0.0, 1.0);
            assertThat(chance.low()).isLessThan(chance.likely());
        }
    }
}

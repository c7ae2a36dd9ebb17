package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.WindowLight;
import lumko.core.paint.Binder;
import lumko.core.record.Age;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AgeingTest {
    private static final Lab FRESH = new Lab(90, 1, 9);

    private static final Offset<Double> CLOSE = Offset.offset(1e-9);

    private static Ageing after(double years, RoomKind room, boolean washed) {
        return Ageing.of(FRESH, Age.ofYears(years), room, WindowLight.FACING, 4, Binder.WATERBORNE, washed);
    }

    @Test
    void onTheFirstDayItIsWhatWasPutOn() {
        assertThat(after(0, RoomKind.KITCHEN, false)).isEqualTo(new Ageing(FRESH, 0));
    }

    @Test
    void olderIsDarkerYellowerAndLessSure() {
        Ageing last = after(0, RoomKind.LIVING, false);
        for (int years = 1; years <= 8; years++) {
            Ageing now = after(years, RoomKind.LIVING, false);
            assertThat(now.likely().lightness()).isLessThan(last.likely().lightness());
            assertThat(now.uncertainty()).isGreaterThan(last.uncertainty());
            last = now;
        }
    }

    @Test
    void kitchensSoilMoreAndWashingTakesMostOfIt() {
        assertThat(after(3, RoomKind.KITCHEN, false).likely().lightness())
                .isLessThan(after(3, RoomKind.BEDROOM, false).likely().lightness());
        assertThat(after(3, RoomKind.KITCHEN, true).likely().lightness())
                .isGreaterThan(after(3, RoomKind.KITCHEN, false).likely().lightness());
    }

    /** A year in a living room: 0.15 of soil, of which a fifth is yellow, and 0.1 of yellowing; facing light bleaches 2.4 %. */
    @Test
    void aYearIsAsTheRatesSay() {
        Lab year = after(1, RoomKind.LIVING, false).likely();

        assertThat(year.lightness()).isCloseTo(90 - 0.15, CLOSE);
        assertThat(year.a()).isCloseTo(0.976, CLOSE);
        assertThat(year.b()).isCloseTo(9 * 0.976 + 0.1 + 0.03, CLOSE);
    }

    @ParameterizedTest
    @CsvSource({"KITCHEN, 2", "HALL, 1.4", "STAIRS, 1.4", "LIVING, 1", "BEDROOM, 0.8", "BATH, 0.8"})
    void roomsSoilByWhatIsDoneInThem(RoomKind room, double times) {
        assertThat(90 - after(2, room, false).likely().lightness()).isCloseTo(0.3 * times, CLOSE);
    }

    @ParameterizedTest
    @CsvSource({"FACING, 0.976", "FROM_LEFT, 0.98", "FROM_RIGHT, 0.98", "SAME_WALL, 0.99", "NONE, 0.996"})
    void lightBleachesAsItFalls(WindowLight light, double kept) {
        Lab year = Ageing.of(FRESH, Age.ofYears(1), RoomKind.LIVING, light, 4, Binder.WATERBORNE, false)
                .likely();
        assertThat(year.a()).isCloseTo(kept, CLOSE);
    }

    @Test
    void aSheenSoilsLessAndSolventYellowsMore() {
        Lab sheen = Ageing.of(FRESH, Age.ofYears(1), RoomKind.LIVING, WindowLight.NONE, 10.1, Binder.WATERBORNE, false)
                .likely();
        Lab matt = Ageing.of(FRESH, Age.ofYears(1), RoomKind.LIVING, WindowLight.NONE, 10, Binder.WATERBORNE, false)
                .likely();
        Lab solvent = Ageing.of(
                        FRESH, Age.ofYears(1), RoomKind.LIVING, WindowLight.NONE, 10, Binder.SOLVENTBORNE, false)
                .likely();

        assertThat(90 - sheen.lightness()).isCloseTo(0.15 * 0.6, CLOSE);
        assertThat(90 - matt.lightness()).isCloseTo(0.15, CLOSE);
        assertThat(solvent.b() - matt.b()).isCloseTo(0.5, CLOSE);
    }

    @Test
    void washingLeavesAThirdOfTheSoil() {
        assertThat(90 - after(1, RoomKind.LIVING, true).likely().lightness()).isCloseTo(0.15 * 0.3, CLOSE);
    }

    @Test
    void nothingGetsDarkerThanBlack() {
        Lab black = new Lab(1, 0, 0);
        assertThat(Ageing.of(black, Age.ofYears(50), RoomKind.KITCHEN, WindowLight.NONE, 4, Binder.WATERBORNE, false)
                        .likely()
                        .lightness())
                .isZero();
    }

    @Test
    void theRangeIsAPartOfTheShift() {
        Ageing aged = after(4, RoomKind.LIVING, false);

        assertThat(aged.uncertainty()).isCloseTo(0.6 * ColourDifference.between(FRESH, aged.likely()), CLOSE);
    }

    @Test
    void whereNobodyKnowsTheAgeTheRangeReachesFromFreshToOld() {
        Ageing unknown =
                Ageing.of(FRESH, Age.UNKNOWN, RoomKind.KITCHEN, WindowLight.FACING, 4, Binder.WATERBORNE, false);

        assertThat(unknown.likely()).isEqualTo(after(2, RoomKind.KITCHEN, false).likely());
        for (double years : new double[] {0, 1, 2, 3, 5}) {
            Lab then = after(years, RoomKind.KITCHEN, false).likely();
            assertThat(ColourDifference.between(unknown.likely(), then))
                    .isLessThanOrEqualTo(unknown.uncertainty() + 1e-9);
        }
        assertThat(ColourDifference.between(
                        unknown.likely(), after(5.5, RoomKind.KITCHEN, false).likely()))
                .isGreaterThan(unknown.uncertainty());
    }

    @Test
    void daylightBleachesWhatALitWallShows() {
        Lab strong = new Lab(60, 30, 20);
        double lit = Ageing.of(strong, Age.ofYears(5), RoomKind.LIVING, WindowLight.FACING, 4, Binder.WATERBORNE, true)
                .likely()
                .a();
        double dark = Ageing.of(strong, Age.ofYears(5), RoomKind.LIVING, WindowLight.NONE, 4, Binder.WATERBORNE, true)
                .likely()
                .a();
        assertThat(lit).isLessThan(dark);
    }

    @Test
    void freshSheenTonesDownWithinThirtyDays() {
        assertThat(Gloss.after(0, 20, 21)).isCloseTo(27, Offset.offset(1e-9));
        assertThat(Gloss.after(7, 20, 21)).isCloseTo(20 * (1 + 0.35 / Math.E), Offset.offset(1e-9));
        assertThat(Gloss.after(30, 20, 21)).isEqualTo(20);
        assertThat(Gloss.after(7, 20, 5)).isGreaterThan(Gloss.after(7, 20, 21));
    }
}

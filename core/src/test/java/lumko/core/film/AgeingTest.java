package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import lumko.core.colour.Lab;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.WindowLight;
import lumko.core.paint.Binder;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class AgeingTest {
    private static final Lab FRESH = new Lab(90, 1, 9);

    private static Ageing after(double years, RoomKind room, boolean washed) {
        return Ageing.of(FRESH, years, room, WindowLight.FACING, 4, Binder.WATERBORNE, washed);
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

    @Test
    void daylightBleachesWhatALitWallShows() {
        Lab strong = new Lab(60, 30, 20);
        double lit = Ageing.of(strong, 5, RoomKind.LIVING, WindowLight.FACING, 4, Binder.WATERBORNE, true)
                .likely()
                .a();
        double dark = Ageing.of(strong, 5, RoomKind.LIVING, WindowLight.NONE, 4, Binder.WATERBORNE, true)
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

package lumko.core.activity;

import static org.assertj.core.api.Assertions.assertThat;

import lumko.core.drying.Climate;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class OpenTimeTest {
    private static final Offset<Double> CLOSE = Offset.offset(0.02);
    private static final Catalogue FIGURES = Catalogue.starting();

    private final OpenTime open = new OpenTime(FIGURES);

    @Test
    void halvesWhenItIsHotAndDryAndNeverDoubles() {
        assertThat(Times.inMinutes(open.of(Climate.REFERENCE))).isCloseTo(11.5, CLOSE);
        // 28 °C and 35 %: twice the drying power
        assertThat(Times.inMinutes(open.of(Climate.of(28, 35, Climate.Air.MOVING))))
                .isCloseTo(11.5 * 0.506, Offset.offset(0.1));
        assertThat(Times.inMinutes(open.of(Climate.of(12, 95, Climate.Air.MOVING))))
                .isCloseTo(23, CLOSE);
        // saturated air: no drying power at all, and still no more than double
        assertThat(Times.inMinutes(open.of(Climate.of(10, 100, Climate.Air.STILL))))
                .isCloseTo(23, CLOSE);
    }

    @Test
    void followsTheFigure() {
        OpenTime own = new OpenTime(FIGURES.with(Figure.OPEN_TIME, 20));
        assertThat(Times.inMinutes(own.of(Climate.REFERENCE))).isCloseTo(20, CLOSE);
    }

    @Test
    void twoMayCutFurtherAheadThanOne() {
        assertThat(open.ahead(Climate.REFERENCE, false).inMetres()).isCloseTo(11.5 / 1.5, CLOSE);
        assertThat(open.ahead(Climate.REFERENCE, true).inMetres()).isCloseTo(11.5, CLOSE);
    }

    @Test
    void aCeilingIsDoneInOneGo() {
        // 12 m² at 1.6 and 14 m at 1.0
        assertThat(Times.inMinutes(open.inOneGo(Area.ofSquareMetres(12), Length.ofMetres(14))))
                .isCloseTo(19.2 + 14, CLOSE);
    }
}

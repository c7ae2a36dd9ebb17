package lumko.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.Map;
import lumko.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CatalogueTest {
    @ParameterizedTest
    @EnumSource
    void everyStartingValueLiesInItsOwnRange(Figure figure) {
        assertThat(figure.startingValue()).isBetween(figure.low(), figure.high());
    }

    @Test
    void anOwnFigureStandsInPlaceOfTheStartingValue() {
        Catalogue own = Catalogue.of(Map.of(Figure.DAB, 1.5));
        assertThat(own.value(Figure.DAB)).isEqualTo(1.5);
        assertThat(own.value(Figure.FEATHER)).isEqualTo(2.5);
        assertThat(Catalogue.starting().value(Figure.DAB)).isEqualTo(1.0);
    }

    @ParameterizedTest
    @EnumSource
    void noFigureCanBeSetBeyondItsRange(Figure figure) {
        assertThatThrownBy(() -> Catalogue.starting().with(figure, figure.high() + 0.001))
                .hasMessageStartingWith(figure.name() + " must be");
        assertThatThrownBy(() -> Catalogue.starting().with(figure, figure.low() - 0.001))
                .hasMessageStartingWith(figure.name() + " must be");
        assertThatThrownBy(() -> Catalogue.starting().with(figure, Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void figuresComeInTheirUnits() {
        Catalogue figures = Catalogue.starting();
        assertThat(figures.minutes(Figure.CUT_IN, 2.5)).isEqualTo(Duration.ofSeconds(150));
        assertThat(figures.length(Figure.EYE_BAND_FROM)).isEqualTo(Length.ofMetres(1.2));
        assertThat(figures.length(Figure.SPOT_DIAMETER)).isEqualTo(Length.ofMillimetres(20));
        assertThat(figures.share(Figure.LOSS_BRUSH)).isEqualTo(0.03);
    }
}

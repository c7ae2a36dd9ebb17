package lumko.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Duration;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CatalogueTest {
    private static final Catalogue FIGURES = Catalogue.starting();

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
    void figuresComeAsWhatTheirUnitMakesOfThem() {
        assertThat(FIGURES.once(Figure.SET_UP)).isEqualTo(Duration.ofMinutes(20));
        assertThat(FIGURES.each(Figure.NAIL_HOLE_FILL, 5)).isEqualTo(Duration.ofMinutes(4));
        assertThat(FIGURES.along(Figure.CUT_IN, Length.ofMetres(2.5))).isEqualTo(Duration.ofSeconds(150));
        assertThat(FIGURES.over(Figure.ROLL_WALL, Area.ofSquareMetres(10))).isEqualTo(Duration.ofMinutes(13));
        assertThat(FIGURES.time(Figure.DRY_EMULSION)).isEqualTo(Duration.ofHours(3));
        assertThat(FIGURES.time(Figure.FULL_CURE)).isEqualTo(Duration.ofDays(30));
        assertThat(FIGURES.time(Figure.OPEN_TIME)).isEqualTo(Duration.ofSeconds(690));
        assertThat(FIGURES.length(Figure.EYE_BAND_FROM)).isEqualTo(Length.ofMetres(1.2));
        assertThat(FIGURES.length(Figure.SPOT_DIAMETER)).isEqualTo(Length.ofMillimetres(20));
        assertThat(FIGURES.area(Figure.WIPED_ROUND_SPOT)).isEqualTo(Area.ofSquareMetres(0.25));
        assertThat(FIGURES.volume(Figure.DOOR_SIDE_LITRES)).isEqualTo(Volume.ofLitres(0.2));
        assertThat(FIGURES.coat(Figure.SPREAD_EMULSION, Area.ofSquareMetres(25)))
                .isEqualTo(Volume.ofLitres(2.5));
        assertThat(FIGURES.share(Figure.LOSS_BRUSH)).isEqualTo(0.03);
        assertThat(FIGURES.factor(Figure.ROLL_WIDE)).isEqualTo(0.7);
        assertThat(FIGURES.count(Figure.OWN_MINUTES_FROM)).isEqualTo(5);
        assertThat(FIGURES.limit(Figure.LEAD_BEFORE)).isEqualTo(1980);
    }

    @Test
    void aFigureAskedForInAnotherUnitIsRefused() {
        assertThatThrownBy(() -> FIGURES.over(Figure.CUT_IN, Area.ofSquareMetres(1)))
                .hasMessage("CUT_IN is counted in MINUTES_PER_METRE");
    }

    /** A figure that no rule reads would be set by somebody for nothing. */
    @Test
    void everyFigureIsReadByARule() {
        Set<String> read = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("lumko.core").stream()
                        .filter(one -> !one.getPackageName().equals("lumko.core.figure"))
                        .flatMap(one -> one.getFieldAccessesFromSelf().stream())
                        .filter(access -> access.getTargetOwner().isEquivalentTo(Figure.class))
                        .map(access -> access.getTarget().getName())
                        .collect(Collectors.toSet());
        assertThat(read).contains(names());
    }

    private static String[] names() {
        return Arrays.stream(Figure.values()).map(Enum::name).toArray(String[]::new);
    }
}

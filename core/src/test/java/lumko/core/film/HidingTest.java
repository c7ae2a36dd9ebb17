package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Comparator;
import java.util.List;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.paint.DryFilm;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HidingTest {

    private static Spectrum of(String hex) {
        return SmoothReflectance.of(Srgb.ofHex(hex));
    }

    private final double film = DryFilm.micrometres(10, 38);

    @Test
    void aCoatIsAsThickAsWhatStays() {
        assertThat(film).isCloseTo(38, Offset.offset(1e-9));
        assertThatThrownBy(() -> DryFilm.micrometres(0, 38)).hasMessage("spread rate must be 1–30 m²/L, was 0 m²/L");
    }

    @ParameterizedTest
    @ValueSource(strings = {"#efece3", "#2f5548", "#101010", "#c01818", "#ffd800"})
    void theScatteringGivesTheContrastRatioItWasMadeFor(String colour) {
        for (double ratio : new double[] {0.3, 0.8, 0.92, 0.98, 0.999}) {
            assertThat(Hiding.of(of(colour), ratio, film).contrastRatio(film))
                    .as("%s at %s", colour, ratio)
                    .isCloseTo(ratio, Offset.offset(1e-11));
        }
    }

    @Test
    void eachCoatLeavesLessToSee() {
        Hiding.Coats hiding = Hiding.of(of("#efece3"), 0.93, film).over(of("#2f5548"), film);
        assertThat(hiding.left()).isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(hiding.needed()).isBetween(2, 6);
    }

    @Test
    void overTheSameColourOneCoatDoes() {
        assertThat(Hiding.of(of("#efece3"), 0.93, film)
                        .over(of("#efece3"), film)
                        .needed())
                .isEqualTo(1);
    }

    @Test
    void aBetterHidingPaintNeverNeedsMoreCoats() {
        int last = 7;
        for (double ratio : new double[] {0.85, 0.9, 0.95, 0.98, 0.995}) {
            int coats = Hiding.of(of("#efece3"), ratio, film)
                    .over(of("#2f5548"), film)
                    .needed();
            assertThat(coats).isLessThanOrEqualTo(last);
            last = coats;
        }
    }

    @Test
    void theBestUndercoatIsNearTheLightnessOfTheFinish() {
        Spectrum dark = of("#2f5548");
        double grey = Hiding.of(dark, 0.9, film).bestUndercoat(film);
        double finished = Colorimetry.DAYLIGHT.xyz(dark).y() / 100;
        assertThat(grey).isBetween(finished * 0.5, finished * 2);
        assertThat(Hiding.of(of("#efece3"), 0.9, film).bestUndercoat(film)).isGreaterThan(0.7);
    }

    @Test
    void anUndercoatNeverNeedsMoreOfTheFinish() {
        List<CoatPlan> plans = Hiding.of(of("#efece3"), 0.85, film).plans(of("#101010"), film);
        assertThat(plans).extracting(CoatPlan::undercoats).containsExactly(0, 1);
        assertThat(plans.get(1).finish()).isLessThanOrEqualTo(plans.get(0).finish());
        assertThat(plans.get(1).left()).isLessThanOrEqualTo(0.5);
    }
}

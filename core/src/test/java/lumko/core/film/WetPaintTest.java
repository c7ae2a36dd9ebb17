package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import lumko.core.colour.Colorimetry;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.paint.Binder;
import lumko.core.paint.DryFilm;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WetPaintTest {
    private static final double FILM = DryFilm.micrometres(10, 38);

    private static Spectrum of(String hex) {
        return SmoothReflectance.of(Srgb.ofHex(hex));
    }

    private static WetPaint wet(String hex) {
        return WetPaint.of(of(hex), 0.93, FILM, Binder.WATERBORNE);
    }

    @ParameterizedTest
    @ValueSource(strings = {"#e6dece", "#b5bdc5", "#2f5548", "#7a3b2e"})
    void aWaterbornePaintDriesDarker(String hex) {
        WetPaint wet = wet(hex);
        assertThat(Colorimetry.DAYLIGHT.lab(wet.likely()).lightness())
                .isGreaterThan(Colorimetry.DAYLIGHT.lab(of(hex)).lightness());
        assertThat(wet.least()).isPositive().isLessThan(wet.difference());
        assertThat(wet.difference()).isLessThan(wet.most());
    }

    @Test
    void aDeepColourShiftsMoreThanAWhite() {
        assertThat(wet("#2f5548").difference()).isGreaterThan(2 * wet("#f6f4ee").difference());
    }

    @Test
    void aSolventbornePaintDoesNot() {
        WetPaint wet = WetPaint.of(of("#2f5548"), 0.93, FILM, Binder.SOLVENTBORNE);
        assertThat(wet.most()).isZero();
        assertThat(wet.likely()).isEqualTo(of("#2f5548"));
    }
}

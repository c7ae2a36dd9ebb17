package lumko.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ColorimetryTest {
    /** CIE 15:2018, tables of white points; ASTM E308 tables 5 and 6, for 10 nm. */
    @ParameterizedTest
    @CsvSource({
        "D65, DEGREES_2, 95.047, 108.883",
        "D65, DEGREES_10, 94.811, 107.304",
        "D50, DEGREES_2, 96.422, 82.521",
        "D50, DEGREES_10, 96.720, 81.427",
        "A, DEGREES_2, 109.850, 35.585",
        "A, DEGREES_10, 111.144, 35.200",
        "F11, DEGREES_2, 100.962, 64.350",
        "F11, DEGREES_10, 103.863, 65.607"
    })
    void thePerfectDiffuserIsTheWhite(Illuminant illuminant, Observer observer, double x, double z) {
        Colorimetry seen = Colorimetry.of(illuminant, observer);
        Xyz white = seen.xyz(Spectrum.flat(1));
        assertThat(white.y()).isCloseTo(100, Offset.offset(1e-4));
        assertThat(white.x()).isCloseTo(x, Offset.offset(illuminant == Illuminant.F11 ? 0.05 : 0.02));
        assertThat(white.z()).isCloseTo(z, Offset.offset(illuminant == Illuminant.F11 ? 0.05 : 0.02));
        Lab lab = seen.lab(Spectrum.flat(1));
        assertThat(lab.lightness()).isCloseTo(100, Offset.offset(1e-4));
        assertThat(lab.chroma()).isLessThan(1e-3);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.05, 0.2, 0.5, 0.9})
    void anEvenGreyIsGreyUnderEveryLight(double factor) {
        for (Illuminant illuminant : Illuminant.values()) {
            for (Observer observer : Observer.values()) {
                Lab lab = Colorimetry.of(illuminant, observer).lab(Spectrum.flat(factor));
                assertThat(lab.chroma()).isLessThan(1e-3);
                assertThat(Colorimetry.of(illuminant, observer)
                                .xyz(Spectrum.flat(factor))
                                .y())
                        .isCloseTo(100 * factor, Offset.offset(1e-4));
            }
        }
    }

    @Test
    void moreBandsOfTheSameSurfaceAreTheSameColour() {
        double[] wide = new double[36];
        double[] narrow = new double[31];
        for (int i = 0; i < 36; i++) {
            wide[i] = 0.2 + 0.6 / (1 + Math.exp(-(380 + 10 * i - 560) / 25.0));
        }
        System.arraycopy(wide, 2, narrow, 0, 31);
        Lab byWide = Colorimetry.DAYLIGHT.lab(Spectrum.of(380, wide));
        Lab byNarrow = Colorimetry.DAYLIGHT.lab(Spectrum.of(400, narrow));
        assertThat(ColourDifference.between(byWide, byNarrow)).isLessThan(0.1);
    }

    @Test
    void labAndBack() {
        Lab lab = new Lab(62.5, -11, 38);
        Xyz white = Colorimetry.DAYLIGHT.white();
        Lab again = Lab.of(lab.xyz(white), white);
        assertThat(ColourDifference.between(lab, again)).isLessThan(1e-9);
        Lab dark = new Lab(3, 0.4, -0.2);
        assertThat(ColourDifference.between(dark, Lab.of(dark.xyz(white), white)))
                .isLessThan(1e-9);
    }

    @Nested
    class WhatCannotBe {
        @Test
        void isRefused() {
            assertThatThrownBy(() -> Spectrum.flat(1.6)).hasMessage("reflectance factor must be 0–1.5, was 1.6");
            assertThatThrownBy(() -> Spectrum.flat(Double.NaN)).hasMessageContaining("NaN");
            assertThatThrownBy(() -> Spectrum.of(410, new double[30]))
                    .hasMessageContaining("first band must be 360–400 nm");
            assertThatThrownBy(() -> Spectrum.of(400, new double[30]))
                    .hasMessageContaining("last band must be 700–830 nm");
            assertThatThrownBy(() -> Spectrum.of(395, new double[40])).hasMessageContaining("whole tens");
        }
    }

    @Nested
    class FromAColourAlone {
        @ParameterizedTest
        @ValueSource(
                strings = {
                    "#e6dece", "#efece3", "#b5bdc5", "#cfdfe8", "#d8c587", "#2f5548", "#f6f4ee", "#101010", "#7f7f7f",
                    "#c03030"
                })
        void theSmoothestReflectanceHasThatColour(String hex) {
            Colorimetry seen = Colorimetry.of(Illuminant.D65, Observer.DEGREES_2);
            Lab lab = Srgb.ofHex(hex).lab();
            Spectrum smooth = SmoothReflectance.of(lab, seen);
            assertThat(ColourDifference.between(seen.lab(smooth), lab)).isLessThan(1e-6);
            for (double factor : smooth.factors()) {
                assertThat(factor).isBetween(0.0, 1.0);
            }
        }

        @Test
        void aGreyIsEven() {
            Colorimetry seen = Colorimetry.of(Illuminant.D65, Observer.DEGREES_2);
            Spectrum smooth = SmoothReflectance.of(new Lab(50, 0, 0), seen);
            double[] factors = smooth.factors();
            assertThat(factors[0]).isCloseTo(factors[30], Offset.offset(1e-3));
        }

        @Test
        void whatNoSurfaceCanBeIsApproached() {
            Spectrum smooth = SmoothReflectance.of(new Lab(95, 90, -60), Colorimetry.DAYLIGHT);
            assertThat(Colorimetry.DAYLIGHT.lab(smooth).lightness()).isCloseTo(95, Offset.offset(0.01));
        }
    }

    @Nested
    class OtherLights {
        @Test
        void whatIsTheSameIsTheSameUnderAll() {
            Spectrum grey = Spectrum.flat(0.4);
            assertThat(Metamerism.of(grey, grey).differences().values()).containsOnly(0.0);
            assertThat(Metamerism.of(grey, grey).parts()).isFalse();
            assertThat(Metamerism.of(grey, grey).holds()).isTrue();
            Metamerism apart = Metamerism.of(grey, Spectrum.flat(0.05));
            assertThat(apart.parts()).as("it never matched").isFalse();
            assertThat(apart.holds()).isFalse();
        }

        @Test
        void aMatchInDaylightMayPartUnderALamp() {
            Spectrum smooth = SmoothReflectance.of(new Lab(60, 0, 0), Colorimetry.DAYLIGHT);
            double[] other = smooth.factors();
            // a pair of bumps that daylight hardly tells from the smooth grey
            for (int i = 0; i < other.length; i++) {
                other[i] += 0.11 * Math.sin((400 + 10 * i - 400) / 300.0 * 6 * Math.PI);
            }
            Metamerism metamerism = Metamerism.of(smooth, Spectrum.of(400, other));
            assertThat(metamerism.under(Illuminant.F11)).isNotEqualTo(metamerism.under(Illuminant.D65));
        }
    }

    /** In the light and where the cube root is a line. */
    @ParameterizedTest
    @ValueSource(doubles = {0.2, 0.8, 20, 90})
    void howLabBeginsToChange(double y) {
        Xyz white = Colorimetry.DAYLIGHT.white();
        Xyz at = new Xyz(y * 0.9, y, y * 0.7);
        Xyz by = new Xyz(1e-6, -2e-6, 3e-6);
        Lab before = Lab.of(at, white);
        Lab after = Lab.of(new Xyz(at.x() + by.x(), at.y() + by.y(), at.z() + by.z()), white);
        assertThat(Lab.change(at, by, white))
                .containsExactly(
                        new double[] {
                            after.lightness() - before.lightness(), after.a() - before.a(), after.b() - before.b()
                        },
                        within(1e-8));
    }
}

package lumko.core.drying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.Optional;
import java.util.Random;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.drying.Climate.Air;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Drying.Dries;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.quantity.Temperature;
import lumko.core.quantity.Times;
import org.assertj.core.data.Offset;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class DryingModelTest {
    private final DryingModel model = new DryingModel(Catalogue.starting());

    private Dries dries(DryingMaterial material, double millimetres, Climate climate) {
        return (Dries) model.wait(material, Length.ofMillimetres(millimetres), climate);
    }

    private static Wait recoat(Wet wet) {
        return new Wait(wet, Purpose.RECOAT);
    }

    private double hours(DryingMaterial material, double millimetres, Purpose purpose) {
        Wet wet = Wet.of(material, Length.ofMillimetres(millimetres));
        return Times.inHours(new Wait(wet, purpose).likely(Climate.REFERENCE, model));
    }

    @Nested
    class RoomAir {
        /** WMO No. 8 (2018), table of saturation vapour pressure over water, hPa, to 0.1 %. */
        @ParameterizedTest
        @CsvSource({"0, 6.112", "10, 12.27", "20, 23.37", "30, 42.43"})
        void saturationPressure(double celsius, double hectopascals) {
            assertThat(Climate.saturationPressure(Temperature.ofCelsius(celsius)) / 100)
                    .isCloseTo(hectopascals, Percentage.withPercentage(0.3));
        }

        @Test
        void saturatedAirIsAtItsDewPoint() {
            assertThat(Climate.of(18, 100, Air.STILL).dewPoint().inCelsius()).isCloseTo(18, Offset.offset(1e-9));
        }

        @Test
        void dewPointOfARoom() {
            // 20 °C and 50 % are commonly given as 9.3 °C
            assertThat(Climate.of(20, 50, Air.STILL).dewPoint().inCelsius()).isCloseTo(9.3, Offset.offset(0.1));
        }

        @Test
        void dryAirHasNone() {
            assertThat(Climate.of(20, 0, Air.STILL).dewPoint()).isEqualTo(Temperature.ofCelsius(-30));
        }
    }

    @ParameterizedTest
    @CsvFileSource(resources = "joint-filler-chart.csv", numLinesToSkip = 3)
    void holdsAgainstPublishedChartsWithin15Percent(double celsius, double percent, double hours) {
        Dries dries = dries(DryingMaterial.DRYING_COMPOUND, 3, Climate.of(celsius, percent, Air.MOVING));
        assertThat(Times.inHours(dries.likely())).isCloseTo(hours, Percentage.withPercentage(15));
    }

    @ParameterizedTest
    @EnumSource
    void atTheReferenceAirAndThicknessTheFigureItself(DryingMaterial material) {
        Dries dries = dries(material, material.referenceThickness().inMillimetres(), Climate.REFERENCE);
        assertThat(dries.likely()).isEqualTo(Catalogue.starting().time(material.figure()));
    }

    @Test
    void thinJointCompoundStaysInTheRangeOfTheTrade() {
        // 1 mm: 2.5–6 h to recoat
        assertThat(Times.inHours(dries(DryingMaterial.DRYING_COMPOUND, 1, Climate.REFERENCE)
                        .likely()))
                .isBetween(2.5, 6.0);
        // light filler of 6 mm: 2–4 h
        assertThat(Times.inHours(
                        dries(DryingMaterial.SPACKLE, 6, Climate.REFERENCE).likely()))
                .isBetween(2.0, 4.0);
    }

    @Test
    void settingIsNotAMatterOfTheAir() {
        Dries dry = dries(DryingMaterial.SETTING_COMPOUND, 5, Climate.of(21, 30, Air.MOVING));
        assertThat(dries(DryingMaterial.SETTING_COMPOUND, 5, Climate.of(21, 90, Air.STILL)))
                .isEqualTo(dry);
    }

    @Test
    void stillAirTakesHalfAsLongAgain() {
        Duration moving = dries(DryingMaterial.EMULSION, 0.1, Climate.of(18, 60, Air.MOVING))
                .likely();
        Duration still = dries(DryingMaterial.EMULSION, 0.1, Climate.of(18, 60, Air.STILL))
                .likely();
        assertThat(still.toSeconds()).isCloseTo(moving.toSeconds() * 3 / 2, Offset.offset(1L));
    }

    @Test
    void followsTheFigureOfTheOrganisation() {
        DryingModel own = new DryingModel(Catalogue.starting().with(Figure.DRY_EMULSION, 6));
        assertThat(own.wait(DryingMaterial.EMULSION, Length.ofMillimetres(0.1), Climate.REFERENCE))
                .isInstanceOfSatisfying(
                        Dries.class, dries -> assertThat(dries.likely()).isEqualTo(Duration.ofHours(6)));
    }

    @Nested
    class WhereNothingDries {
        @ParameterizedTest
        @CsvSource({"4.9, 50, TOO_COLD", "20, 95.1, TOO_DAMP", "20, 100, TOO_DAMP"})
        void itSaysSo(double celsius, double percent, DoesNotDry.Cause cause) {
            assertThat(model.wait(
                            DryingMaterial.EMULSION,
                            Length.ofMillimetres(0.1),
                            Climate.of(celsius, percent, Air.MOVING)))
                    .isEqualTo(new DoesNotDry(cause));
        }

        @Test
        void justInsideItStillDries() {
            assertThat(model.wait(DryingMaterial.EMULSION, Length.ofMillimetres(0.1), Climate.of(5, 95, Air.STILL)))
                    .isInstanceOf(Dries.class);
        }

        @Test
        void aPlanStandsOnTheReferenceAir() {
            assertThat(recoat(Wet.of(DryingMaterial.EMULSION)).likely(Climate.of(0, 99, Air.STILL), model))
                    .isEqualTo(Duration.ofHours(3));
        }
    }

    /** Hours in the reference air, by what something has to be ready for. */
    @ParameterizedTest(name = "{0} of {1} mm to {2}")
    @CsvSource({
        "DRYING_COMPOUND, 3, RECOAT, 17",
        "DRYING_COMPOUND, 1, SAND, 12",
        "DRYING_COMPOUND, 1, PAINT, 12",
        "DRYING_COMPOUND, 4, SAND, 26.17",
        "SETTING_COMPOUND, 3, RECOAT, 1.5",
        "SETTING_COMPOUND, 3, SAND, 1.5",
        "SETTING_COMPOUND, 3, PAINT, 6",
        "EMULSION, 0.1, RECOAT, 3",
        "EMULSION, 0.1, TAPE, 24",
        "EMULSION, 0.1, HANDLE, 0.75",
        "EMULSION, 0.1, CURE, 720",
        "TRIM_WATER, 0.1, TAPE, 24",
        "TRIM_WATER, 0.1, CURE, 720",
        "CAULK, 5, RECOAT, 1",
        "CAULK, 5, PAINT, 1",
        "PRIMER, 0.1, PAINT, 1.5"
    })
    void aWaitBelongsToWhatItIsFor(DryingMaterial material, double millimetres, Purpose purpose, double expected) {
        assertThat(hours(material, millimetres, purpose)).isCloseTo(expected, Offset.offset(0.05));
    }

    @ParameterizedTest
    @EnumSource
    void tapeNeverComesBeforeTheNextCoatWould(DryingMaterial material) {
        double thick = material.referenceThickness().inMillimetres();
        assertThat(hours(material, thick, Purpose.TAPE)).isGreaterThanOrEqualTo(hours(material, thick, Purpose.RECOAT));
        assertThat(hours(material, thick, Purpose.CURE)).isGreaterThanOrEqualTo(hours(material, thick, Purpose.TAPE));
        assertThat(hours(material, thick, Purpose.HANDLE)).isLessThanOrEqualTo(hours(material, thick, Purpose.RECOAT));
    }

    @Nested
    class WhatTheMakerSays {
        private final Wait slow = recoat(Wet.of(DryingMaterial.EMULSION, Optional.of(Duration.ofHours(6))));

        @Test
        void winsOverTheCatalogue() {
            assertThat(slow.likely(Climate.REFERENCE, model)).isEqualTo(Duration.ofHours(6));
        }

        @Test
        void isSaidOfTheNextCoatNotOfTape() {
            assertThat(new Wait(slow.wet(), Purpose.PAINT).likely(Climate.REFERENCE, model))
                    .isEqualTo(Duration.ofHours(6));
            assertThat(new Wait(slow.wet(), Purpose.TAPE).likely(Climate.REFERENCE, model))
                    .isEqualTo(Duration.ofHours(24));
        }

        @Test
        void isAMatterOfTheAirAsEveryWait() {
            Climate cool = Climate.of(16, 60, Air.STILL);
            double ratio =
                    recoat(Wet.of(DryingMaterial.EMULSION)).likely(cool, model).toSeconds() / (3 * 3600.0);
            assertThat(slow.likely(cool, model).toSeconds() / (6 * 3600.0)).isCloseTo(ratio, Offset.offset(1e-3));
            assertThat(slow.in(Climate.of(3, 50, Air.STILL), model))
                    .isEqualTo(new DoesNotDry(DoesNotDry.Cause.TOO_COLD));
        }
    }

    @Test
    void noLayerIsThickerThanAHandsBreadthOrThinnerThanAFilm() {
        assertThatThrownBy(() -> model.wait(DryingMaterial.PLASTER, Length.ofMillimetres(51), Climate.REFERENCE))
                .hasMessage("thickness must be 0.01–50 mm, was 51 mm");
    }

    @Test
    void colderDamperThickerNeverDriesFaster() {
        Random random = new Random(7);
        for (int n = 0; n < 2000; n++) {
            DryingMaterial material = DryingMaterial.values()[random.nextInt(DryingMaterial.values().length)];
            double celsius = 6 + 30 * random.nextDouble();
            double percent = 90 * random.nextDouble();
            double thickness = 0.1 + 10 * random.nextDouble();
            Dries base = dries(material, thickness, Climate.of(celsius, percent, Air.MOVING));
            assertThat(base.earliest()).isLessThanOrEqualTo(base.likely());
            assertThat(base.likely()).isLessThanOrEqualTo(base.safe());
            for (Dries worse : new Dries[] {
                dries(material, thickness, Climate.of(celsius - 1, percent, Air.MOVING)),
                dries(material, thickness, Climate.of(celsius, percent + 5, Air.MOVING)),
                dries(material, thickness + 1, Climate.of(celsius, percent, Air.MOVING)),
                dries(material, thickness, Climate.of(celsius, percent, Air.STILL))
            }) {
                assertThat(worse.likely()).isGreaterThanOrEqualTo(base.likely());
            }
        }
    }
}

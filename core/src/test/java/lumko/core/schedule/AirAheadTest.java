package lumko.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import lumko.core.drying.Climate;
import lumko.core.figure.Catalogue;
import lumko.core.schedule.AirAhead.Past;
import org.junit.jupiter.api.Test;

class AirAheadTest {
    private static final LocalDateTime WINTER = LocalDateTime.of(2026, 1, 14, 0, 0);
    private static final LocalDateTime SUMMER = LocalDateTime.of(2026, 7, 14, 0, 0);
    private static final Climate MEAN = Climate.of(19, 55, Climate.Air.STILL);

    private static AirAhead ahead(Climate mean) {
        return new AirAhead(mean, Catalogue.starting());
    }

    @Test
    void warmestInTheAfternoonColdestBeforeDawn() {
        assertThat(ahead(MEAN).at(WINTER.withHour(14)).temperature().inCelsius())
                .isCloseTo(20.5, within(0.1));
        assertThat(ahead(MEAN).at(SUMMER.withHour(3)).temperature().inCelsius()).isCloseTo(17.5, within(0.1));
    }

    @Test
    void theHeatingIsTurnedDownOnWinterNights() {
        double winter = ahead(MEAN).at(WINTER.withHour(3)).temperature().inCelsius();
        double summer = ahead(MEAN).at(SUMMER.withHour(3)).temperature().inCelsius();
        assertThat(summer - winter).isCloseTo(1, within(1e-9));
    }

    @Test
    void theMoistureStaysSoThatColdHoursAreDamp() {
        Climate night = ahead(MEAN).at(WINTER.withHour(4));
        double vapour = night.humidity().asShare() * Climate.saturationPressure(night.temperature());
        double mean = MEAN.humidity().asShare() * Climate.saturationPressure(MEAN.temperature());
        assertThat(vapour).isCloseTo(mean, within(1e-6));
        assertThat(night.humidity().inPercent()).isGreaterThan(MEAN.humidity().inPercent());
    }

    @Test
    void slowerThanUsualAtNightFasterInTheAfternoon() {
        List<Double> speeds = ahead(MEAN).speeds(WINTER, 48);
        assertThat(speeds).hasSize(48);
        assertThat(speeds.get(4)).isLessThan(1);
        assertThat(speeds.get(14)).isGreaterThan(1);
        assertThat(speeds.get(28)).isEqualTo(speeds.get(4));
    }

    @Test
    void aHeaterDriesFasterAsWarmerAirOfTheSameMoistureTakesUpMore() {
        assertThat(ahead(MEAN).byHeater()).isBetween(1.4, 2.2);
        assertThat(ahead(Climate.of(15, 75, Climate.Air.STILL)).byHeater())
                .isGreaterThan(ahead(MEAN).byHeater());
    }

    @Test
    void inAirThatIsNearlySaturatedAtNightHardlyAnythingDries() {
        List<Double> speeds = ahead(Climate.of(9, 92, Climate.Air.STILL)).speeds(WINTER, 24);
        assertThat(speeds).allSatisfy(speed -> assertThat(speed).isPositive());
        assertThat(speeds.get(4)).isLessThan(0.5);
    }

    /** Four days with a swing of 3 K, the last two of them 2 K warmer. */
    private static List<Past> lastDays() {
        List<Past> past = new ArrayList<>();
        for (int hour = 0; hour < 96; hour++) {
            LocalDateTime at = WINTER.minusHours(96).plusHours(hour);
            double celsius = (hour < 48 ? 17 : 19) + 3 * Math.cos((at.getHour() + 0.5 - 15) / 24 * 2 * Math.PI);
            past.add(new Past(at, Climate.of(celsius, 60, Climate.Air.STILL)));
        }
        return past;
    }

    @Test
    void theLastDaysOfASensorTellMeanSwingAndHowSureTheyAre() {
        AirAhead learnt = AirAhead.learnt(lastDays(), Catalogue.starting()).orElseThrow();
        assertThat(learnt.mean().temperature().inCelsius()).isCloseTo(18, within(0.05));
        double warmest = learnt.at(WINTER.withHour(14)).temperature().inCelsius();
        double coldest = learnt.at(WINTER.withHour(2)).temperature().inCelsius();
        assertThat(warmest - coldest).isCloseTo(6, within(0.3));
        assertThat(learnt.spread()).isGreaterThan(0.05);
        AirAhead steady =
                AirAhead.learnt(lastDays().subList(0, 48), Catalogue.starting()).orElseThrow();
        assertThat(steady.spread()).isLessThan(learnt.spread());
    }

    @Test
    void lessThanADayTellsNothing() {
        assertThat(AirAhead.learnt(lastDays().subList(0, 23), Catalogue.starting()))
                .isEmpty();
    }
}

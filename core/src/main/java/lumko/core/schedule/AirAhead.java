package lumko.core.schedule;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import lumko.core.quantity.Temperature;

/**
 * The air of a room over the coming hours, from what it is on average: warmest in the afternoon, coldest before dawn, cooler at
 * night while the heating is turned down. The moisture in it stays the same, so cold hours are damp ones.
 *
 * <p><i>Accuracy</i>: a daily swing of a heated or closed room is taken to be 1.5 K either way, 1 K more down at night from
 * October to April (ASSUMPTION; a flat with sun on the windows swings more).
 */
public final class AirAhead {
    private static final int WARMEST_HOUR = 15;
    private static final double SWING_K = 1.5;
    private static final double SETBACK_K = 1;
    private static final int HEATED_FROM = 10;
    private static final int HEATED_TO = 4;
    private static final int DAY_BEGINS = 6;
    private static final int DAY_ENDS = 22;
    private static final double DAMPEST_PCT = 99;
    private static final double COLDEST_C = -10;
    /** At which things are taken to dry in an hour in which they do not. */
    private static final double HARDLY = 0.05;
    /** What a heater adds. ASSUMPTION. */
    private static final double HEATER_K = 5;

    private static final Wait COAT = new Wait(Wet.of(DryingMaterial.EMULSION), Purpose.RECOAT);

    private final Climate mean;
    private final Catalogue figures;

    /**
     * @param mean the air as it was noted or read, taken for the mean of a day
     */
    public AirAhead(Climate mean, Catalogue figures) {
        this.mean = mean;
        this.figures = figures;
    }

    /** The air in the hour that begins at a moment. */
    public Climate at(LocalDateTime moment) {
        double angle = (moment.getHour() + 0.5 - WARMEST_HOUR) / 24 * 2 * Math.PI;
        int month = moment.getMonthValue();
        boolean isHeated = month >= HEATED_FROM || month <= HEATED_TO;
        boolean isNight = moment.getHour() < DAY_BEGINS || moment.getHour() >= DAY_ENDS;
        double celsius =
                mean.temperature().inCelsius() + SWING_K * Math.cos(angle) - (isHeated && isNight ? SETBACK_K : 0);
        return with(celsius);
    }

    /** How many times as fast it dries with a heater in the room, the moisture in the air being what it is. */
    public double byHeater() {
        return speed(with(mean.temperature().inCelsius() + HEATER_K));
    }

    /**
     * How fast emulsion dries in each hour from a moment on, 1 as in the mean air; other materials are taken to follow it.
     */
    public List<Double> speeds(LocalDateTime from, int hours) {
        List<Double> speeds = new ArrayList<>();
        for (int hour = 0; hour < hours; hour++) {
            speeds.add(speed(at(from.plusHours(hour))));
        }
        return speeds;
    }

    private double speed(Climate climate) {
        Air then = new Air(climate, figures);
        boolean dries = then.drying(COAT) instanceof Drying.Dries;
        double usual = new Air(mean, figures).likely(COAT).toSeconds();
        return dries ? Math.max(HARDLY, usual / then.likely(COAT).toSeconds()) : HARDLY;
    }

    /** The same moisture at another temperature. */
    private Climate with(double celsius) {
        Temperature then = Temperature.ofCelsius(Math.max(COLDEST_C, celsius));
        double vapour = mean.humidity().asShare() * Climate.saturationPressure(mean.temperature());
        double percent = 100 * vapour / Climate.saturationPressure(then);
        return Climate.of(then.inCelsius(), Math.min(DAMPEST_PCT, percent), mean.air());
    }
}

package lumko.core.schedule;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import lumko.core.quantity.Temperature;

/**
 * The air of a room over the coming hours: warmest in the afternoon, coldest before dawn. From the last days of a sensor, where
 * there is one, else from what the air is on average. The moisture in it stays the same, so cold hours are damp ones.
 *
 * <p><i>Accuracy</i>: what is learnt from the last days goes on as they were, with the spread of their means from day to day,
 * half a kelvin at least. Without them a daily swing of a heated or closed room is taken to be 1.5 K either way, 1 K more down at night from October to April, and the mean uncertain by 1.5 K (ASSUMPTION; a flat with sun on
 * the windows swings more).
 */
public final class AirAhead {
    private static final int WARMEST_HOUR = 15;
    private static final double SWING_K = 1.5;
    private static final double SETBACK_K = 1;
    private static final double USUAL_SPREAD_K = 1.5;
    private static final double LEAST_SPREAD_K = 0.5;
    private static final double MOST_SWING_K = 8;
    /** A day at least has to be known before its swing is. */
    private static final int LEAST_HOURS = 24;

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
    private final double swing;
    private final double setback;
    private final double spread;
    private final Catalogue figures;

    /** What a sensor said at a moment. */
    public record Past(LocalDateTime at, Climate climate) {}

    private AirAhead(Climate mean, double swing, double setback, double spread, Catalogue figures) {
        this.mean = mean;
        this.swing = swing;
        this.setback = setback;
        this.spread = spread;
        this.figures = figures;
    }

    /**
     * @param mean the air as it was noted or read, taken for the mean of a day
     */
    public AirAhead(Climate mean, Catalogue figures) {
        this(mean, SWING_K, SETBACK_K, USUAL_SPREAD_K, figures);
    }

    /**
     * From the last days of a sensor; empty if they are less than one.
     *
     * @param lastDays hour by hour
     */
    public static Optional<AirAhead> learnt(List<Past> lastDays, Catalogue figures) {
        if (lastDays.size() < LEAST_HOURS) {
            return Optional.empty();
        }
        double celsius =
                lastDays.stream().mapToDouble(AirAhead::celsius).average().orElseThrow();
        double vapour = lastDays.stream()
                .mapToDouble(past -> past.climate().humidity().asShare()
                        * Climate.saturationPressure(past.climate().temperature()))
                .average()
                .orElseThrow();
        double percent = 100 * vapour / Climate.saturationPressure(Temperature.ofCelsius(celsius));
        // the first harmonic of the day
        double swing = 2
                * lastDays.stream()
                        .mapToDouble(past -> (celsius(past) - celsius) * Math.cos(angle(past.at())))
                        .average()
                        .orElseThrow();
        return Optional.of(new AirAhead(
                Climate.of(
                        celsius,
                        Math.min(DAMPEST_PCT, percent),
                        lastDays.getLast().climate().air()),
                Math.clamp(swing, 0, MOST_SWING_K),
                0,
                Math.max(LEAST_SPREAD_K, spreadOfDays(lastDays, celsius)),
                figures));
    }

    private static double spreadOfDays(List<Past> lastDays, double celsius) {
        double[] means = lastDays.stream()
                .collect(Collectors.groupingBy(
                        past -> past.at().toLocalDate(), Collectors.averagingDouble(AirAhead::celsius)))
                .values()
                .stream()
                .mapToDouble(Double::doubleValue)
                .toArray();
        return means.length < 2
                ? USUAL_SPREAD_K
                : Math.sqrt(Arrays.stream(means)
                                .map(mean -> (mean - celsius) * (mean - celsius))
                                .sum()
                        / (means.length - 1));
    }

    private static double celsius(Past past) {
        return past.climate().temperature().inCelsius();
    }

    private static double angle(LocalDateTime moment) {
        return (moment.getHour() + 0.5 - WARMEST_HOUR) / 24 * 2 * Math.PI;
    }

    /** The mean of a day. */
    public Climate mean() {
        return mean;
    }

    /** How far off drying may be because the air may turn out otherwise: the standard deviation of its logarithm. */
    public double spread() {
        double warmer = speed(with(mean.temperature().inCelsius() + spread));
        double colder = speed(with(mean.temperature().inCelsius() - spread));
        return Math.log(warmer / colder) / 2;
    }

    /** The air in the hour that begins at a moment. */
    public Climate at(LocalDateTime moment) {
        int month = moment.getMonthValue();
        boolean isHeated = month >= HEATED_FROM || month <= HEATED_TO;
        boolean isNight = moment.getHour() < DAY_BEGINS || moment.getHour() >= DAY_ENDS;
        double celsius =
                mean.temperature().inCelsius() + swing * Math.cos(angle(moment)) - (isHeated && isNight ? setback : 0);
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

package lumko.core.drying;

import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;

/** The air of a room. */
public record Climate(Temperature temperature, RelativeHumidity humidity, Air air) {
    /** Whether the air moves over the wet surface: an open window or a fan on low. */
    public enum Air {
        STILL,
        MOVING
    }

    /** The air at which waiting times are given: 21 °C, 50 % relative humidity, moving. */
    public static final Climate REFERENCE = of(21, 50, Air.MOVING);

    public static Climate of(double celsius, double percent, Air air) {
        return new Climate(Temperature.ofCelsius(celsius), RelativeHumidity.ofPercent(percent), air);
    }

    /**
     * Pressure of saturated water vapour over water, in pascals. Source: WMO No. 8 (2018), Annex 4.B, Magnus form with
     * constants 6.112 hPa, 17.62, 243.12 °C. Valid for −45 to 60 °C; accuracy 0.6 %.
     */
    public static double saturationPressure(Temperature temperature) {
        double t = temperature.inCelsius();
        return 611.2 * Math.exp(17.62 * t / (243.12 + t));
    }

    /** How much vapour the air could still take up, in pascals: what dries a wet wall. Nothing in saturated air. */
    public double vapourPressureDeficit() {
        return saturationPressure(temperature) * (1 - humidity.asShare());
    }

    /**
     * The temperature at which this air would start to wet a wall. Source: inverse of the Magnus form above. In bone-dry air
     * there is none; the lowest temperature of its range, −30 °C, is given.
     */
    public Temperature dewPoint() {
        if (humidity.inPercent() < 1) {
            return Temperature.ofCelsius(-30);
        }
        double t = temperature.inCelsius();
        double gamma = Math.log(humidity.asShare()) + 17.62 * t / (243.12 + t);
        return Temperature.ofCelsius(Math.max(-30, 243.12 * gamma / (17.62 - gamma)));
    }
}

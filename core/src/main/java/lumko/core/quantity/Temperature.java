package lumko.core.quantity;

/** The temperature of room air or of a wall, −30 to 60 °C: beyond that nobody is painting and a sensor or a finger has slipped. */
public record Temperature(double inCelsius) {
    /** What a temperature in a room can be. */
    public static final Limits RANGE = new Limits("temperature", -30, 60, "°C");

    public Temperature {
        RANGE.check(inCelsius);
    }

    public static Temperature ofCelsius(double celsius) {
        return new Temperature(celsius);
    }

    public static Temperature ofFahrenheit(double fahrenheit) {
        return new Temperature((fahrenheit - 32) / 1.8);
    }

    public double inFahrenheit() {
        return inCelsius * 1.8 + 32;
    }
}

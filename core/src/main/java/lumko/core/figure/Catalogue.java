package lumko.core.figure;

import java.time.Duration;
import java.util.EnumMap;
import java.util.Map;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Times;

/** The figures in force: the starting values, with those that an organisation has set in their place. Immutable. */
public final class Catalogue {
    private static final Catalogue STARTING = new Catalogue(Map.of());

    private final Map<Figure, Double> set;

    private Catalogue(Map<Figure, Double> set) {
        this.set = set.isEmpty() ? new EnumMap<>(Figure.class) : new EnumMap<>(set);
    }

    /** The catalogue before anybody has changed anything. */
    public static Catalogue starting() {
        return STARTING;
    }

    /** The starting values with the given ones in their place. */
    public static Catalogue of(Map<Figure, Double> set) {
        Catalogue catalogue = STARTING;
        for (Map.Entry<Figure, Double> entry : set.entrySet()) {
            catalogue = catalogue.with(entry.getKey(), entry.getValue());
        }
        return catalogue;
    }

    /**
     * The same catalogue with one figure set.
     *
     * @throws lumko.core.quantity.OutOfRangeException if the value is outside the figure's range
     */
    public Catalogue with(Figure figure, double value) {
        new Limits(figure.name(), figure.low(), figure.high(), "").check(value);
        Catalogue changed = new Catalogue(set);
        changed.set.put(figure, value);
        return changed;
    }

    public double value(Figure figure) {
        Double own = set.get(figure);
        return own == null ? figure.startingValue() : own;
    }

    /** A figure in minutes, times a count, a length in metres or an area in square metres. */
    public Duration minutes(Figure figure, double times) {
        return Times.ofMinutes(value(figure) * times);
    }

    /** A figure in millimetres or metres. */
    public Length length(Figure figure) {
        return figure.unit() == FigureUnit.METRES
                ? Length.ofMetres(value(figure))
                : Length.ofMillimetres(value(figure));
    }

    /** A figure in per cent as a share, 0–1. */
    public double share(Figure figure) {
        return value(figure) / 100;
    }

    public int count(Figure figure) {
        return (int) Math.round(value(figure));
    }
}

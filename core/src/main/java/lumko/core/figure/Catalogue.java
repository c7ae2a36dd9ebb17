package lumko.core.figure;

import java.time.Duration;
import java.util.EnumMap;
import java.util.Map;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;

/**
 * The figures in force: the starting values, with those that an organisation has set in their place. Immutable. Each is
 * answered as the quantity that its unit makes of it; asking for another is a mistake of the caller.
 */
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

    /** The number in the figure's own unit, for showing and setting it. */
    public double value(Figure figure) {
        Double own = set.get(figure);
        return own == null ? figure.startingValue() : own;
    }

    private double in(Figure figure, FigureUnit... units) {
        for (FigureUnit unit : units) {
            if (figure.unit() == unit) {
                return value(figure);
            }
        }
        throw new IllegalArgumentException(figure + " is counted in " + figure.unit());
    }

    // ---- minutes of the hand

    /** Minutes that something takes once. */
    public Duration once(Figure figure) {
        return Times.ofMinutes(in(figure, FigureUnit.MINUTES));
    }

    /** Minutes each, so many times. */
    public Duration each(Figure figure, double count) {
        return Times.ofMinutes(in(figure, FigureUnit.MINUTES_EACH) * count);
    }

    /** Minutes along a length. */
    public Duration along(Figure figure, Length length) {
        return Times.ofMinutes(in(figure, FigureUnit.MINUTES_PER_METRE) * length.inMetres());
    }

    /** Minutes over an area. */
    public Duration over(Figure figure, Area area) {
        return Times.ofMinutes(in(figure, FigureUnit.MINUTES_PER_SQUARE_METRE) * area.inSquareMetres());
    }

    /** What a volume costs in minutes of the hand. */
    public Duration worth(Figure figure, Volume volume) {
        return Times.ofMinutes(in(figure, FigureUnit.MINUTES_PER_LITRE) * volume.inLitres());
    }

    // ---- the rest

    /** A wait or a limit of time. */
    public Duration time(Figure figure) {
        double value = in(figure, FigureUnit.HOURS, FigureUnit.DAYS, FigureUnit.MINUTES);
        if (figure.unit() == FigureUnit.MINUTES) {
            return Times.ofMinutes(value);
        }
        return Times.ofHours(figure.unit() == FigureUnit.DAYS ? value * 24 : value);
    }

    public Length length(Figure figure) {
        double value = in(figure, FigureUnit.METRES, FigureUnit.MILLIMETRES, FigureUnit.MICROMETRES);
        return switch (figure.unit()) {
            case METRES -> Length.ofMetres(value);
            case MICROMETRES -> Length.ofMillimetres(value / 1000);
            default -> Length.ofMillimetres(value);
        };
    }

    public Area area(Figure figure) {
        return Area.ofSquareMetres(in(figure, FigureUnit.SQUARE_METRES));
    }

    public Volume volume(Figure figure) {
        return Volume.ofLitres(in(figure, FigureUnit.LITRES));
    }

    /** What a coat over an area takes, by how far a litre goes. */
    public Volume coat(Figure figure, Area area) {
        return Volume.ofLitres(area.inSquareMetres() / in(figure, FigureUnit.SQUARE_METRES_PER_LITRE));
    }

    /** What goes into a bucket for an area. */
    public Volume dose(Figure figure, Area area) {
        return Volume.ofMillilitres(area.inSquareMetres() * in(figure, FigureUnit.MILLILITRES_PER_SQUARE_METRE));
    }

    public double factor(Figure figure) {
        return in(figure, FigureUnit.FACTOR);
    }

    /** A figure in per cent as a share, 0–1. */
    public double share(Figure figure) {
        return in(figure, FigureUnit.PERCENT) / 100;
    }

    public int count(Figure figure) {
        return (int) Math.round(in(figure, FigureUnit.COUNT));
    }

    /** A limit on a scale of its own: gloss units, lightness, chroma, colour difference, years, a year, degrees, a density. */
    public double limit(Figure figure) {
        return in(
                figure,
                FigureUnit.GLOSS_UNITS,
                FigureUnit.LIGHTNESS,
                FigureUnit.CHROMA,
                FigureUnit.COLOUR_DIFFERENCE,
                FigureUnit.YEARS,
                FigureUnit.YEAR,
                FigureUnit.DEGREES_CELSIUS,
                FigureUnit.KELVIN,
                FigureUnit.PER_SQUARE_METRE,
                FigureUnit.DAYS,
                FigureUnit.PERCENT);
    }
}

package lumko.core.film;

import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.WindowLight;
import lumko.core.paint.Binder;
import lumko.core.record.Age;

/**
 * What a wall's colour has become since it was painted: soil darkens it, binder yellows, daylight bleaches. All rates are
 * ASSUMPTIONS such that a living room's wall that nobody has washed shifts by about 0.15 ΔE00 a year, the figure of the
 * verdict; the range is wide, and a reading replaces it.
 *
 * @param likely the colour today
 * @param uncertainty how far it may be off, ΔE00
 */
public record Ageing(Lab likely, double uncertainty) {
    /** As long as flats are let between two coats. ASSUMPTION. */
    public static final double USUAL_YEARS = 2;

    /** Hardly a coat in a let flat is older. ASSUMPTION. */
    private static final double MOST_YEARS = 5;

    private static final double SOIL_A_YEAR = 0.15;
    private static final double YELLOW_A_YEAR = 0.1;
    private static final double YELLOW_SOLVENT_A_YEAR = 0.6;
    private static final double BLEACHED_A_YEAR = 0.02;

    /** Of soil, so much stays after a wash. */
    private static final double LEFT_AFTER_WASHING = 0.3;

    /** Of the whole shift, so much is uncertain either way. */
    private static final double RANGE = 0.6;

    /**
     * @param age where nobody knows it, the likely colour is that after a usual time and the range reaches from a fresh coat to
     *     an old one
     * @param gloss60 a sheen takes less soil than a matt film
     * @param isWashed whether it was washed before it is looked at
     */
    public static Ageing of(
            Lab fresh, Age age, RoomKind room, WindowLight light, double gloss60, Binder binder, boolean isWashed) {
        double soil = SOIL_A_YEAR * soiling(room) * (gloss60 > 10 ? 0.6 : 1) * (isWashed ? LEFT_AFTER_WASHING : 1);
        double yellow = binder == Binder.SOLVENTBORNE ? YELLOW_SOLVENT_A_YEAR : YELLOW_A_YEAR;
        double kept = 1 - BLEACHED_A_YEAR * bleaching(light);
        return switch (age) {
            case Age.Known known -> {
                Lab today = after(known.years(), fresh, soil, yellow, kept);
                yield new Ageing(today, RANGE * ColourDifference.between(fresh, today));
            }
            case Age.Unknown() -> {
                Lab usual = after(USUAL_YEARS, fresh, soil, yellow, kept);
                Lab old = after(MOST_YEARS, fresh, soil, yellow, kept);
                yield new Ageing(
                        usual, Math.max(ColourDifference.between(fresh, usual), ColourDifference.between(usual, old)));
            }
        };
    }

    private static Lab after(double years, Lab fresh, double soilAYear, double yellowAYear, double keptAYear) {
        double soil = soilAYear * years;
        double bleached = Math.pow(keptAYear, years);
        return new Lab(
                Math.max(0, fresh.lightness() - soil),
                fresh.a() * bleached,
                fresh.b() * bleached + yellowAYear * years + soil * 0.2);
    }

    private static double soiling(RoomKind room) {
        return switch (room) {
            case KITCHEN -> 2;
            case HALL, STAIRS -> 1.4;
            case LIVING -> 1;
            case BEDROOM, BATH -> 0.8;
        };
    }

    private static double bleaching(WindowLight light) {
        return switch (light) {
            case FACING -> 1.2;
            case FROM_LEFT, FROM_RIGHT -> 1;
            case SAME_WALL -> 0.5;
            case NONE -> 0.2;
        };
    }
}

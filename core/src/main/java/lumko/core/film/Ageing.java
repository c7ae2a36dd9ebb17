package lumko.core.film;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.WindowLight;
import lumko.core.paint.Binder;

/**
 * What a wall's colour has become since it was painted: soil darkens it, binder yellows, daylight bleaches. All rates are
 * ASSUMPTIONS in the order of what is seen on let walls; the range is wide, and a reading replaces it.
 *
 * @param likely the colour today
 * @param uncertainty how far it may be off, ΔE00
 */
public record Ageing(Lab likely, double uncertainty) {
    /** Where nobody knows since when: as long as flats are let between two coats. ASSUMPTION. */
    public static final double YEARS_UNKNOWN = 2;

    private static final double DAYS_A_YEAR = 365.25;
    private static final double SOIL_A_YEAR = 0.35;
    private static final double YELLOW_A_YEAR = 0.15;
    private static final double YELLOW_SOLVENT_A_YEAR = 0.6;
    private static final double BLEACHED_A_YEAR = 0.02;

    /** Of soil, so much stays after a wash. */
    private static final double LEFT_AFTER_WASHING = 0.3;

    /** Of the whole shift, so much is uncertain either way. */
    private static final double RANGE = 0.6;

    /**
     * @param years since it was put on, 0 or more
     * @param gloss60 a sheen takes less soil than a matt film
     * @param isWashed whether it was washed before it is looked at
     */
    public static Ageing of(
            Lab fresh,
            double years,
            RoomKind room,
            WindowLight light,
            double gloss60,
            Binder binder,
            boolean isWashed) {
        double soil = SOIL_A_YEAR * years * soiling(room) * (gloss60 > 10 ? 0.6 : 1);
        if (isWashed) {
            soil *= LEFT_AFTER_WASHING;
        }
        double yellow = (binder == Binder.SOLVENTBORNE ? YELLOW_SOLVENT_A_YEAR : YELLOW_A_YEAR) * years;
        double bleached = Math.pow(1 - BLEACHED_A_YEAR * bleaching(light), years);
        Lab today = new Lab(
                Math.max(0, fresh.lightness() - soil),
                fresh.a() * bleached,
                fresh.b() * bleached + yellow + soil * 0.2);
        return new Ageing(today, RANGE * ColourDifference.between(fresh, today));
    }

    /** Years since a coat was put on, 0 or more. */
    public static double years(Optional<LocalDate> appliedOn, LocalDate today) {
        return appliedOn
                .map(day -> Math.max(0, ChronoUnit.DAYS.between(day, today)) / DAYS_A_YEAR)
                .orElse(YEARS_UNKNOWN);
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

package lumko.core.film;

import java.util.List;
import lumko.core.quantity.Area;

/**
 * How light a room is by what its surfaces give back.
 *
 * @param reflectance mean over all surfaces by area, 0–1
 * @param gain how many times as much light there is as comes in directly: 1 / (1 − reflectance), as in an integrating sphere;
 *     an estimate
 */
public record RoomLight(double reflectance, double gain) {
    /** A floor nobody has looked at. ASSUMPTION: wood or carpet. */
    public static final double FLOOR = 0.2;

    /** A surface nobody knows. ASSUMPTION: an even middle grey. */
    public static final double UNKNOWN = 0.5;

    /** Below this a small room is felt to be dark. ASSUMPTION. */
    private static final double DARK_BELOW = 0.4;

    private static final double SMALL_SQUARE_METRES = 9;

    /** A surface and how much of daylight it gives back, 0–1. */
    public record Part(Area area, double reflectance) {}

    /** @throws IllegalArgumentException if there is no surface */
    public static RoomLight of(List<Part> parts) {
        double area =
                parts.stream().mapToDouble(part -> part.area().inSquareMetres()).sum();
        if (!(area > 0)) {
            throw new IllegalArgumentException("a room has surfaces");
        }
        double mean = parts.stream()
                        .mapToDouble(part -> part.area().inSquareMetres() * part.reflectance())
                        .sum()
                / area;
        return new RoomLight(mean, 1 / (1 - Math.min(0.98, mean)));
    }

    /** Whether a colour that takes it from one to the other drops a small room into the dark. */
    public static boolean drops(RoomLight before, RoomLight after, Area floor) {
        return floor.inSquareMetres() <= SMALL_SQUARE_METRES
                && after.reflectance < DARK_BELOW
                && after.reflectance < before.reflectance - 0.05;
    }
}

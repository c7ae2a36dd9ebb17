package lumko.core.geometry;

import lumko.core.quantity.Length;

/**
 * How large openings and fittings usually are and how high they stand, where nobody measures: leaves of doors as they are sold,
 * sockets and switches at the heights of new houses, the rest as met in flats. ASSUMPTIONS; what is measured goes before them.
 *
 * @param bottom above the floor, where it is on a wall
 */
public record UsualSize(Length width, Length height, Length bottom) {
    /** Where things are made to which measures. */
    public enum Market {
        METRIC,
        US
    }

    private static UsualSize millimetres(double width, double height, double bottom) {
        return new UsualSize(Length.ofMillimetres(width), Length.ofMillimetres(height), Length.ofMillimetres(bottom));
    }

    private static UsualSize inches(double width, double height, double bottom) {
        return millimetres(width * 25.4, height * 25.4, bottom * 25.4);
    }

    public static UsualSize of(Opening.Kind kind, Market market) {
        boolean isUs = market == Market.US;
        return switch (kind) {
            case DOOR -> isUs ? inches(32, 80, 0) : millimetres(860, 2040, 0);
            case WINDOW -> isUs ? inches(36, 48, 36) : millimetres(1200, 1200, 900);
            case PASSAGE -> isUs ? inches(36, 80, 0) : millimetres(900, 2100, 0);
        };
    }

    public static UsualSize of(Fitting.Kind kind, Market market) {
        boolean isUs = market == Market.US;
        return switch (kind) {
            case SOCKET -> isUs ? inches(2.75, 4.5, 12) : millimetres(146, 86, 450);
            case SWITCH -> isUs ? inches(2.75, 4.5, 46) : millimetres(86, 86, 1100);
            case WALL_LIGHT -> millimetres(200, 300, 1700);
            case RADIATOR -> millimetres(1000, 600, 150);
            case RADIATOR_COVER -> millimetres(1200, 850, 0);
            case RAIL -> millimetres(1600, 40, 2150);
            case BLIND -> millimetres(1200, 100, 2100);
            case VENT_COVER -> isUs ? inches(12, 8, 84) : millimetres(200, 200, 2150);
            case STRIPS -> millimetres(2000, 45, 900);
            case CEILING_LIGHT -> millimetres(300, 300, 0);
            case SMOKE_ALARM -> millimetres(120, 120, 2200);
            case CEILING_FAN -> millimetres(1200, 1200, 0);
        };
    }

    /** How large a fixture usually is. Shelves and what else lies flat have their depth for a height. */
    public static UsualSize of(Fixture.Kind kind, Market market) {
        boolean isUs = market == Market.US;
        return switch (kind) {
            case DOOR -> of(Opening.Kind.DOOR, market);
            case WINDOW -> of(Opening.Kind.WINDOW, market);
            case RADIATOR -> of(Fitting.Kind.RADIATOR, market);
            case SHELVES -> isUs ? inches(36, 12, 0) : millimetres(900, 300, 0);
            case PANELLING -> isUs ? inches(96, 36, 0) : millimetres(2400, 900, 0);
            case CUPBOARD -> isUs ? inches(36, 84, 0) : millimetres(900, 2100, 0);
            case GRILLE -> of(Fitting.Kind.VENT_COVER, market);
            case METALWORK -> isUs ? inches(36, 36, 0) : millimetres(1000, 900, 0);
        };
    }
}

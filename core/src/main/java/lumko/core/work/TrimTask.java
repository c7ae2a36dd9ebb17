package lumko.core.work;

import java.util.Optional;
import lumko.core.film.DataSheet;
import lumko.core.hold.Binder;
import lumko.core.hold.Holding;
import lumko.core.quantity.Length;

/**
 * The trim of a room that is to be painted.
 *
 * @param skirting metres of skirting, doors left out
 * @param doorSides sides of doors with their frames that belong to the room
 * @param sheet what the maker says of the paint that goes on
 */
public record TrimTask(
        String key,
        Length skirting,
        int doorSides,
        int windows,
        String paint,
        Binder binder,
        Holding holding,
        Optional<DataSheet> sheet) {}

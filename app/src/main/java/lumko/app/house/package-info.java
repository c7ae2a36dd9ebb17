/**
 * Houses, flats, rooms and surfaces: the record of what is there and what has been put on it.
 */
@ApplicationModule(allowedDependencies = {"account", "catalogue", "drawing", "history", "platform", "store"})
@NullMarked
package lumko.app.house;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

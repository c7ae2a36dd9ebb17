/**
 * Finding anything from anywhere: flats, rooms, colours, products, tins, places, people; where a paint is, and what nobody has
 * identified.
 */
@ApplicationModule(allowedDependencies = {"account", "catalogue", "history", "house", "kept", "platform", "store"})
@NullMarked
package lumko.app.find;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

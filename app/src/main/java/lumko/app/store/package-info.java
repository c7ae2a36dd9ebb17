/**
 * Tins on their shelves, with what is left in them.
 */
@ApplicationModule(allowedDependencies = {"account", "catalogue", "history", "platform"})
@NullMarked
package lumko.app.store;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

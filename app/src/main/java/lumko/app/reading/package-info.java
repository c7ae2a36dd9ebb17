/**
 * Readings of walls with a colour reader, and which paint they may be.
 */
@ApplicationModule(allowedDependencies = {"account", "catalogue", "formats", "history", "house", "platform", "store"})
@NullMarked
package lumko.app.reading;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

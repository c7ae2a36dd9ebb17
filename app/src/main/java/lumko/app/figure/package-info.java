/**
 * The figures that an organisation has set for itself.
 */
@ApplicationModule(allowedDependencies = {"account", "platform"})
@NullMarked
package lumko.app.figure;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

/**
 * Products and colours of an organisation: what is known of them, and which entries are one.
 */
@ApplicationModule(allowedDependencies = {"account", "history", "platform"})
@NullMarked
package lumko.app.catalogue;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

/**
 * Who did what to a flat, a surface or a mark, and when: written once, never changed.
 */
@ApplicationModule(allowedDependencies = {"account", "platform"})
@NullMarked
package lumko.app.history;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

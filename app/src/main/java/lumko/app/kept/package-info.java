/**
 * Results worth finding again, kept for a tin, a surface or a job.
 */
@ApplicationModule(allowedDependencies = {"account", "house", "platform", "store"})
@NullMarked
package lumko.app.kept;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

/**
 * The house practice of the organisation, and what is done otherwise in one job.
 */
@ApplicationModule(allowedDependencies = {"account", "platform"})
@NullMarked
package lumko.app.practice;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

/**
 * Organisations, their people, signing in, and who may change what.
 */
@ApplicationModule(allowedDependencies = {"platform"})
@NullMarked
package lumko.app.account;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

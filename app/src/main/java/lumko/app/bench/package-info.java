/**
 * The bench: two colours side by side, how to get from one to the other, and how one hides the other.
 */
@ApplicationModule(allowedDependencies = {"account", "catalogue", "figure", "house", "kept", "platform", "store"})
@NullMarked
package lumko.app.bench;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

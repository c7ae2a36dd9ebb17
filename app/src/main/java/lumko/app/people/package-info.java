/**
 * Who works here, who was let in and who was not, and what was done by whom.
 */
@ApplicationModule(allowedDependencies = {"account", "history", "house", "platform", "sheet"})
@NullMarked
package lumko.app.people;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

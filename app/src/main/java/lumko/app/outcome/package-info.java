/**
 * What was predicted for a wall when it was decided on and when its work was done, and what was seen of it afterwards. Chances
 * are the program's own estimates until enough of this has been kept to judge them by.
 */
@ApplicationModule(allowedDependencies = {"account", "history", "house", "learnt", "platform", "walk"})
@NullMarked
package lumko.app.outcome;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

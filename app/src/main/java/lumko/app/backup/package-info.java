/** The whole database in a file, checked by coming back from it, and back. Knows nothing of what is in it. */
@ApplicationModule(allowedDependencies = {})
@NullMarked
package lumko.app.backup;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

/** What an organisation's kept outcomes have taught: the model that chances are corrected by. */
@ApplicationModule(allowedDependencies = {"platform"})
@NullMarked
package lumko.app.learnt;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

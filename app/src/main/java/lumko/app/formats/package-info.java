/**
 * Open formats of colour measurements: CGATS.17, CxF/X-4 and tables, read and written.
 */
@ApplicationModule(allowedDependencies = {"catalogue", "platform"})
@NullMarked
package lumko.app.formats;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

/**
 * Open formats in and out: colours as CGATS.17, CxF3 and CSV. Files are hostile until read: sizes are bounded, nothing is
 * allocated by a declared count, no document type or entity of XML is followed.
 */
@ApplicationModule(allowedDependencies = {"account", "catalogue", "formats", "house", "platform", "store"})
@NullMarked
package lumko.app.exchange;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

/**
 * What every feature stands on and no feature is: rows that belong to an organisation, forms with clear sentences, words and
 * units, error pages, the clock. No word of the trade.
 */
@ApplicationModule(allowedDependencies = {})
@NullMarked
package lumko.app.platform;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;

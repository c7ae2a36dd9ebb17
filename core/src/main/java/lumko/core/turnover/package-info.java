/** Where a flat stands between two tenants. */
@NullMarked
package lumko.core.turnover;

import org.jspecify.annotations.NullMarked;

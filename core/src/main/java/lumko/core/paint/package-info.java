/** Paint as it is bought: what it is thinned with, its sheen, what its maker says of a coat of it, and its batch. */
@NullMarked
package lumko.core.paint;

import org.jspecify.annotations.NullMarked;

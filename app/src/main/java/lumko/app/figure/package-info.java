/**
 * The figures that an organisation has set for itself.
 */
@NullMarked
package lumko.app.figure;

import org.jspecify.annotations.NullMarked;

/**
 * Readings of walls with a colour reader, and which paint they may be.
 */
@NullMarked
package lumko.app.reading;

import org.jspecify.annotations.NullMarked;

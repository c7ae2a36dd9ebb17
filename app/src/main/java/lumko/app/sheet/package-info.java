/**
 * The sheet: steps with figures, ticks, drying clocks; closing it writes the record.
 */
@NullMarked
package lumko.app.sheet;

import org.jspecify.annotations.NullMarked;

/**
 * What to do with a wall: leave, dab, feather or roll, by expected minutes, with hard rules first and reasons as findings.
 */
@NullMarked
package lumko.core.judge;

import org.jspecify.annotations.NullMarked;

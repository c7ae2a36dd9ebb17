/**
 * Walking a wall: marks, the paint question, the verdict.
 */
@NullMarked
package lumko.app.walk;

import org.jspecify.annotations.NullMarked;

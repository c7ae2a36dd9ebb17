/**
 * The words a job is written in: kinds of step and their stages, tools, materials, waits, deadlines and cautions, and the
 * single task that a repair or a coat asks for.
 */
@NullMarked
package lumko.core.step;

import org.jspecify.annotations.NullMarked;

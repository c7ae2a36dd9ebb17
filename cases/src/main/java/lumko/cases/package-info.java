/**
 * Jobs and cases as they are written in the frozen words of painters, read into the core's own: what the command line answers and the
 * application is tried with.
 */
@NullMarked
package lumko.cases;

import org.jspecify.annotations.NullMarked;

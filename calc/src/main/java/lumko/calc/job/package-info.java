/**
 * Whole jobs from the command line: a situation in the frozen words of painters to the verdicts and the plan of the core, and
 * cases, which say what good painters would do, held against them.
 */
@NullMarked
package lumko.calc.job;

import org.jspecify.annotations.NullMarked;

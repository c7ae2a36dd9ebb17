/**
 * The house practice of the organisation, and what is done otherwise in one job.
 */
@NullMarked
package lumko.app.practice;

import org.jspecify.annotations.NullMarked;

/**
 * Results worth finding again, kept for a tin, a surface or a job.
 */
@NullMarked
package lumko.app.kept;

import org.jspecify.annotations.NullMarked;

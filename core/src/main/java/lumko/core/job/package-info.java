/**
 * What is done on a visit: the activities of a job, built phase by phase (protect, prepare, coat, trim, close), the order
 * between them and why, and the views in which they are merged so that tools come out once.
 */
@NullMarked
package lumko.core.job;

import org.jspecify.annotations.NullMarked;

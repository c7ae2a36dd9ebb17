/**
 * What is done to walls, in order: steps with labour, material, waits and cautions, merged over walls so that tools come
 * out once.
 */
@NullMarked
package lumko.core.work;

import org.jspecify.annotations.NullMarked;

/**
 * What can be wrong with a wall: a closed set of kinds, each with the measures it needs, and marks that place them.
 */
@NullMarked
package lumko.core.fault;

import org.jspecify.annotations.NullMarked;

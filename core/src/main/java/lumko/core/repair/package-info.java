/**
 * How a fault is made good: filler, number of fills, volume, knife, size of the finished spot.
 */
@NullMarked
package lumko.core.repair;

import org.jspecify.annotations.NullMarked;

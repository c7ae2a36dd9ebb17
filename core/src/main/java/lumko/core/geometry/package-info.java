/**
 * Rooms and their walls as they stand: outline, openings, fittings, texture and where window light comes from. A wall
 * does not know how it is repaired.
 */
@NullMarked
package lumko.core.geometry;

import org.jspecify.annotations.NullMarked;

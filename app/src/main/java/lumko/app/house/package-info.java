/**
 * Houses, flats, rooms and surfaces: the record of what is there and what has been put on it.
 */
@NullMarked
package lumko.app.house;

import org.jspecify.annotations.NullMarked;

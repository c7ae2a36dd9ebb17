/**
 * Finding anything from anywhere: flats, rooms, colours, products, tins, places, people; where a paint is, and what nobody has
 * identified.
 */
@NullMarked
package lumko.app.find;

import org.jspecify.annotations.NullMarked;

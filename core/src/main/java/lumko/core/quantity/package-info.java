/**
 * Physical quantities that cross a method boundary, each naming its unit where a number goes in or comes out. SI inside;
 * rounding and units of display belong to whoever shows them.
 */
@NullMarked
package lumko.core.quantity;

import org.jspecify.annotations.NullMarked;

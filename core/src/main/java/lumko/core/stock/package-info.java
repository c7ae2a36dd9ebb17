/**
 * Tins: which to open and which to buy for the litres a job needs.
 */
@NullMarked
package lumko.core.stock;

import org.jspecify.annotations.NullMarked;

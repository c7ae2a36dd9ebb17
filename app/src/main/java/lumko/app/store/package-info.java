/**
 * Tins on their shelves, with what is left in them.
 */
@NullMarked
package lumko.app.store;

import org.jspecify.annotations.NullMarked;

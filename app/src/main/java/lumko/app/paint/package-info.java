/**
 * Products, colours and tins: the store.
 */
@NullMarked
package lumko.app.paint;

import org.jspecify.annotations.NullMarked;

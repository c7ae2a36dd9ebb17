/**
 * Products and colours of an organisation: what is known of them, and which entries are one.
 */
@NullMarked
package lumko.app.catalogue;

import org.jspecify.annotations.NullMarked;
